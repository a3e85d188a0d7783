import { randomUUID } from 'node:crypto';
import { Client } from 'pg';
import { connect } from '../src/database/connect';
import { migrate } from '../src/database/migrate';
import { MIGRATIONS } from '../src/database/migrations';
import { emptyDatabase } from './kitchen-server';

/** A database from before its large tables were split by kitchen. */

const BEFORE = MIGRATIONS.slice(
  0,
  MIGRATIONS.findIndex(({ name }) => name === '022-partitions'),
);
const SPLIT = ['drink_revisions', 'brews', 'brew_events', 'bottles', 'pours', 'photos'];

/** What a database says of its tables: their columns, and every key, check, reference and index under its name. */
async function shapeOf(client: Client) {
  const ask = async (sql: string) => (await client.query<{ line: string }>(sql)).rows.map(({ line }) => line);
  // Parts have the same as what they are parts of.
  const whole = `NOT EXISTS (SELECT FROM pg_inherits WHERE inhrelid = `;
  return {
    columns: await ask(
      `SELECT c.relname || ' ' || attname || ' ' || format_type(atttypid, atttypmod) || ' ' || attnotnull || ' '
              || coalesce(pg_get_expr(adbin, adrelid), '') AS line
       FROM pg_attribute a JOIN pg_class c ON c.oid = attrelid LEFT JOIN pg_attrdef ON adrelid = attrelid AND adnum = attnum
       WHERE relnamespace = 'public'::regnamespace AND relkind IN ('r', 'p') AND attnum > 0 AND NOT attisdropped AND ${whole} c.oid)
       ORDER BY c.relname, attnum`,
    ),
    constraints: await ask(
      `SELECT conrelid::regclass || ' ' || conname || ' ' || pg_get_constraintdef(oid) AS line FROM pg_constraint
       WHERE connamespace = 'public'::regnamespace AND conparentid = 0 AND ${whole} conrelid) ORDER BY line`,
    ),
    indices: await ask(
      `SELECT replace(pg_get_indexdef(indexrelid), ' ON ONLY ', ' ON ') AS line FROM pg_index
       JOIN pg_class ON pg_class.oid = indrelid
       WHERE relnamespace = 'public'::regnamespace AND ${whole} indexrelid) ORDER BY line`,
    ),
  };
}

/** A row of each table that is split, in a kitchen of its own. */
async function fillKitchen(client: Client): Promise<void> {
  const [kitchen, account, drink, brew, bottle] = Array.from({ length: 5 }, () => randomUUID());
  const document = JSON.stringify({ steps: [] });
  const saved = { revision: 1, document, saved_by: account, saved_at: 'now' };
  const filled = { volume_ml: 500, filled_ml: 500, remaining_ml: 450 };
  const made = { stage: 'finished', volume_ml: 500, serving_ml: 50, made_at: 'now', made_by: account };
  const rows: readonly (readonly [string, object])[] = [
    ['kitchens', { id: kitchen, name: 'Trial', invitation: randomUUID() }],
    ['accounts', { id: account, name: 'Ines' }],
    ['drinks', { kitchen_id: kitchen, id: drink, ...saved }],
    ['drink_revisions', { kitchen_id: kitchen, drink_id: drink, ...saved }],
    [
      'brews',
      {
        ...{ kitchen_id: kitchen, id: brew, batch: 'T-01', ...made, keeping: '{}', cautions: '[]' },
        ...{ drink_id: drink, drink_revision: 1, drink_name: 'Trial', kind: 'tonic' },
      },
    ],
    ['bottles', { kitchen_id: kitchen, id: bottle, brew_id: brew, place: 'fridge', use_by: 'now', ...filled }],
    [
      'pours',
      { kitchen_id: kitchen, bottle_id: bottle, id: randomUUID(), volume_ml: 50, poured_at: 'now', poured_by: account },
    ],
  ];
  for (const [table, row] of rows) {
    const places = Object.keys(row).map((_name, index) => `$${index + 1}`);
    await client.query(`INSERT INTO ${table} (${Object.keys(row)}) VALUES (${places})`, Object.values(row));
  }
}

let database: string;
let client: Client;
beforeAll(async () => {
  database = await emptyDatabase();
  client = new Client({ connectionString: database });
  await client.connect();
});
afterAll(() => client.end());

test('splitting changes no row, no column, no key, no check and no index, and every kitchen is in one part', async () => {
  const sequelize = connect(database);
  await migrate(sequelize, BEFORE);
  for (let count = 0; count < 40; count += 1) await fillKitchen(client);
  const rows = async () =>
    Promise.all(
      SPLIT.map(async (table) => (await client.query(`SELECT t::text AS row FROM ${table} t ORDER BY row`)).rows),
    );
  const [shape, before] = [await shapeOf(client), await rows()];
  expect(await migrate(sequelize, MIGRATIONS.slice(0, BEFORE.length + 1))).toEqual(['022-partitions']);
  expect(await shapeOf(client)).toEqual(shape);
  expect(await rows()).toEqual(before);
  for (const table of SPLIT) {
    const { rows: kinds } = await client.query(`SELECT relkind FROM pg_class WHERE relname = $1`, [table]);
    expect([table, kinds]).toEqual([table, [{ relkind: 'p' }]]);
  }
  const { rows: spread } = await client.query<{ parts: string; kitchens: string }>(
    `SELECT count(DISTINCT tableoid) AS parts, count(DISTINCT kitchen_id) AS kitchens FROM pours`,
  );
  // Forty kitchens in eight parts: that all are in fewer than four would be odd.
  expect([Number(spread[0]!.parts) >= 4, Number(spread[0]!.kitchens)]).toEqual([true, 40]);
  await sequelize.close();
});

test('what points across kitchens is refused as before, and what goes takes with it what hangs on it', async () => {
  const { rows } = await client.query<{ kitchen_id: string; id: string }>('SELECT kitchen_id, id FROM bottles LIMIT 2');
  const [one, other] = rows as [(typeof rows)[0], (typeof rows)[0]];
  await expect(
    client.query(
      `INSERT INTO pours (kitchen_id, bottle_id, id, volume_ml, poured_at, poured_by)
       SELECT $1, $2, $3, 10, now(), poured_by FROM pours LIMIT 1`,
      [one.kitchen_id, other.id, randomUUID()],
    ),
  ).rejects.toThrow(/foreign key/);
  await client.query('DELETE FROM kitchens WHERE id = $1', [one.kitchen_id]);
  for (const table of SPLIT) {
    const { rows: left } = await client.query(`SELECT FROM ${table} WHERE kitchen_id = $1`, [one.kitchen_id]);
    expect([table, left]).toEqual([table, []]);
  }
});
