// @ts-check
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { ROOT, ensureChromium, ensureNode, ensurePackages, ensurePostgres } from './lib/prepare.mjs';
import { run } from './lib/run.mjs';
import { say } from './lib/say.mjs';

/**
 * Runs all tests: `npm test`. `npm test -- unit` leaves the browser out, `npm test -- browser` runs
 * only that; words behind it go to the runner.
 */

const [part = 'all', ...more] = process.argv.slice(2);
const parts = part === 'unit' || part === 'browser' ? [part] : ['unit', 'browser'];
const unitWords = part === 'all' || part === 'unit' ? more : [];

ensureNode();
await ensurePackages();
await ensurePostgres();
if (parts.includes('browser')) await ensureChromium();

const { startCluster } = await import('./lib/postgres.mjs');
const { freePort } = await import('./lib/ports.mjs');
const folder = mkdtempSync(join(tmpdir(), 'wellhydra-test-'));
// The postgres user has to get through.
(await import('node:fs')).chmodSync(folder, 0o755);
const cluster = await startCluster({ dataFolder: folder, throwaway: true, wantedPort: 55870 });

let cleaned = false;
async function clean() {
  if (cleaned) return;
  cleaned = true;
  await cluster.stop();
  rmSync(folder, { recursive: true, force: true });
}
/** @param {number} code */
const cleanAndExit = (code) => void clean().then(() => process.exit(code));
process.on('SIGINT', () => cleanAndExit(130));
process.on('SIGTERM', () => cleanAndExit(143));

/** @returns {Promise<number>} */
async function unitTests() {
  say('Unit and server tests');
  const env = { ...process.env, TEST_DATABASE_URL: cluster.url('postgres') };
  return run(process.execPath, [join(ROOT, 'node_modules/jest/bin/jest.js'), '--max-workers=2', ...unitWords], {
    cwd: ROOT,
    env,
  });
}

/** @returns {Promise<number>} */
async function browserTests() {
  const { ensureBuild } = await import('./lib/build.mjs');
  const { appFolder } = await ensureBuild();
  say('Browser tests');
  await cluster.ensureDatabase('browser');
  const env = {
    ...process.env,
    E2E_DATABASE_URL: cluster.url('browser'),
    E2E_APP_FOLDER: appFolder,
    E2E_PORT: String(await freePort(4970)),
  };
  return run(
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
}

let code = 0;
try {
  if (parts.includes('unit')) code = await unitTests();
  if (code === 0 && parts.includes('browser')) code = await browserTests();
} finally {
  await clean();
}
process.exit(code);
