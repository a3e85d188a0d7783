import { randomUUID } from 'node:crypto';
import type { FastifyInstance } from 'fastify';
import { QueryTypes, type Sequelize } from 'sequelize';

/** How many drinks somebody is saving at once. */
const DRINKS = 8;
const BOTTLES_A_BREW = 5;
const POURS_A_BOTTLE = 10;
/** One bottle in so many still has something in it. */
const FULL_ONE_IN = 10;

/** A kitchen on a server, filled with years of brewing. */
export interface FilledKitchen {
  readonly cookie: string;
  readonly drinks: readonly string[];
  /** A bottle that can be poured from for ever, nearly. */
  readonly bottle: string;
  /** Somebody who drank all of it. */
  readonly person: string;
}

export const benchDocument = (name: string) => ({
  name,
  kind: 'rehydration',
  serving: '250 mL',
  target: null,
  steps: [
    { id: 'water', verb: 'add', text: '20 L water' },
    { id: 'salt', verb: 'add', text: '50 g table salt' },
    { id: 'sugar', verb: 'add', text: '270 g glucose' },
  ],
});

/** An id of version 4 that follows from a name, in SQL. */
const idOf = (name: string): string => `overlay(overlay(md5(${name}) placing '4' from 13) placing 'a' from 17)::uuid`;

/** Copied in pieces of so many brews, each within the time a statement may take. */
const PIECE = 500;

/** Copies the one row of a table for so many brews, some columns changed. */
async function copyRow(
  sequelize: Sequelize,
  {
    table,
    brews,
    each = '',
    changes,
  }: {
    readonly table: string;
    readonly brews: number;
    readonly each?: string;
    readonly changes: Record<string, string>;
  },
): Promise<void> {
  const columns = (
    await sequelize.query<{ column_name: string }>(
      `SELECT column_name FROM information_schema.columns WHERE table_name = '${table}' ORDER BY ordinal_position`,
      { type: QueryTypes.SELECT },
    )
  ).map(({ column_name }) => column_name);
  const values = columns.map((column) => changes[column] ?? `one.${column}`);
  for (let first = 1; first <= brews; first += PIECE)
    await sequelize.query(
      `INSERT INTO ${table} (${columns.join(', ')}) SELECT ${values.join(', ')} FROM (SELECT * FROM ${table} ORDER BY id LIMIT 1) one, generate_series(${first}, ${Math.min(brews, first + PIECE - 1)}) brew ${each}`,
    );
  // The next one looks for these rows.
  await sequelize.query(`ANALYZE ${table}`);
}

/**
 * Fills a kitchen: one brew is made as people make it, and copied in SQL.
 *
 * @param brews how many; five bottles each, ten pours a bottle
 */
export async function fillKitchen(app: FastifyInstance, brews: number): Promise<FilledKitchen> {
  const send = async (method: 'POST' | 'PUT', url: string, payload: object, cookie = '') => {
    const answer = await app.inject({ method, url, payload, ...(cookie ? { headers: { cookie } } : {}) });
    if (answer.statusCode >= 300) throw new Error(`${method} ${url}: ${answer.statusCode} ${answer.payload}`);
    return answer;
  };
  const account = {
    name: 'Ines',
    email: 'ines@example.test',
    password: 'salt and sugar and water',
    kitchenName: 'Galley',
  };
  const registered = await send('POST', '/api/accounts/register', account);
  const cookie = String(registered.headers['set-cookie']).split(';')[0]!;
  const drinks = Array.from({ length: DRINKS }, () => randomUUID());
  for (const [index, id] of drinks.entries())
    await send('PUT', `/api/drinks/${id}`, { expectedRevision: 0, document: benchDocument(`Drink ${index}`) }, cookie);
  const bottle = randomUUID();
  const bottles = [{ id: bottle, place: 'fridge', volume_mL: 20_000 }];
  const madeAt = new Date().toISOString();
  await send('PUT', `/api/brews/${randomUUID()}`, { drinkId: drinks[0], drinkRevision: 1, madeAt, bottles }, cookie);
  const person = randomUUID();
  const named = { name: 'Ines', note: '', born: null, group: 'adult', weight_kg: null, facts: {}, lines: {} };
  const people = { people: { [person]: named }, spoonPlans: {}, sweatTests: {}, sheets: {} };
  await send('PUT', '/api/people', { expectedRevision: 0, people }, cookie);
  const poured = { volume_mL: 1, pouredAt: madeAt, personId: person };
  await send('PUT', `/api/bottles/${bottle}/pours/${randomUUID()}`, poured, cookie);

  const { sequelize } = app;
  await copyRow(sequelize, {
    table: 'brews',
    brews,
    changes: { id: idOf("'brew' || brew"), batch: "'D' || brew", made_at: "one.made_at - brew * interval '1 hour'" },
  });
  await copyRow(sequelize, {
    table: 'bottles',
    brews,
    each: `, generate_series(1, ${BOTTLES_A_BREW}) bottle`,
    changes: {
      id: idOf("'bottle' || brew || '-' || bottle"),
      brew_id: idOf("'brew' || brew"),
      volume_ml: '500',
      remaining_ml: `CASE WHEN (brew * ${BOTTLES_A_BREW} + bottle) % ${FULL_ONE_IN} = 0 THEN 400 ELSE 0 END`,
      use_by: "one.use_by + brew * interval '1 hour'",
    },
  });
  await copyRow(sequelize, {
    table: 'pours',
    brews,
    each: `, generate_series(1, ${BOTTLES_A_BREW}) bottle, generate_series(1, ${POURS_A_BOTTLE}) pour`,
    changes: {
      id: idOf("'pour' || brew || '-' || bottle || '-' || pour"),
      bottle_id: idOf("'bottle' || brew || '-' || bottle"),
      poured_at: "one.poured_at - brew * interval '1 hour'",
    },
  });
  return { cookie, drinks, bottle, person };
}
