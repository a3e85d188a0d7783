import { analysisReport } from '@wellhydra/core/analyse';
import { bandOdds, measureSpread } from '@wellhydra/core/spread';
import { targetFor } from '@wellhydra/core/target';
import { WrongInput, type CommandVerb } from '../command';
import { parseOptions, wholeNumber } from '../options';
import { analysisFrom } from './drink-file';

/** Draws run side by side in memory, some 300 bytes a draw for each portion of the pot. */
const MOST_DRAWS = 100_000;

/** `analyse FILE [--range N] [--seed S]` */
export const analyse: CommandVerb = (args, { readFile }) => {
  const { positionals, options } = parseOptions(args, ['range', 'seed']);
  const [path, extra] = positionals;
  if (!path || extra) throw new WrongInput('analyse takes one file, or - for standard input.');
  const draws = options.range === undefined ? undefined : wholeNumber('range', options.range, 1, MOST_DRAWS);
  const seed = options.seed === undefined ? undefined : wholeNumber('seed', options.seed, 0, 2 ** 31 - 1);
  const analysis = analysisFrom(readFile(path), path);
  const report = analysisReport(analysis);
  if (draws === undefined) return report;
  const spread = measureSpread(analysis, { draws, ...(seed === undefined ? {} : { seed }) });
  const target = targetFor(analysis.drink);
  return { ...report, range: spread.ranges, odds: target ? bandOdds(spread, target) : [] };
};
