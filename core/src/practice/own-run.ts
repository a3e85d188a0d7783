import { analyseDrink, figureValue, type AnalyseOptions, type Analysis, type SpreadFigure } from '../analyse';
import type { Drink, DrinkStep } from '../drink';

/** Runs a recipe of our own; every line of it is understood. */
export function ownRun(
  kind: Drink['kind'],
  steps: readonly DrinkStep[],
  { serving, options }: { readonly serving?: string | undefined; readonly options?: AnalyseOptions | undefined } = {},
): Analysis {
  const analysis = analyseDrink({ name: 'Practice', kind, steps, ...(serving ? { serving } : {}) }, options);
  const [problem] = analysis.problems;
  if (problem) throw new RangeError(`ownRun: "${problem.text}": ${problem.message}`);
  return analysis;
}

/** A figure of such a run; there is one. */
export function ownFigure(analysis: Analysis, figure: SpreadFigure): number {
  const value = figureValue(analysis, figure);
  if (value === null || !(value > 0)) throw new RangeError(`ownFigure: the recipe has no ${figure}`);
  return value;
}
