// @ts-check
import { mkdirSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT, ensureNode, ensurePackages } from './lib/prepare.mjs';
import { endWithWhatRuns, run } from './lib/run.mjs';

/** Draws the charts of docs/science from core: `npm run charts`. */

endWithWhatRuns();
ensureNode();
await ensurePackages();
const { buildSync } = await import('esbuild');
const outfile = join(ROOT, 'core', '.build', 'charts.mjs');
buildSync({
  entryPoints: [join(ROOT, 'core/charts/charts.ts')],
  outfile,
  bundle: true,
  platform: 'node',
  format: 'esm',
  logLevel: 'error',
});
const folder = join(ROOT, 'docs', 'science', 'charts');
mkdirSync(folder, { recursive: true });
process.exitCode = await run(process.execPath, [outfile, folder], { cwd: ROOT });
