import type { FastifyInstance } from 'fastify';
import { keepDemoAlive } from '../src/demo/keep-demo-alive';
import { cookWith, cookieOf, send, type Cook } from './kitchen-server';

/** Archives of kitchens, for tests of what comes out and what goes in. */

/** A kitchen as its file. */
export const exported = async (app: FastifyInstance, cook: Cook): Promise<string> => {
  const answer = await app.inject({ method: 'GET', url: '/api/kitchen/archive', headers: { cookie: cook.cookie } });
  expect(answer.statusCode).toBe(200);
  return answer.body;
};
/** Sends a file to a kitchen. */
export async function bring(
  app: FastifyInstance,
  cook: Cook,
  payload: string,
  query: string,
  type = 'application/x-ndjson',
) {
  const answer = await app.inject({
    method: 'POST',
    url: `/api/kitchen/archive?${query}`,
    headers: { cookie: cook.cookie, 'content-type': type },
    payload,
  });
  return { status: answer.statusCode, json: answer.json() };
}
export const linesOf = (text: string) => text.trimEnd().split('\n');
export const rowsOf = (text: string): any[] => linesOf(text).map((line) => JSON.parse(line));
/** An archive again of these rows, with its count. */
export const fileOf = (rows: readonly any[]): string => {
  const body = rows.filter(({ is }) => is !== 'end');
  return [...body, { is: 'end', rows: body.length }].map((row) => `${JSON.stringify(row)}\n`).join('');
};

/** A visitor of the demo, whose kitchen has something of everything. */
export async function visitor(app: FastifyInstance): Promise<Cook> {
  await keepDemoAlive(app.context, new Date());
  const { answer } = await send(app, 'POST', '/api/accounts/demo');
  return cookWith(app, cookieOf(answer));
}
