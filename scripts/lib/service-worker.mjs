// @ts-check
import { createHash } from 'node:crypto';
import { readFileSync, readdirSync } from 'node:fs';
import { join, relative } from 'node:path';
import { ROOT } from './prepare.mjs';

/** Files whose name changes with their content need no hash. */
const NAMED_BY_CONTENT = /^\/(?:_expo|assets)\//;
/** Not needed to run it. */
const LEFT_OUT = /(?:^\/sw\.js|\.br|\.gz|\.map|\.txt)$/;

/**
 * Every file of a build, as a worker keeps it.
 *
 * @param {string} folder
 * @returns {{ url: string, revision: string | null }[]}
 */
export const filesOf = (folder) =>
  readdirSync(folder, { recursive: true, withFileTypes: true })
    .filter((entry) => entry.isFile())
    .map((entry) => join(entry.parentPath, entry.name))
    .map((path) => ({ path, url: `/${relative(folder, path)}` }))
    .filter(({ url }) => !LEFT_OUT.test(url))
    .sort((a, b) => a.url.localeCompare(b.url))
    .map(({ path, url }) => ({
      url,
      revision: NAMED_BY_CONTENT.test(url) ? null : createHash('sha256').update(readFileSync(path)).digest('hex'),
    }));

/**
 * Writes the worker of a build into it, with the list of its files.
 *
 * @param {string} folder
 */
export async function writeServiceWorker(folder) {
  const { build } = await import('esbuild');
  await build({
    entryPoints: [join(ROOT, 'app/service-worker/sw.ts')],
    outfile: join(folder, 'sw.js'),
    bundle: true,
    minify: true,
    format: 'iife',
    target: 'es2022',
    define: { 'self.__BUILD_FILES': JSON.stringify(filesOf(folder)), 'process.env.NODE_ENV': '"production"' },
    logLevel: 'error',
  });
}
