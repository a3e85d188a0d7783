// @ts-check
import { mkdirSync, mkdtempSync, chmodSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { parseArgs } from 'node:util';
import { ROOT, ensureNode, ensurePackages, ensurePostgres } from './lib/prepare.mjs';
import { endAll, run } from './lib/run.mjs';
import { onEnd } from './lib/ending.mjs';
import { AREAS } from './lib/mutation-areas.mjs';
import { say } from './lib/say.mjs';

/**
 * Mutation testing: breaks the code in small ways, one by one, and says which nobody notices. `npm run mutate`, or
 * `npm run mutate -- core` or `-- server/bottles` for a part of the areas in `lib/mutation-areas.mjs`, or behind that the
 * files to break. An area takes hours: `npm run mutate -- server --lines 60` breaks sixty lines of the server, evenly
 * drawn, which says nearly as much. Reports are in .build/mutation.
 */

/** What a broken line came to that somebody noticed, and what it came to otherwise. */
const NOTICED = ['Killed', 'Timeout'];
const UNNOTICED = ['Survived', 'NoCoverage'];

/** @param {string} named a file, perhaps with its lines behind it */
const pathOf = (named) => named.replace(/:[\d-]+$/, '');

/** @param {readonly string[]} patterns @returns {Promise<string[]>} */
async function filesOf(patterns) {
  const { globSync } = await import('tinyglobby');
  return globSync([...patterns], { cwd: ROOT }).sort();
}

/** @param {readonly string[]} paths @param {number} count @returns {string[]} so many lines of them, at even distances */
function evenlyDrawn(paths, count) {
  const lines = paths.flatMap((path) =>
    readFileSync(join(ROOT, path), 'utf8')
      .split('\n')
      .flatMap((text, at) => (isCode(text) ? [`${path}:${at + 1}-${at + 1}`] : [])),
  );
  const step = Math.max(1, lines.length / count);
  return lines.filter((_, at) => Math.floor(at / step) !== Math.floor((at - 1) / step));
}
/** @param {string} text of a line */
const isCode = (text) => !/^\s*(?:\/?\*|\/\/|import |export \* |[})\];,]*\s*$)/.test(text);

const { values, positionals } = parseArgs({ allowPositionals: true, options: { lines: { type: 'string' } } });
const [part, ...named] = positionals;
const drawnLines = Number(values.lines ?? 0);
const areas = AREAS.filter(({ name }) => !part || name === part || name.startsWith(`${part}/`));
if (areas.length === 0) {
  process.stderr.write(`There is no "${part}" to mutate. Choose one of ${AREAS.map(({ name }) => name).join(', ')}.\n`);
  process.exit(1);
}

ensureNode();
await ensurePackages();
/** @type {import('./lib/postgres.mjs').Cluster | undefined} */
let cluster;
const folder = mkdtempSync(join(tmpdir(), 'wellhydra-mutate-'));
const clean = async () => {
  await endAll();
  await cluster?.stop();
  rmSync(folder, { recursive: true, force: true });
};
onEnd(async (code) => {
  await clean();
  process.exit(code);
});
if (areas.some(({ name }) => name.startsWith('server/'))) {
  await ensurePostgres();
  chmodSync(folder, 0o755);
  const { startCluster } = await import('./lib/postgres.mjs');
  cluster = await startCluster({ dataFolder: folder, throwaway: true, wantedPort: 55890 });
}

/** @param {string} path of a report @returns {{ tried: number, noticed: number }} */
function scoreOf(path) {
  /** @type {{ files: Record<string, { mutants: { status: string }[] }> }} */
  const report = JSON.parse(readFileSync(path, 'utf8'));
  const ends = Object.values(report.files).flatMap(({ mutants }) => mutants.map(({ status }) => status));
  const noticed = ends.filter((end) => NOTICED.includes(end)).length;
  return { noticed, tried: noticed + ends.filter((end) => UNNOTICED.includes(end)).length };
}

/**
 * @param {import('./lib/mutation-areas.mjs').Area} area
 * @param {readonly string[]} mutate files, or lines of files
 * @returns {Promise<{ tried: number, noticed: number } | undefined>} nothing where its tests do not pass as they are
 */
async function mutated({ name, tests }, mutate) {
  say(`Mutating ${name}`);
  const workspace = name.split('/')[0];
  const called = name.replace('/', '-');
  const report = join('.build', 'mutation', `${called}.json`);
  rmSync(join(ROOT, report), { force: true });
  mkdirSync(join(ROOT, '.build', 'mutation'), { recursive: true });
  const config = join(folder, `${called}.json`);
  writeFileSync(
    config,
    JSON.stringify({
      testRunner: 'jest',
      jest: {
        configFile: workspace === 'app' ? 'app/jest.config.js' : `${workspace}/jest.config.cjs`,
        config: tests ? { testMatch: tests.map((test) => `<rootDir>/test/${test}*.test.{ts,tsx}`) } : {},
      },
      coverageAnalysis: 'perTest',
      mutate,
      // Words are for people; those that matter have tests of their own.
      mutator: { excludedMutations: ['StringLiteral'] },
      ignorePatterns: ['.build', '.data', 'docs/screenshots', '**/.expo', 'e2e'],
      tempDirName: '.build/stryker',
      reporters: ['clear-text', 'progress-append-only', 'json'],
      jsonReporter: { fileName: report },
      clearTextReporter: { allowColor: false, logTests: false },
      concurrency: 2,
      timeoutMS: 30_000,
      // All tests of an area, one after the other, with a look at what each runs.
      dryRunTimeoutMinutes: 60,
    }),
  );
  const env = { ...process.env, ...(cluster ? { TEST_DATABASE_URL: cluster.url('postgres') } : {}) };
  const stryker = join(ROOT, 'node_modules/@stryker-mutator/core/bin/stryker.js');
  const code = await run(process.execPath, [stryker, 'run', config], { cwd: ROOT, env });
  return code === 0 ? scoreOf(join(ROOT, report)) : undefined;
}

const filesByArea = await Promise.all(areas.map(({ files }) => filesOf(files)));
const drawn = drawnLines > 0 ? evenlyDrawn(filesByArea.flat(), drawnLines) : [];
/** @type {string[]} */
const summary = [];
let failed = 0;
for (const [at, area] of areas.entries()) {
  const files = filesByArea[at] ?? [];
  const chosen = named.length > 0 ? named : drawnLines > 0 ? drawn : files;
  const mutate = chosen.filter((each) => files.includes(pathOf(each)));
  if (mutate.length === 0) continue;
  const score = await mutated(area, mutate);
  if (!score) failed += 1;
  summary.push(`${area.name}: ${score ? `${score.noticed} of ${score.tried} noticed` : 'not tried, see above'}`);
}
await clean();
say(`\n${summary.join('\n')}`);
process.exit(failed === 0 ? 0 : 1);
