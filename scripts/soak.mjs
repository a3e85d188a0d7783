// @ts-check
import { chmodSync, mkdirSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { ensureBuild } from './lib/build.mjs';
import { startCluster } from './lib/postgres.mjs';
import { ROOT, ensureNode, ensurePackages, ensurePostgres } from './lib/prepare.mjs';
import { endWithWhatRuns } from './lib/run.mjs';
import { say } from './lib/say.mjs';
import { serve } from './lib/serve.mjs';
import { judge, measurer } from './lib/soak-measures.mjs';

/**
 * Days of households that come and go, for half an hour, at one server: its memory, connections, files and disk are to
 * end as they began. `npm run soak -- [minutes]`; fails where something grows.
 */

const MINUTES = Number(process.argv[2] ?? 30);
const HOUSEHOLDS_AT_ONCE = 4;
const LOOKED_EVERY_ms = 10_000;
/** As if a proxy told thousands of addresses apart. */
const NO_LIMITS = { REQUESTS_PER_MINUTE: '1000000', SIGN_INS_PER_QUARTER: '1000000' };

endWithWhatRuns();
ensureNode();
await ensurePackages();
await ensurePostgres();
const { appFolder } = await ensureBuild();
if (!(MINUTES >= 1)) throw new Error(`npm run soak -- 30 takes minutes, 1 at the least, not "${process.argv[2]}".`);
const { buildSync } = await import('esbuild');
const out = join(ROOT, 'server', '.build', 'soak-day.mjs');
mkdirSync(join(out, '..'), { recursive: true });
buildSync({
  entryPoints: [join(ROOT, 'server/bench/soak-day.ts')],
  outfile: out,
  bundle: true,
  platform: 'node',
  format: 'esm',
  packages: 'external',
  alias: { '@wellhydra/core': join(ROOT, 'core/src') },
  logLevel: 'error',
});
/** @type {{ householdDay: (url: string) => Promise<number> }} */
const { householdDay } = await import(pathToFileURL(out).href);

const folder = mkdtempSync(join(tmpdir(), 'wellhydra-soak-'));
chmodSync(folder, 0o755);
const cluster = await startCluster({ dataFolder: folder, throwaway: true, wantedPort: 56940 });
try {
  await cluster.ensureDatabase('soak');
  const server = await serve({
    databaseUrl: cluster.url('soak'),
    appFolder,
    port: 0,
    demo: false,
    logFile: join(folder, 'server.log'),
    env: {
      ...NO_LIMITS,
      LOG_LEVEL: 'error',
      SPOOL_FOLDER: join(folder, 'spool'),
      OUTBOX_FOLDER: join(folder, 'outbox'),
    },
  });
  const { measure, close } = await measurer({ pid: /** @type {number} */ (server.pid), database: cluster.url('soak') });
  const until = Date.now() + MINUTES * 60_000;
  let [days, requests] = [0, 0];
  /** @type {unknown} */
  let failed;
  const household = async () => {
    while (Date.now() < until && !failed) {
      const answered = await householdDay(`http://127.0.0.1:${server.port}`);
      requests += answered;
      days += 1;
    }
  };
  // Each to its end: whatever fails, nothing is asked of a server that has been stopped.
  const running = Promise.allSettled(
    Array.from({ length: HOUSEHOLDS_AT_ONCE }, () => household().catch((error) => (failed ??= error))),
  );
  const measures = [];
  while (Date.now() < until && !failed) {
    await Promise.race([running, new Promise((resolve) => setTimeout(resolve, LOOKED_EVERY_ms))]);
    const now = await measure();
    measures.push(now);
    if (measures.length % 6 === 0)
      say(
        `${measures.length / 6} min: ${days} days, ${requests} requests; ${Object.entries(now)
          .map(([name, value]) => `${name} ${value.toFixed(0)}`)
          .join(', ')}`,
      );
  }
  await running;
  await close();
  await server.stop();
  if (failed) throw failed;
  const findings = judge(measures);
  for (const { words } of findings) say(words);
  say(`${days} days of households, ${requests} requests in ${MINUTES} min.`);
  process.exitCode = findings.every(({ flat }) => flat) ? 0 : 1;
} finally {
  await cluster.stop();
  rmSync(folder, { recursive: true, force: true });
}
