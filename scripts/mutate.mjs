// @ts-check
import { mkdirSync, mkdtempSync, chmodSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { parseArgs } from 'node:util';
import { ROOT, ensureNode, ensurePackages, ensurePostgres } from './lib/prepare.mjs';
import { endAll, run } from './lib/run.mjs';
import { onEnd } from './lib/ending.mjs';
import { say } from './lib/say.mjs';

/**
 * Mutation testing: breaks the code in small ways, one by one, and says which nobody notices. `npm run mutate`, or
 * `npm run mutate -- core`, `server`, `app` for one workspace, or behind that the files to break. A whole workspace takes
 * hours: `npm run mutate -- core --lines 60` breaks sixty lines of it, evenly drawn, which says nearly as much. Reports
 * are in .build/mutation.
 */

/** What is broken in each workspace: rules, services, and what keeps what is not yet sent. */
const MUTATED = {
  core: ['core/src/caution/**/*.ts', 'core/src/keeping/**/*.ts', 'core/src/merge/**/*.ts', '!**/index.ts'],
  server: [
    'server/src/**/*-service.ts',
    'server/src/**/*-store.ts',
    'server/src/bottles/use-by.ts',
    'server/src/kitchen/quota.ts',
  ],
  app: ['app/src/state/sync/**/*.ts', 'app/src/domain/**/*-{sync,sending,draft,deeds}.ts'],
};

/** @param {readonly string[]} patterns @param {number} count @returns {Promise<string[]>} so many lines of them, at even distances */
async function evenlyDrawn(patterns, count) {
  const { globSync } = await import('tinyglobby');
  const lines = globSync([...patterns], { cwd: ROOT })
    .sort()
    .flatMap((path) =>
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
const [part, ...files] = positionals;
const drawnLines = Number(values.lines ?? 0);
const workspaces = /** @type {(keyof typeof MUTATED)[]} */ (
  part ? Object.keys(MUTATED).filter((name) => name === part) : Object.keys(MUTATED)
);
if (workspaces.length === 0) {
  process.stderr.write(
    `There is no workspace "${part}" to mutate. Choose one of ${Object.keys(MUTATED).join(', ')}.\n`,
  );
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
if (workspaces.includes('server')) {
  await ensurePostgres();
  chmodSync(folder, 0o755);
  const { startCluster } = await import('./lib/postgres.mjs');
  cluster = await startCluster({ dataFolder: folder, throwaway: true, wantedPort: 55890 });
}

let failed = 0;
for (const name of workspaces) {
  say(`Mutating ${name}`);
  const all = drawnLines > 0 ? await evenlyDrawn(MUTATED[name], drawnLines) : MUTATED[name];
  const report = join('.build', 'mutation', `${name}.json`);
  mkdirSync(join(ROOT, '.build', 'mutation'), { recursive: true });
  const config = join(folder, `${name}.json`);
  writeFileSync(
    config,
    JSON.stringify({
      testRunner: 'jest',
      jest: { configFile: name === 'app' ? 'app/jest.config.js' : `${name}/jest.config.cjs` },
      coverageAnalysis: 'perTest',
      mutate: files.length > 0 ? files : all,
      // Words are for people; those that matter have tests of their own.
      mutator: { excludedMutations: ['StringLiteral'] },
      ignorePatterns: ['.build', '.data', 'docs/screenshots', '**/.expo', 'e2e'],
      tempDirName: '.build/stryker',
      reporters: ['clear-text', 'progress-append-only', 'json'],
      jsonReporter: { fileName: report },
      clearTextReporter: { allowColor: false, logTests: false },
      concurrency: 2,
      timeoutMS: 30_000,
      // All tests of a workspace, one after the other, with a look at what each runs.
      dryRunTimeoutMinutes: 60,
    }),
  );
  const env = { ...process.env, ...(cluster ? { TEST_DATABASE_URL: cluster.url('postgres') } : {}) };
  failed += await run(
    process.execPath,
    [join(ROOT, 'node_modules/@stryker-mutator/core/bin/stryker.js'), 'run', config],
    {
      cwd: ROOT,
      env,
    },
  );
}
await clean();
process.exit(failed === 0 ? 0 : 1);
