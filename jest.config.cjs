const path = require('node:path');

/** A workspace of plain TypeScript that runs in Node. */
const node = (name) => ({
  displayName: name,
  rootDir: path.join(__dirname, name),
  testEnvironment: 'node',
  testMatch: ['<rootDir>/**/*.test.ts'],
  transform: { '\\.m?[jt]sx?$': require.resolve('./scripts/jest-esbuild.cjs') },
  transformIgnorePatterns: ['/node_modules/(?!(@wellhydra)/)'],
});

/** The server's tests begin with a database that is up to date already. */
const server = { ...node('server'), globalSetup: path.join(__dirname, 'server/test/template-database.ts') };

/**
 * A test runs in a context of its own, where every global costs a look through it: what a simulator asks for all the time
 * is handed to each module instead. Packages that name something of their own `Map` do not stand that.
 */
const core = {
  ...node('core'),
  sandboxInjectedGlobals: ['Math', 'Number', 'Object', 'Array', 'Map', 'Set', 'Float64Array', 'Infinity'],
};

module.exports = {
  projects: [core, node('contract'), node('cli'), server, '<rootDir>/app'],
  // A machine that is busy with something else is slow, not wrong.
  testTimeout: 240_000,
  testSequencer: path.join(__dirname, 'scripts/jest-longest-first.cjs'),
  workerIdleMemoryLimit: '500MB',
};
