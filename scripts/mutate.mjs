// @ts-check
import { mkdirSync, mkdtempSync, chmodSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { ROOT, ensureNode, ensurePackages, ensurePostgres } from './lib/prepare.mjs';
import { endAll, run } from './lib/run.mjs';
import { onEnd } from './lib/ending.mjs';
import { say } from './lib/say.mjs';

/**
 * Mutation testing: breaks the code in small ways, one by one, and says which nobody notices. `npm run mutate`, or
 * `npm run mutate -- core`, `server`, `app` for one workspace, or behind that the files to break. Reports are in
 * .build/mutation.
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

const [part, ...files] = process.argv.slice(2);
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
  const report = join('.build', 'mutation', `${name}.json`);
  mkdirSync(join(ROOT, '.build', 'mutation'), { recursive: true });
  const config = join(folder, `${name}.json`);
  writeFileSync(
    config,
    JSON.stringify({
      testRunner: 'jest',
      jest: { configFile: name === 'app' ? 'app/jest.config.js' : `${name}/jest.config.cjs` },
      coverageAnalysis: 'perTest',
      mutate: files.length > 0 ? files : MUTATED[name],
      // Words are for people; those that matter have tests of their own.
      mutator: { excludedMutations: ['StringLiteral'] },
      ignorePatterns: ['.build', '.data', 'docs/screenshots', '**/.expo', 'e2e'],
      tempDirName: '.build/stryker',
      reporters: ['clear-text', 'progress-append-only', 'json'],
      jsonReporter: { fileName: report },
      clearTextReporter: { allowColor: false, logTests: false },
      concurrency: 2,
      timeoutMS: 30_000,
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
