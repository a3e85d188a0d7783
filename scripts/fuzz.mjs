// @ts-check
import { bundleAndRun } from './lib/bundle-and-run.mjs';
import { ensureNode, ensurePackages } from './lib/prepare.mjs';
import { endWithWhatRuns } from './lib/run.mjs';

/**
 * Random drinks against the simulator: `npm run fuzz -- [count] [seconds]`; lines that are cut and put together against
 * the reader: `npm run fuzz -- reader [count] [seed]`.
 */

endWithWhatRuns();
ensureNode();
await ensurePackages();
const [what, ...more] = process.argv.slice(2);
process.exitCode =
  what === 'reader'
    ? await bundleAndRun('core/fuzz/fuzz-reader.ts', more, ['fast-check'])
    : await bundleAndRun('core/fuzz/fuzz.ts', what === undefined ? [] : [what, ...more], ['fast-check']);
