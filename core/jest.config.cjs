const all = require('../jest.config.cjs').projects.find(({ displayName }) => displayName === 'core');

/** The tests that hold the rules of this workspace: those that mutation testing asks. */
module.exports = {
  ...all,
  testMatch: [
    'caution*',
    'keeping',
    'merge',
    'kitchen',
    'reference-processes',
    'reference-keeping',
    'judgement',
    'brew-jars',
  ].map((name) => `<rootDir>/test/${name}.test.ts`),
};
