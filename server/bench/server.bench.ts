import { fork, type ChildProcess } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { once } from 'node:events';
import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import type { BottlePage, DrunkPage } from '@wellhydra/contract';
import { doseStandings, runOut, type SpoonPlan } from '@wellhydra/core/household';
import type { FastifyInstance } from 'fastify';
import { buildApp } from '../src/build-app';
import { POOL } from '../src/database/connect';
import { benchDocument, fillKitchen, type FilledKitchen } from './filled-kitchen';
import { rateWithin, type MixedWork } from './load';
import { recordSql } from './recorded-sql';

/**
 * A big kitchen against one of a hundredth, and the application against a bare server that does the same SQL. Prints and
 * judges nothing. Told by the environment: BENCH_DATABASES (two empty ones, small and big), BENCH_SERVER, BENCH_BARE and
 * BENCH_FOLDER.
 */

const BREWS = { small: 100, big: 10_000 } as const;
const LATENCIES = 150;
const ROUNDS = 5;
const ROUND_ms = 3000;
const CLIENTS = 8;
const VISITORS = 40;
const print = (line: string) => void process.stdout.write(`${line}\n`);
const median = (all: readonly number[]) => [...all].sort((a, b) => a - b)[Math.floor(all.length / 2)]!;

const [smallUrl, bigUrl] = process.env.BENCH_DATABASES!.split(' ') as [string, string];
const open = async (databaseUrl: string): Promise<FastifyInstance> => {
  const app = await buildApp({
    databaseUrl,
    host: '127.0.0.1',
    port: 0,
    demo: false,
    spoolFolder: process.env.BENCH_FOLDER!,
    outboxFolder: process.env.BENCH_FOLDER!,
    mailFrom: 'bench@localhost',
    publicUrl: 'http://localhost',
    logLevel: 'silent',
    strictAnswers: false,
    requestsPerMinute: 10_000_000,
    signInsPerQuarter: 1000,
  });
  await app.ready();
  await app.migrated();
  return app;
};

const children: ChildProcess[] = [];
async function start(file: string, args: readonly string[], env: Readonly<Record<string, string>>): Promise<string> {
  const child = fork(file, args, { env: { ...process.env, ...env }, stdio: ['ignore', 'ignore', 'inherit', 'ipc'] });
  children.push(child);
  const [{ port }] = (await once(child, 'message')) as [{ port: number }];
  return `http://127.0.0.1:${port}`;
}
const serve = (databaseUrl: string) =>
  start(process.env.BENCH_SERVER!, [], {
    DATABASE_URL: databaseUrl,
    PORT: '0',
    LOG_LEVEL: 'silent',
    REQUESTS_PER_MINUTE: '10000000',
    DEMO: '1',
  });

type Ask = (client: number) => Promise<Response>;
async function ask(work: Ask, client = 0): Promise<void> {
  const answer = await work(client);
  const text = await answer.text();
  if (!answer.ok) throw new Error(`${answer.url}: ${answer.status} ${text.slice(0, 300)}`);
}
/** Requests one after the other, ms each. */
async function latency(work: Ask, times = LATENCIES): Promise<number> {
  const all: number[] = [];
  for (let index = 0; index < times; index += 1) {
    const began = performance.now();
    await ask(work);
    all.push(performance.now() - began);
  }
  return median(all);
}
/** Requests that are answered in a second while eight clients ask. */
async function throughput(work: Ask): Promise<number> {
  const until = performance.now() + ROUND_ms;
  let done = 0;
  await Promise.all(
    Array.from({ length: CLIENTS }, async (_any, client) => {
      while (performance.now() < until) {
        await ask(work, client);
        done += 1;
      }
    }),
  );
  return (done * 1000) / ROUND_ms;
}

/** The peer packs nothing, so nobody asks for it. */
const PLAIN = { 'accept-encoding': 'identity' };
const json = (body: object, cookie = '') => ({
  body: JSON.stringify(body),
  headers: { ...PLAIN, 'content-type': 'application/json', ...(cookie ? { cookie } : {}) },
});

const WEEK_ms = 7 * 86_400_000;

/** What is asked of a kitchen at an address. */
type Work = (kitchen: FilledKitchen, base: string) => Ask;

/** When what is left of a drink runs out for somebody who takes it for days, as a device reckons it: shelf, week, doses. */
function runOutDates(shelf: Work, week: Work): Work {
  return (kitchen, base) => async (client) => {
    const [answer, had] = [await shelf(kitchen, base)(client), await week(kitchen, base)(client)];
    const { bottles } = (await answer.clone().json()) as BottlePage;
    const { pours } = (await had.json()) as DrunkPage;
    const plan: SpoonPlan = {
      people: { [kitchen.person]: true },
      drinkId: bottles[0]!.drinkId,
      amount_mL: 5,
      begins: new Date(Date.now() - WEEK_ms).toISOString(),
      phases: [{ days: 28, timesADay: 3 }],
      from_min: 8 * 60,
      to_min: 20 * 60,
      skipped: {},
      ended: null,
    };
    const [left_mL, now] = [bottles.reduce((sum, { remaining_mL }) => sum + remaining_mL, 0), new Date()];
    const taken = pours.filter(({ drinkId }) => drinkId === plan.drinkId).map(({ pouredAt }) => new Date(pouredAt));
    const ahead = doseStandings(plan, kitchen.person, taken, now).filter(({ is }) => is === 'ahead' || is === 'due');
    runOut(
      left_mL,
      ahead.map(({ at }) => ({ at, volume_mL: plan.amount_mL })),
    );
    return answer;
  };
}

async function benchLists(small: FilledKitchen, big: FilledKitchen, at: { small: string; big: string }) {
  print('\nA page of a list, median of requests one after the other, ms');
  const since = new Date(Date.now() - WEEK_ms).toISOString();
  const lists: Readonly<Record<string, (kitchen: FilledKitchen) => string>> = {
    drinks: () => '/api/drinks',
    brews: () => '/api/brews',
    'under way': () => '/api/brews/under-way',
    // The small kitchen has 51 bottles that are not empty: a page is as long in both.
    shelf: () => '/api/bottles?limit=50',
    'pours of a bottle': ({ bottle }) => `/api/bottles/${bottle}/pours`,
    'a person’s week': ({ person }) => `/api/people/pours?limit=500&since=${since}&personId=${person}`,
    logbook: () => '/api/logbook?limit=50',
    'logbook by taste': () => '/api/logbook?limit=50&sort=taste',
    'its charts': () => '/api/logbook/charts',
    'everybody’s week': () => `/api/people/pours?limit=500&since=${since}`,
  };
  const fetched =
    (url: (kitchen: FilledKitchen) => string): Work =>
    (kitchen, base) =>
    () =>
      fetch(`${base}${url(kitchen)}`, { headers: { ...PLAIN, cookie: kitchen.cookie } });
  const works: Readonly<Record<string, Work>> = {
    ...Object.fromEntries(Object.entries(lists).map(([list, url]) => [list, fetched(url)])),
    'run-out dates': runOutDates(fetched(lists['shelf']!), fetched(lists['a person’s week']!)),
  };
  for (const [list, work] of Object.entries(works)) {
    const [ofSmall, ofBig] = [work(small, at.small), work(big, at.big)];
    await latency(ofSmall);
    await latency(ofBig);
    const pairs = [];
    for (let round = 0; round < ROUNDS; round += 1) pairs.push([await latency(ofSmall), await latency(ofBig)] as const);
    const [few, many] = [median(pairs.map(([each]) => each)), median(pairs.map(([, each]) => each))];
    print(`  ${list.padEnd(22)} ${few.toFixed(2)} → ${many.toFixed(2)}  × ${(many / few).toFixed(2)}`);
  }
}

/** A kitchen of their own for a visitor of the demo, from the request to the answer, in a database of its own. */
async function benchVisitors(base: string): Promise<void> {
  const visit: Ask = () => fetch(`${base}/api/accounts/demo`, { method: 'POST', headers: PLAIN });
  await ask(visit);
  print(`\nA visitor's kitchen, median of ${VISITORS}: ${(await latency(visit, VISITORS)).toFixed(0)} ms`);
}

/** A revision that stands nowhere else in a statement. */
const MARKED = 7_000_001;

type Works = Readonly<Record<'list' | 'pour' | 'save', readonly [mine: Ask, theirs: Ask]>>;

/** What both are asked: ours, and bare Fastify + pg with the same SQL. */
async function worksOf(app: FastifyInstance, kitchen: FilledKitchen, ours: string): Promise<Works> {
  const { cookie, drinks, bottle } = kitchen;
  const inject = (method: 'GET' | 'PUT', url: string, payload?: object) => async () => {
    const answer = await app.inject({ method, url, headers: { cookie }, ...(payload ? { payload } : {}) });
    if (answer.statusCode >= 300) throw new Error(`${url}: ${answer.statusCode} ${answer.payload}`);
  };
  const pourId = randomUUID();
  const poured = { volume_mL: 0.01, pouredAt: new Date().toISOString() };
  const drink = drinks[0]!;
  const setRevision = (id: string, revision: number) =>
    app.sequelize.query(`
      UPDATE drink_revisions SET revision = ${revision} WHERE drink_id = '${id}' AND revision = (SELECT revision FROM drinks WHERE id = '${id}');
      UPDATE drinks SET revision = ${revision} WHERE id = '${id}'`);
  await setRevision(drink, MARKED).catch(async () => {
    await app.sequelize.query(`UPDATE drinks SET revision = ${MARKED} WHERE id = '${drink}'`);
  });
  const save = { expectedRevision: MARKED, document: benchDocument('Saved') };
  const routes = {
    list: await recordSql(inject('GET', '/api/bottles')),
    pour: await recordSql(inject('PUT', `/api/bottles/${bottle}/pours/${pourId}`, poured)),
    save: await recordSql(inject('PUT', `/api/drinks/${drink}`, save)),
  };
  const file = join(process.env.BENCH_FOLDER!, 'bare.json');
  writeFileSync(file, JSON.stringify({ databaseUrl: bigUrl, connections: POOL.most, routes }));
  const bare = await start(process.env.BENCH_BARE!, [file], {});

  /** Each client saves a drink of its own, one revision after the other. */
  const revisions = new Map<string, number>();
  const revisionOf = async (id: string) => {
    if (!revisions.has(id)) {
      const answer = await fetch(`${ours}/api/drinks/${id}`, { headers: { ...PLAIN, cookie } });
      revisions.set(id, ((await answer.json()) as { revision: number }).revision);
    }
    return revisions.get(id)!;
  };
  const saved = (id: string) => void revisions.set(id, revisions.get(id)! + 1);
  let count = 0;
  return {
    list: [
      () => fetch(`${ours}/api/bottles`, { headers: { ...PLAIN, cookie } }),
      () => fetch(`${bare}/list`, { method: 'POST', ...json({}) }),
    ],
    pour: [
      () => fetch(`${ours}/api/bottles/${bottle}/pours/${randomUUID()}`, { method: 'PUT', ...json(poured, cookie) }),
      () => fetch(`${bare}/pour`, { method: 'POST', ...json({ [pourId]: randomUUID() }) }),
    ],
    save: [
      async (client) => {
        const id = drinks[client]!;
        const expectedRevision = await revisionOf(id);
        const document = benchDocument(`Saved ${(count += 1)}`);
        const answer = await fetch(`${ours}/api/drinks/${id}`, {
          method: 'PUT',
          ...json({ expectedRevision, document }, cookie),
        });
        saved(id);
        return answer;
      },
      async (client) => {
        const id = drinks[client]!;
        const before = await revisionOf(id);
        const exchanged = { [drink]: id, [MARKED + 1]: String(before + 1), [MARKED]: String(before) };
        const answer = await fetch(`${bare}/save`, { method: 'POST', ...json(exchanged) });
        saved(id);
        return answer;
      },
    ],
  };
}

async function benchPeer(works: Works): Promise<void> {
  print(
    `\nAnswers a second to ${CLIENTS} clients, median of ${ROUNDS} rounds: ours, and bare Fastify + pg with the same SQL`,
  );
  for (const [name, [mine, theirs]] of Object.entries(works)) {
    await throughput(mine);
    await throughput(theirs);
    const pairs = [];
    for (let round = 0; round < ROUNDS; round += 1)
      pairs.push([await throughput(mine), await throughput(theirs)] as const);
    const [a, b] = [median(pairs.map(([each]) => each)), median(pairs.map(([, each]) => each))];
    print(`  ${name.padEnd(6)} ${a.toFixed(0)} and ${b.toFixed(0)}: ${((100 * a) / b).toFixed(0)} %`);
  }
}

/** Of a hundred requests so many are of a kind. */
const MIX = { list: 60, pour: 25, save: 15 } as const;
const LIMIT_ms = 100;

/** A day in many kitchens: lists are looked at, glasses poured, drinks saved. */
async function benchLoad(works: Works, drinks: readonly string[]): Promise<void> {
  const kinds = Object.entries(MIX).flatMap(([kind, share]) => Array<keyof Works>(share).fill(kind as keyof Works));
  // In an order that repeats itself only after a hundred, and mixes them.
  const kindOf = (index: number) => kinds[(index * 37) % kinds.length]!;
  const mixed = (whose: 0 | 1): MixedWork => {
    // A drink is saved by one at a time: the next one that nobody saves just now.
    const free = drinks.map((_id, index) => index);
    return {
      ask: async (index) => {
        const kind = kindOf(index);
        if (kind !== 'save') return ask(works[kind][whose]);
        const client = free.shift();
        if (client === undefined) return ask(works.list[whose]);
        await ask(works.save[whose], client).finally(() => free.push(client));
      },
    };
  };
  print(
    `\nRequests a second of a mix (${Object.entries(MIX)
      .map(([kind, share]) => `${share} ${kind}`)
      .join(', ')}) with 95 of 100 within ${LIMIT_ms} ms`,
  );
  const pairs = [];
  for (let round = 0; round < 3; round += 1)
    pairs.push([await rateWithin(mixed(0), LIMIT_ms), await rateWithin(mixed(1), LIMIT_ms)] as const);
  const [mine, theirs] = [median(pairs.map(([each]) => each)), median(pairs.map(([, each]) => each))];
  print(
    `  ours ${mine.toFixed(0)}, bare ${theirs.toFixed(0)}: ${((100 * mine) / theirs).toFixed(0)} % (rounds: ${pairs.map(([a, b]) => `${a.toFixed(0)}/${b.toFixed(0)}`).join(' ')})`,
  );
}

/** Which parts are run: lists and peer, or load. */
const PART = process.env.BENCH_PART ?? 'server';

try {
  const [smallApp, bigApp] = [await open(smallUrl), await open(bigUrl)];
  const small = await fillKitchen(smallApp, BREWS.small);
  const big = await fillKitchen(bigApp, BREWS.big);
  const [{ brews, bottles, pours }] = (
    await bigApp.sequelize.query(
      'SELECT (SELECT count(*) FROM brews) brews, (SELECT count(*) FROM bottles) bottles, (SELECT count(*) FROM pours) pours',
    )
  )[0] as [Record<string, string>];
  print(`${brews} brews, ${bottles} bottles, ${pours} pours; the small one has a hundredth`);
  const at = { small: await serve(smallUrl), big: await serve(bigUrl) };
  if (PART === 'server') {
    await benchLists(small, big, at);
    await benchVisitors(at.small);
  }
  const works = await worksOf(bigApp, big, at.big);
  if (PART === 'load') await benchLoad(works, big.drinks);
  else await benchPeer(works);
  await Promise.all([smallApp.close(), bigApp.close()]);
} finally {
  for (const child of children) child.kill('SIGTERM');
}
