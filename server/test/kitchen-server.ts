import { randomUUID } from 'node:crypto';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { FastifyInstance, InjectOptions } from 'fastify';
import { Client } from 'pg';
import { buildApp } from '../src/build-app';
import type { ServerConfig } from '../src/config';

/** Where mails go in tests. */
export const testOutbox = join(tmpdir(), `wellhydra-test-outbox-${process.pid}`);

/** The database that each test file's own is cloned from. */
export const TEMPLATE = 'wellhydra_template';

/** Where labels are printed to in tests. */
export const testSpool = join(tmpdir(), 'wellhydra-test-spool');

/** Address of the throwaway database server that the test command started. */
export function testDatabase(): string {
  const url = process.env.TEST_DATABASE_URL;
  if (!url)
    throw new Error('TEST_DATABASE_URL is not set: run the tests with `npm test`, which starts a database for them.');
  return url;
}

/** A database of this name on the throwaway server. */
export const databaseNamed = (name: string): string => testDatabase().replace(/\/[^/]*$/, `/${name}`);

/** Makes a database of its own for one test file: up to date, with nothing in it. */
export async function freshDatabase(template = TEMPLATE): Promise<string> {
  const name = `t_${randomUUID().replaceAll('-', '')}`;
  const client = new Client({ connectionString: testDatabase() });
  await client.connect();
  await client.query(`CREATE DATABASE ${name} TEMPLATE ${template}`);
  await client.end();
  return databaseNamed(name);
}

/** Makes a database without a schema. */
export const emptyDatabase = (): Promise<string> => freshDatabase('template0');

export async function startServer(databaseUrl: string, changes: Partial<ServerConfig> = {}): Promise<FastifyInstance> {
  const app = await buildApp({
    databaseUrl,
    host: '127.0.0.1',
    port: 0,
    demo: false,
    spoolFolder: testSpool,
    outboxFolder: testOutbox,
    mailFrom: 'Wellhydra <wellhydra@localhost>',
    publicUrl: 'http://localhost:4870',
    logLevel: 'silent',
    strictAnswers: true,
    requestsPerMinute: 100_000,
    signInsPerQuarter: 5,
    ...changes,
  });
  await app.ready();
  return app;
}

/** A person with a kitchen of their own, who sends requests to a server. */
export interface Cook {
  readonly cookie: string;
  readonly send: (method: string, url: string, payload?: unknown) => Promise<{ status: number; json: any }>;
}

export async function send(
  app: FastifyInstance,
  method: string,
  url: string,
  payload?: unknown,
  headers: Record<string, string> = {},
) {
  const options: InjectOptions = { method: method as 'GET', url, headers };
  if (payload !== undefined) options.payload = payload as object;
  const answer = await app.inject(options);
  const isJson = String(answer.headers['content-type'] ?? '').includes('application/json');
  return { status: answer.statusCode, json: isJson ? answer.json() : undefined, answer };
}

export function cookWith(app: FastifyInstance, cookie: string): Cook {
  return { cookie, send: (method, url, payload) => send(app, method, url, payload, { cookie }) };
}

export const cookieOf = (answer: { headers: Record<string, unknown> }): string =>
  String(answer.headers['set-cookie']).split(';')[0] as string;

let people = 0;
/** Registers somebody new with a new kitchen. */
export async function newCook(app: FastifyInstance, more: object = {}): Promise<Cook> {
  people += 1;
  const body = {
    name: `Cook ${people}`,
    email: `cook${people}-${randomUUID().slice(0, 8)}@example.test`,
    password: 'a long enough password',
    kitchenName: 'Trial kitchen',
    ...more,
  };
  if ('invitation' in more) delete (body as { kitchenName?: string }).kitchenName;
  const { status, answer, json } = await send(app, 'POST', '/api/accounts/register', body);
  if (status !== 201) throw new Error(`register: ${status} ${JSON.stringify(json)}`);
  return cookWith(app, cookieOf(answer));
}

export const document = (lines: readonly string[], more: object = {}) => ({
  name: 'Trial drink',
  kind: 'rehydration',
  serving: '250 mL',
  target: null,
  steps: lines.map((text, index) => ({ id: `s${index}`, verb: 'add', text })),
  ...more,
});

export const SACHET = [
  '2.6 g table salt',
  '13.5 g glucose',
  '1.5 g potassium chloride',
  '2.9 g trisodium citrate dihydrate',
  'water to 1 L',
];

/** Saves a drink, makes it and bottles it; returns all ids. */
export async function bottledDrink(cook: Cook, lines: readonly string[] = SACHET, more: object = {}) {
  const ids = { drink: randomUUID(), brew: randomUUID(), bottle: randomUUID() };
  await cook.send('PUT', `/api/drinks/${ids.drink}`, { expectedRevision: 0, document: document(lines, more) });
  const brew = await cook.send('PUT', `/api/brews/${ids.brew}`, {
    drinkId: ids.drink,
    drinkRevision: 1,
    madeAt: new Date().toISOString(),
    bottles: [{ id: ids.bottle, volume_mL: 1000, place: 'fridge' }],
  });
  return { ids, brew };
}
