// @ts-check
import { mkdirSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT, ensureNode, ensurePackages } from './lib/prepare.mjs';
import { endWithWhatRuns, run } from './lib/run.mjs';

/** Random drinks against the simulator: `npm run fuzz -- [count] [seconds]`. */

endWithWhatRuns();
ensureNode();
await ensurePackages();
const { buildSync } = await import('esbuild');
const folder = join(ROOT, 'core', '.build');
mkdirSync(folder, { recursive: true });
const outfile = join(folder, 'fuzz.mjs');
buildSync({
  entryPoints: [join(ROOT, 'core/fuzz/fuzz.ts')],
  outfile,
  bundle: true,
  platform: 'node',
  format: 'esm',
  external: ['fast-check'],
  logLevel: 'error',
});
process.exitCode = await run(process.execPath, [outfile, ...process.argv.slice(2)], { cwd: ROOT });
