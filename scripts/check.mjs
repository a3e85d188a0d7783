// @ts-check
import { join } from 'node:path';
import { ROOT, ensureNode, ensurePackages } from './lib/prepare.mjs';
import { run } from './lib/run.mjs';
import { say } from './lib/say.mjs';

/** Everything that has to be clean: types, lint, dependency directions, formatting, tests. `npm run check -- --no-tests` leaves those out. */

ensureNode();
await ensurePackages();
const bin = (/** @type {string} */ path) => join(ROOT, 'node_modules', path);

/** @type {readonly (readonly [string, readonly string[]])[]} */
const STEPS = [
  ...['core', 'contract', 'cli', 'server', 'app', 'e2e', 'scripts'].map(
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
  ['Formatting', [bin('prettier/bin/prettier.cjs'), '--check', '.', '--log-level', 'warn']],
  ...(process.argv.includes('--no-tests') ? [] : [/** @type {const} */ (['Tests', [join(ROOT, 'scripts/test.mjs')]])]),
];

for (const [name, args] of STEPS) {
  say(name);
  const code = await run(process.execPath, args, { cwd: ROOT });
  if (code !== 0) {
    process.stderr.write(`\n"${name}" is not clean.\n`);
    process.exit(code);
  }
}
say('All clean.');
