import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { randomUUID } from 'node:crypto';
import type { BrewRecipeRecord } from '@wellhydra/contract';
import type { BrewEvent } from '@wellhydra/core/brew';
import { stepFromLine } from '@wellhydra/core/drink';
import { DEFAULT_SETTINGS } from '@wellhydra/core/kitchen';
import { build } from 'esbuild';
import type { FastifyInstance } from 'fastify';
import { inPlaceRunner, workerRunner, type Runner } from '../src/runs/runner';
import { freshDatabase, newCook, startServer, type Cook } from './kitchen-server';

const ROOT = join(__dirname, '../..');
let folder: string;
/** The worker as it is shipped: a bundle of its own. */
let bundle: string;
beforeAll(async () => {
  // Beside the server's packages, which it is run with.
  mkdirSync(join(ROOT, 'server/.build'), { recursive: true });
  folder = mkdtempSync(join(ROOT, 'server/.build/runs-'));
  bundle = join(folder, 'run-worker.mjs');
  await build({
    entryPoints: [join(ROOT, 'server/src/runs/run-worker.ts')],
    outfile: bundle,
    bundle: true,
    platform: 'node',
    format: 'esm',
    packages: 'external',
    alias: { '@wellhydra/core': join(ROOT, 'core/src'), '@wellhydra/contract': join(ROOT, 'contract/src') },
    logLevel: 'error',
  });
});
afterAll(() => rmSync(folder, { recursive: true, force: true }));

const recipeOf = (lines: readonly string[]): BrewRecipeRecord => ({
  document: {
    name: 'Trial',
    kind: 'tonic',
    serving: '250 mL',
    target: null,
    steps: lines.map((line, index) => ({ id: `s${index}`, ...stepFromLine(line) })),
  },
  preparations: [],
  settings: DEFAULT_SETTINGS,
});
const SALTED = recipeOf(['1 L water', '2 g salt']);
/** More steps than can be run in the time that these tests allow. */
const LONG = recipeOf(['20 L water', ...Array.from({ length: 150 }, () => 'simmer 5 min, lid on'), '1 g salt']);
const SHORT_ms = 1;

describe('a worker', () => {
  let runner: Runner | undefined;
  afterEach(() => runner?.close());

  test('runs what is run in place, to the last figure', async () => {
    runner = workerRunner(bundle);
    const events: readonly BrewEvent[] = [
      { kind: 'reading', id: 'r', at: '2026-01-01T08:00:00Z', step: 's1', quantity: 'volume_mL', value: 900 },
    ];
    for (const asked of [
      { recipe: SALTED, events: [] },
      { recipe: SALTED, events },
      { recipe: recipeOf(['12 g slat']), events: [] },
    ])
      expect(await runner.run('brew', asked)).toEqual(await inPlaceRunner.run('brew', asked));
    const learned = { brews: [{ name: 'T-01', recipe: SALTED, events }] };
    expect(await runner.run('learn', learned)).toEqual(await inPlaceRunner.run('learn', learned));
  });
  test('lays out and draws labels, so that nobody waits for a sheet of them', async () => {
    runner = workerRunner(bundle);
    const words = {
      name: 'Gull glass',
      batch: 'GG-01',
      due: 'Use by 3 Jan',
      keep: 'Fridge',
      stops: ['Not for babies'],
    };
    const labels = Array.from({ length: 100 }, (_label, index) => ({
      words: {
        ...words,
        warns: 'Added salt',
        contains: 'Contains water, salt',
        perServing: 'In 250 mL: sodium 900 mg',
      },
      address: `https://galley.example/bottles/${index}`,
    }));
    const order = { labels, sheet: 'a4-21', start: 1 } as const;
    const pages = await runner.run('labels', order);
    expect(pages).toEqual(await inPlaceRunner.run('labels', order));
    expect(pages.pages).toHaveLength(Math.ceil(100 / 21));
    const pdf = Buffer.from(await runner.run('labelsPdf', { ...order, title: 'Trial' })).toString('latin1');
    expect(pdf.match(/\/Type \/Page\b/g)).toHaveLength(Math.ceil(100 / 21));
  });
  test('is ended when it takes too long, and the next run has a new one', async () => {
    runner = workerRunner(bundle, SHORT_ms);
    await expect(runner.run('brew', { recipe: LONG, events: [] })).rejects.toMatchObject({ code: 'takes-too-long' });
    await runner.close();
    runner = workerRunner(bundle);
    const both = [LONG, SALTED].map((recipe) => runner!.run('brew', { recipe, events: [] }));
    expect((await Promise.all(both)).map(({ problems }) => problems)).toEqual([[], []]);
  });
});

/** A busy machine loads the worker itself this slowly, ms. */
const SLOW_START_ms = 2000;

test('the time of a run does not count while its worker starts', async () => {
  const slow = join(folder, 'slow-worker.mjs');
  writeFileSync(
    slow,
    `export { default } from './run-worker.mjs';
     for (const from = Date.now(); Date.now() < from + ${SLOW_START_ms}; );`,
  );
  const runner = workerRunner(slow, SLOW_START_ms / 2);
  try {
    const { problems } = await runner.run('brew', { recipe: SALTED, events: [] });
    expect(problems).toEqual([]);
  } finally {
    await runner.close();
  }
});
test('a worker that cannot start fails what was asked of it', async () => {
  const broken = join(folder, 'broken-worker.mjs');
  writeFileSync(broken, `throw new Error('It does not load');`);
  const runner = workerRunner(broken);
  try {
    await expect(runner.run('brew', { recipe: SALTED, events: [] })).rejects.toThrow('It does not load');
  } finally {
    await runner.close();
  }
});

describe('a server whose runs may take no time', () => {
  let app: FastifyInstance;
  let cook: Cook;
  beforeAll(async () => {
    app = await startServer(await freshDatabase(), { runWorker: bundle, runLimit_ms: SHORT_ms });
    cook = await newCook(app);
  });
  afterAll(() => app.close());

  test('says of a drink that it takes too long, and answers everything else meanwhile', async () => {
    const drinkId = randomUUID();
    const saved = { expectedRevision: 0, document: LONG.document };
    expect((await cook.send('PUT', `/api/drinks/${drinkId}`, saved)).status).toBe(200);
    const started = { drinkId, drinkRevision: 1, recipe: LONG, cook: 'Ines', startedAt: '2026-01-01T08:00:00Z' };
    const [start, list] = await Promise.all([
      cook.send('PUT', `/api/brews/${randomUUID()}/run`, started),
      cook.send('GET', '/api/drinks'),
    ]);
    expect([start.status, start.json.code]).toEqual([422, 'takes-too-long']);
    expect(list.status).toBe(200);
  });
  test('learns from none, where even one brew takes too long', async () => {
    const { status, json } = await cook.send('GET', '/api/kitchen/habits');
    expect([status, json.brews]).toEqual([200, 0]);
  });
});
