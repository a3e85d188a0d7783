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
/** Households that do not go, by which it is measured what a day of one takes on the disk. */
const DAYS_THAT_STAY = 200;
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
/** @type {{ householdDay: (url: string, stays?: boolean) => Promise<number> }} */
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
  const { measure, spent, close } = await measurer({
    pid: /** @type {number} */ (server.pid),
    database: cluster.url('soak'),
  });
  const empty = await measure();
  for (let day = 0; day < DAYS_THAT_STAY; day += 1) await householdDay(`http://127.0.0.1:${server.port}`, true);
  const kept_kB = (1024 * ((await measure())['database MB'] - empty['database MB'])) / DAYS_THAT_STAY;
  const before = await spent();
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
  const after = await spent();
  await close();
  await server.stop();
  if (failed) throw failed;
  const findings = judge(measures);
  for (const { words } of findings) say(words);
  /** @param {keyof typeof after} what */
  const each = (what) => ((1000 * (after[what] - before[what])) / requests).toFixed(2);
  say(`${days} days of households, ${requests} requests in ${MINUTES} min.`);
  say(
    `A request takes ${each('server_s')} ms of a processor for the server, ${each('postgres_s')} ms for PostgreSQL, and ${each('wal_MB')} kB written ahead; a day that stays takes ${kept_kB.toFixed(0)} kB of the disk.`,
  );
  process.exitCode = findings.every(({ flat }) => flat) ? 0 : 1;
} finally {
  await cluster.stop();
  rmSync(folder, { recursive: true, force: true });
}
