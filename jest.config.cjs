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

module.exports = { projects: [node('core'), node('contract'), node('cli'), node('server'), '<rootDir>/app'] };
