/** Jest transformer for the plain TypeScript workspaces: esbuild strips the types, tsc checks them elsewhere. */
const { createHash } = require('node:crypto');
const { readFileSync } = require('node:fs');
const { transformSync } = require('esbuild');

const OWN_SOURCE = readFileSync(__filename);

// Jest runs CommonJS here, where a module knows its file and not its URL.
const MODULE_URL = "const __moduleUrl = require('node:url').pathToFileURL(__filename).href;";

module.exports = {
  getCacheKey: (source, path) => createHash('sha256').update(OWN_SOURCE).update(path).update(source).digest('hex'),
  process(source, path) {
    const { code, map } = transformSync(source, {
      loader: path.endsWith('x') ? 'tsx' : 'ts',
      format: 'cjs',
      target: 'node20',
      sourcemap: 'external',
      sourcefile: path,
      ...(source.includes('import.meta') ? { define: { 'import.meta.url': '__moduleUrl' }, banner: MODULE_URL } : {}),
    });
    return { code, map };
  },
};
