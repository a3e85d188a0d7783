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

module.exports = {
  projects: [node('core'), node('contract'), node('cli'), server, '<rootDir>/app'],
  // A machine that is busy with something else is slow, not wrong.
  testTimeout: 60_000,
  workerIdleMemoryLimit: '300MB',
};
