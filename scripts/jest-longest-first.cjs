/**
 * Order of the test files: those that take half a minute begin first, so that none of them is left running alone at the
 * end. Jest remembers how long each took; a fresh clone has nothing to remember, and goes by their size.
 */
const { default: Sequencer } = require('@jest/test-sequencer');

const LONGEST = ['core/test/drunk-and-left.test.ts', 'server/test/fuzz.test.ts', 'app/test/queue.test.ts'];

module.exports = class LongestFirst extends Sequencer {
  sort(tests) {
    const isLong = ({ path }) => LONGEST.some((name) => path.endsWith(name));
    const sorted = super.sort(tests);
    return [...sorted.filter(isLong), ...sorted.filter((test) => !isLong(test))];
  }
};
