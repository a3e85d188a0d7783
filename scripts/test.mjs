// @ts-check
import { chmodSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { ROOT, ensureChromium, ensureNode, ensurePackages, ensurePostgres } from './lib/prepare.mjs';
import { endAll, run } from './lib/run.mjs';
import { say } from './lib/say.mjs';
import { onEnd } from './lib/ending.mjs';

/**
 * Runs all tests: `npm test`. `npm test -- unit` leaves the browser out, `npm test -- browser` runs
 * only that; words behind it go to the runner. One part that fails does not keep the other from running.
 */

const [part = 'all', ...more] = process.argv.slice(2);
const parts = part === 'unit' || part === 'browser' ? [part] : ['unit', 'browser'];
const unitWords = part === 'all' || part === 'unit' ? more : [];

ensureNode();
await ensurePackages();
await ensurePostgres();
const chromium = parts.includes('browser') ? await ensureChromium() : undefined;

const { startCluster } = await import('./lib/postgres.mjs');
const { freePort } = await import('./lib/ports.mjs');
const { serve } = await import('./lib/serve.mjs');
const folder = mkdtempSync(join(tmpdir(), 'wellhydra-test-'));
// The postgres user has to get through.
chmodSync(folder, 0o755);

const starting = startCluster({ dataFolder: folder, throwaway: true, wantedPort: 55870 });
/** @type {(() => Promise<void>) | undefined} */
let stopServer;
/** @type {Promise<void> | undefined} */
let cleaning;
const clean = () =>
  (cleaning ??= (async () => {
    await endAll();
    await stopServer?.();
    await starting.then(
      (started) => started.stop(),
      () => undefined,
    );
    rmSync(folder, { recursive: true, force: true });
  })());
onEnd(async (code) => {
  await clean();
  process.exit(code);
});

const cluster = await starting;

/** @param {import('./lib/postgres.mjs').Cluster} database @returns {Promise<number>} */
async function unitTests(database) {
  say('Unit and server tests');
  const env = { ...process.env, TEST_DATABASE_URL: database.url('postgres') };
  return run(process.execPath, [join(ROOT, 'node_modules/jest/bin/jest.js'), '--max-workers=4', ...unitWords], {
    cwd: ROOT,
    env,
  });
}

/** @param {import('./lib/postgres.mjs').Cluster} database @returns {Promise<number>} */
async function browserTests(database) {
  const { ensureBuild } = await import('./lib/build.mjs');
  const { appFolder } = await ensureBuild();
  say('Browser tests');
  await database.ensureDatabase('browser');
  const port = await freePort(4970);
  /** What this server is told, and those that tests start for themselves. */
  const told = {
    DATABASE_URL: database.url('browser'),
    APP_FOLDER: appFolder,
    HOST: 'localhost',
    DEMO: '1',
    LOG_LEVEL: 'warn',
    STRICT_ANSWERS: '1',
    REQUESTS_PER_MINUTE: '100000',
  };
  // Apart from the rest: a test of `npm start` must not be told of this database.
  const env = {
    ...process.env,
    E2E_URL: `http://localhost:${port}`,
    E2E_SERVER: JSON.stringify(told),
    E2E_CHROMIUM: JSON.stringify(chromium),
  };
  const server = await serve({
    databaseUrl: told.DATABASE_URL,
    appFolder,
    port,
    demo: true,
    env: told,
    onStarted: (stop) => (stopServer = stop),
  });
  const code = await run(
    process.execPath,
    [
      join(ROOT, 'node_modules/@playwright/test/cli.js'),
      'test',
      '--config',
      join(ROOT, 'e2e/playwright.config.ts'),
      ...(part === 'browser' ? more : []),
    ],
    { cwd: join(ROOT, 'e2e'), env },
  );
  await server.stop();
  return code;
}

const RUNNERS = { unit: unitTests, browser: browserTests };
/** @type {string[]} */
const summary = [];
let failed = 0;
try {
  for (const name of /** @type {(keyof typeof RUNNERS)[]} */ (parts)) {
    const began = performance.now();
    const code = await RUNNERS[name](cluster).catch((error) => {
      process.stderr.write(`\n${error instanceof Error ? error.message : error}\n`);
      return 1;
    });
    if (code !== 0) failed += 1;
    summary.push(
      `${name}: ${code === 0 ? 'passed' : `failed (${code})`} in ${((performance.now() - began) / 1000).toFixed(0)} s`,
    );
  }
} finally {
  await clean();
}
say(`\nTests: ${summary.join('; ')}`);
process.exit(failed === 0 ? 0 : 1);
