// @ts-check
import { ensureNode, ensurePackages } from './lib/prepare.mjs';
import { bundleAndRun } from './lib/bundle-and-run.mjs';
import { endWithWhatRuns } from './lib/run.mjs';

/** Fits the chance that a line is read as it was meant, and says how well it holds: `npm run calibrate`. */

endWithWhatRuns();
ensureNode();
await ensurePackages();
process.exitCode = await bundleAndRun('core/bench/calibrate.ts', process.argv.slice(2), ['mathjs']);
