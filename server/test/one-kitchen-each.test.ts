import { randomUUID } from 'node:crypto';
import type { FastifyInstance } from 'fastify';
import { Client } from 'pg';
import { KITCHEN_PARTS, tableOf } from '../src/kitchen/kitchen-parts';
import { OPEN, addressFor, bodyFor, closedRoutes, thingsOf, type Things } from './every-route';
import { freshDatabase, newCook, send, startServer, type Cook } from './kitchen-server';

/**
 * No request reads or writes the rows of more kitchens than its own, as PostgreSQL itself plans it: whatever it looks
 * into is found by the kitchen. So kitchens can stand on as many machines as one likes.
 */

interface Plan {
  readonly 'Node Type': string;
  readonly 'Relation Name'?: string;
  readonly Plans?: readonly Plan[];
  readonly [condition: string]: unknown;
}
interface Asked {
  readonly sql: string;
  readonly values: readonly unknown[];
}

let app: FastifyInstance;
let owner: Cook;
let ids: Things;
/** Asks the database how it would go about something. */
let looking: Client;

beforeAll(async () => {
  const database = await freshDatabase();
  app = await startServer(database);
  looking = new Client({ connectionString: database });
  await looking.connect();
  owner = await newCook(app);
  ids = await thingsOf(owner);
});
afterAll(async () => {
  await looking.end();
  await app.close();
});

const CONDITIONS = ['Index Cond', 'Filter', 'Recheck Cond', 'Hash Cond', 'Join Filter', 'Merge Cond'];
/** Tables that are a kitchen's own, with their parts. */
const own = () =>
  new RegExp(`^(?:${KITCHEN_PARTS.map((part) => tableOf(app.models, part).tableName).join('|')})(?:_\\d+)?$`);

/** Looks at rows that it does not find by their kitchen. */
function astray(plan: Plan, tables: RegExp): readonly string[] {
  const table = plan['Relation Name'];
  const isLook = /Scan/.test(plan['Node Type']) && table !== undefined && tables.test(table);
  const by = CONDITIONS.map((name) => String(plan[name] ?? '')).join(' ');
  const below = (plan.Plans ?? []).flatMap((each) => astray(each, tables));
  return isLook && !/kitchen_id = /.test(by)
    ? [`${plan['Node Type']} on ${table} by ${by || 'nothing'}`, ...below]
    : below;
}

/** Nothing that looks into tables. */
const PLAIN =
  /^(?:START|BEGIN|COMMIT|ROLLBACK|SET|SHOW|SAVEPOINT|RELEASE|FETCH|CLOSE|LISTEN|NOTIFY|SELECT (?:pg_|1\b))/i;

async function straysOf({ sql, values }: Asked): Promise<readonly string[]> {
  const asked = sql
    .trim()
    .replace(/^DECLARE[\s\S]*? FOR\s/i, '')
    .replace(/;\s*$/, '');
  if (PLAIN.test(asked)) return [];
  const { rows } = await looking.query<{ 'QUERY PLAN': readonly [{ readonly Plan: Plan }] }>(
    `EXPLAIN (FORMAT JSON) ${asked}`,
    [...values],
  );
  return astray(rows[0]!['QUERY PLAN'][0].Plan, own());
}

/** What is asked of the database while something is done, as it goes over the line. */
async function hearing(work: () => Promise<void>): Promise<readonly Asked[]> {
  const heard: Asked[] = [];
  const { query } = Client.prototype;
  const spy = jest.spyOn(Client.prototype, 'query').mockImplementation(function (this: Client, ...said: unknown[]) {
    const [sql, values] = said;
    if (typeof sql === 'string') heard.push({ sql, values: Array.isArray(values) ? values : [] });
    return (query as (...said: unknown[]) => void).apply(this, said);
  });
  await work();
  spy.mockRestore();
  return heard;
}

test('whatever is asked, every look into a kitchen is by that kitchen', async () => {
  let [looked, answered] = [0, 0];
  // What takes away comes last.
  const routes = [...(await closedRoutes(app))].sort(
    (a, b) => Number(a.method === 'DELETE') - Number(b.method === 'DELETE'),
  );
  for (const route of routes) {
    if (OPEN.includes(route.url) || /stream$|\/accounts\/|leave$/.test(route.url)) continue;
    const body = bodyFor(route, ids);
    const headers = { cookie: owner.cookie, ...(Buffer.isBuffer(body) ? { 'content-type': 'image/png' } : {}) };
    const asked = await hearing(async () => {
      const { status } = await send(app, route.method, addressFor(route, ids), body, headers);
      answered += Number(status < 300);
    });
    for (const each of asked) {
      looked += 1;
      expect([route.method, route.url, each.sql, await straysOf(each)]).toEqual([
        route.method,
        route.url,
        each.sql,
        [],
      ]);
    }
  }
  // It has seen the server at work, and not its refusals.
  expect(answered).toBeGreaterThan(35);
  expect(looked).toBeGreaterThan(200);
});

test('a look across kitchens is seen, if there is one', async () => {
  for (const [sql, strays] of [
    ['SELECT * FROM pours WHERE volume_ml > 10', 8],
    [`SELECT * FROM lots WHERE id = '${randomUUID()}'`, 1],
    [`SELECT * FROM pours WHERE kitchen_id = '${randomUUID()}'`, 0],
    [`SELECT p.* FROM pours p JOIN bottles b USING (kitchen_id) WHERE b.kitchen_id = '${randomUUID()}'`, 0],
  ] as const)
    expect([sql, (await straysOf({ sql, values: [] })).length]).toEqual([sql, strays]);
});
