/** Jest transformer for the plain TypeScript workspaces: esbuild strips the types, tsc checks them elsewhere. */
const { transformSync } = require('esbuild');

module.exports = {
  process(source, path) {
    const { code, map } = transformSync(source, {
      loader: path.endsWith('x') ? 'tsx' : 'ts',
      format: 'cjs',
      target: 'node20',
      sourcemap: 'external',
      sourcefile: path,
    });
    return { code, map };
  },
};
