/** The tests of this workspace alone, as mutation testing runs them; `jest.config.cjs` above runs them with the others. */
module.exports = require('../jest.config.cjs').projects.find(({ displayName }) => displayName === 'core');
