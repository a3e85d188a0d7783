// @ts-check
import { join } from 'node:path';
import { ROOT, ensureNode, ensurePackages } from './lib/prepare.mjs';
import { endWithWhatRuns, run } from './lib/run.mjs';
import { say } from './lib/say.mjs';

/**
 * Everything that has to be clean: types, lint, dependency directions, licences, formatting, tests. `npm run check -- --no-tests`
 * leaves those out. Each is run whatever became of the others, and what is not clean is listed at the end.
 */

ensureNode();
endWithWhatRuns();
await ensurePackages();
const bin = (/** @type {string} */ path) => join(ROOT, 'node_modules', path);

/** @typedef {readonly [string, readonly string[]]} Step */
/** @type {readonly Step[]} */
const STATIC = [
  ...['app', 'app/service-worker', 'core', 'contract', 'cli', 'server', 'e2e', 'scripts'].map(
    (name) => /** @type {const} */ ([`Types: ${name}`, [bin('typescript/bin/tsc'), '-p', name]]),
  ),
  ['Lint', [bin('eslint/bin/eslint.js'), '.', '--max-warnings', '0']],
  [
    'Dependency directions',
    [
      bin('dependency-cruiser/bin/dependency-cruise.mjs'),
      '--config',
      '.dependency-cruiser.cjs',
      'core/src',
      'contract/src',
      'cli/src',
      'server/src',
      'app/src',
      'e2e',
    ],
  ],
  ['Licences', [join(ROOT, 'scripts/licences.mjs')]],
  ['Formatting', [bin('prettier/bin/prettier.cjs'), '--check', '.', '--log-level', 'warn']],
];
/** What is checked at the same time. */
const AT_ONCE = 2;

/** @type {string[]} */
const unclean = [];

/** @param {Step} step */
async function check([name, args]) {
  say(name);
  if ((await run(process.execPath, args, { cwd: ROOT })) !== 0) unclean.push(name);
}

const waiting = [...STATIC];
const worker = async () => {
  for (let step = waiting.shift(); step; step = waiting.shift()) await check(step);
};
await Promise.all(Array.from({ length: AT_ONCE }, worker));
if (!process.argv.includes('--no-tests')) await check(['Tests', [join(ROOT, 'scripts/test.mjs')]]);

if (unclean.length > 0) {
  process.stderr.write(`\nNot clean: ${unclean.join(', ')}.\n`);
  process.exit(1);
}
say('\nAll clean.');
