// @ts-check
import { mkdirSync } from 'node:fs';
import { basename, join } from 'node:path';
import { ROOT } from './prepare.mjs';
import { run } from './run.mjs';

/**
 * Bundles a program of core's and runs it.
 * @param {string} entry from the root
 * @param {readonly string[]} words for it
 * @param {string[]} external packages that are left where they are
 * @returns {Promise<number>} its exit code
 */
export async function bundleAndRun(entry, words, external) {
  const { buildSync } = await import('esbuild');
  const folder = join(ROOT, 'core', '.build');
  mkdirSync(folder, { recursive: true });
  const outfile = join(folder, `${basename(entry, '.ts')}.mjs`);
  buildSync({
    entryPoints: [join(ROOT, entry)],
    outfile,
    bundle: true,
    platform: 'node',
    format: 'esm',
    external,
    logLevel: 'error',
  });
  return run(process.execPath, [outfile, ...words], { cwd: ROOT });
}
