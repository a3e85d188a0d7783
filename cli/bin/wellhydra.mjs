#!/usr/bin/env node
// Bundles the sources the first time and after a change, then runs them: nothing to build by hand.
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, readdirSync, renameSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath, pathToFileURL } from 'node:url';

const root = dirname(dirname(dirname(fileURLToPath(import.meta.url))));
const out = join(root, 'cli', '.build');

/** @param {string} folder @returns {string[]} */
const sources = (folder) =>
  readdirSync(folder, { recursive: true, withFileTypes: true })
    .filter((entry) => entry.isFile() && entry.name.endsWith('.ts'))
    .map((entry) => join(entry.parentPath, entry.name))
    .sort();

const hash = createHash('sha256');
for (const file of ['core/src', 'contract/src', 'cli/src'].flatMap((folder) => sources(join(root, folder))))
  hash.update(file).update(readFileSync(file));
const bundle = join(out, `wellhydra-${hash.digest('hex').slice(0, 16)}.mjs`);

if (!existsSync(bundle)) {
  const { buildSync } = await import('esbuild');
  mkdirSync(out, { recursive: true });
  const fresh = `${bundle}.${process.pid}`;
  const built = buildSync({
    entryPoints: [join(root, 'cli/src/main.ts')],
    bundle: true,
    platform: 'node',
    format: 'esm',
    write: false,
    logLevel: 'error',
    banner: { js: "import { createRequire } from 'node:module';const require=createRequire(import.meta.url);" },
  });
  writeFileSync(fresh, /** @type {{ contents: Uint8Array }} */ (built.outputFiles[0]).contents);
  renameSync(fresh, bundle);
}
await import(pathToFileURL(bundle).href);
