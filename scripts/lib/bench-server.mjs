// @ts-check
import { chmodSync, mkdirSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { SERVER_BUNDLE, ensureBuild } from './build.mjs';
import { startCluster } from './postgres.mjs';
import { ROOT, ensurePostgres } from './prepare.mjs';
import { run } from './run.mjs';

/**
 * A kitchen with half a million pours against a small one, and against a bare server that does the same SQL.
 *
 * @param {'server' | 'load'} part how long each takes, or how many a second it holds
 */
export async function benchServer(part = 'server') {
  await ensurePostgres();
  await ensureBuild();
  const { buildSync } = await import('esbuild');
  // Beside the server's own packages, which it is run with.
  const out = join(ROOT, 'server', '.build');
  mkdirSync(out, { recursive: true });
  buildSync({
    entryPoints: ['server.bench', 'bare-server'].map((name) => join(ROOT, 'server/bench', `${name}.ts`)),
    outdir: out,
    outExtension: { '.js': '.mjs' },
    bundle: true,
    platform: 'node',
    format: 'esm',
    packages: 'external',
    alias: { '@wellhydra/core': join(ROOT, 'core/src'), '@wellhydra/contract': join(ROOT, 'contract/src') },
    logLevel: 'error',
  });
  const folder = mkdtempSync(join(tmpdir(), 'wellhydra-bench-'));
  chmodSync(folder, 0o755);
  const cluster = await startCluster({ dataFolder: folder, throwaway: true, wantedPort: 56910 });
  try {
    for (const name of ['small', 'big']) await cluster.ensureDatabase(name);
    await run(process.execPath, [join(out, 'server.bench.mjs')], {
      cwd: join(ROOT, 'server'),
      env: {
        ...process.env,
        NODE_ENV: 'production',
        BENCH_PART: part,
        BENCH_DATABASES: `${cluster.url('small')} ${cluster.url('big')}`,
        BENCH_SERVER: SERVER_BUNDLE,
        BENCH_BARE: join(out, 'bare-server.mjs'),
        BENCH_FOLDER: folder,
      },
    });
  } finally {
    await cluster.stop();
    rmSync(folder, { recursive: true, force: true });
  }
}
