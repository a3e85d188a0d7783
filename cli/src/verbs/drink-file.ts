import { analyseDrink, type Analysis } from '@wellhydra/core/analyse';
import { readDrink, type Drink } from '@wellhydra/core/drink';
import { WrongInput } from '../command';

/** Parses a file that should hold JSON. */
export function parseJson(text: string, path: string): unknown {
  try {
    return JSON.parse(text);
  } catch (error) {
    throw new WrongInput(`${path}: not JSON (${(error as Error).message}).`);
  }
}

interface Problem {
  readonly at: string;
  readonly text: string;
  readonly message: string;
}

/** The problems of a file, a line each: where, what, and what to do. */
export const problemLines = (path: string, problems: readonly Problem[]): string =>
  problems
    .map((each) => `${path}: ${each.at || 'file'}: ${each.message}${each.text ? ` Found: ${each.text}` : ''}`)
    .join('\n');

/** The drink in a file. */
export function drinkFrom(text: string, path: string): Drink {
  const read = readDrink(parseJson(text, path));
  if (read.kind === 'drink') return read.drink;
  throw new WrongInput(problemLines(path, read.problems));
}

/** The analysis of the drink in a file; every step of it must be understood. */
export function analysisFrom(text: string, path: string): Analysis {
  const analysis = analyseDrink(drinkFrom(text, path));
  if (analysis.problems.length === 0) return analysis;
  throw new WrongInput(
    analysis.problems
      .map(({ step, text: at, message, suggestions }) => {
        const where = step === null ? 'drink' : `step ${step + 1} ("${analysis.drink.steps[step]?.text}")`;
        const meant = suggestions.length > 0 ? ` Nearest: ${suggestions.join('; ')}.` : '';
        return `${path}: ${where}: ${message}${at ? ` At: "${at}".` : ''}${meant}`;
      })
      .join('\n'),
  );
}
