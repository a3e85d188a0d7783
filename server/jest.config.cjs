/** The tests of this workspace alone, as mutation testing runs them; `jest.config.cjs` above runs them with the others. */
const { projects, testTimeout } = require('../jest.config.cjs');

module.exports = { ...projects.find(({ displayName }) => displayName === 'server'), testTimeout };
