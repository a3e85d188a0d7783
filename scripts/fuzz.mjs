// @ts-check
import { mkdirSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT, ensureNode, ensurePackages } from './lib/prepare.mjs';
import { endWithWhatRuns, run } from './lib/run.mjs';

/**
 * Random drinks against the simulator: `npm run fuzz -- [count] [seconds]`; lines that are cut and put together against
 * the reader: `npm run fuzz -- reader [count] [seed]`.
 */

endWithWhatRuns();
ensureNode();
await ensurePackages();
const { buildSync } = await import('esbuild');
const folder = join(ROOT, 'core', '.build');
mkdirSync(folder, { recursive: true });
const [what] = process.argv.slice(2);
const name = what === 'reader' ? 'fuzz-reader' : 'fuzz';
const outfile = join(folder, `${name}.mjs`);
buildSync({
  entryPoints: [join(ROOT, `core/fuzz/${name}.ts`)],
  outfile,
  bundle: true,
  platform: 'node',
  format: 'esm',
  external: ['fast-check'],
  logLevel: 'error',
});
process.exitCode = await run(process.execPath, [outfile, ...process.argv.slice(what === 'reader' ? 3 : 2)], {
  cwd: ROOT,
});
