import { analyseDrink, analysisReport } from '@wellhydra/core/analyse';
import { readDrink, type Drink } from '@wellhydra/core/drink';
import { measureSpread } from '@wellhydra/core/spread';
import { parseOptions, wholeNumber } from '../options';
import { WrongInput, type CommandVerb } from '../command';

const MOST_DRAWS = 1_000_000;

function parseJson(text: string, path: string): unknown {
  try {
    return JSON.parse(text);
  } catch (error) {
    throw new WrongInput(`${path}: not JSON (${(error as Error).message}).`);
  }
}

function drinkFrom(text: string, path: string): Drink {
  const read = readDrink(parseJson(text, path));
  if (read.kind === 'drink') return read.drink;
  throw new WrongInput(
    read.problems
      .map((each) => `${path}: ${each.at || 'file'}: ${each.message}${each.text ? ` Found: ${each.text}` : ''}`)
      .join('\n'),
  );
}

/** `analyse FILE [--range N] [--seed S]` */
export const analyse: CommandVerb = (args, { readFile }) => {
  const { positionals, options } = parseOptions(args, ['range', 'seed']);
  const [path, extra] = positionals;
  if (!path || extra) throw new WrongInput('analyse takes one file, or - for standard input.');
  const draws = options.range === undefined ? undefined : wholeNumber('range', options.range, 1, MOST_DRAWS);
  const seed = options.seed === undefined ? undefined : wholeNumber('seed', options.seed, 0, 2 ** 31 - 1);
  const analysis = analyseDrink(drinkFrom(readFile(path), path));
  if (analysis.problems.length > 0)
    throw new WrongInput(
      analysis.problems
        .map(({ step, text, message, suggestions }) => {
          const where = step === null ? 'serving' : `step ${step + 1} ("${analysis.drink.steps[step]?.text}")`;
          const meant = suggestions.length > 0 ? ` Nearest: ${suggestions.join('; ')}.` : '';
          return `${path}: ${where}: ${message}${text ? ` At: "${text}".` : ''}${meant}`;
        })
        .join('\n'),
    );
  const report = analysisReport(analysis);
  return draws === undefined
    ? report
    : { ...report, range: measureSpread(analysis, { draws, ...(seed === undefined ? {} : { seed }) }).ranges };
};
