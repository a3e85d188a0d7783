import { SPREAD_FIGURES, figureValue, type Analysis, type SpreadFigure } from '../analyse';
import { columnOf, drawnChance, runInPot, type Column } from '../simulate';
import { describedColumns, drawnPot, isDescribed, linearColumn, type DrawnPot } from './figure-columns';
import { quantilesOf } from './quantile';
import { standardNormal } from './standard-normal';

/** Draws and seed where none are given. */
export const DEFAULT_DRAWS = 500;
export const DEFAULT_SEED = 1;
/** Standard deviations in the margin of a pH, which stands for 95 %. */
const PH_MARGIN_SD = 1.96;

export interface Range {
  readonly p5: number;
  readonly p50: number;
  readonly p95: number;
}

/** Spread of every figure of a drink: from measures, ingredients and processes. */
export interface Spread {
  readonly draws: number;
  readonly ranges: Readonly<Partial<Record<SpreadFigure, Range>>>;
  /** Share of drinks made like this in which a figure comes out above a line. */
  readonly chanceAbove: (figure: SpreadFigure, line: number) => number | null;
}

export interface SpreadOptions {
  readonly draws?: number;
  readonly seed?: number;
}

function rangeOf(column: Column): Range {
  const [p5, p50, p95] = quantilesOf(column, [0.05, 0.5, 0.95]) as [number, number, number];
  return { p5, p50, p95 };
}

/** Drawn samples of each figure, in no order; sample 0, the drink as written, is left out. */
function drawColumns(analysis: Analysis, drawn: DrawnPot, normal: () => number): Map<SpreadFigure, Column> {
  const columns = new Map<SpreadFigure, Column>();
  const described = analysis.liquid ? describedColumns(drawn) : null;
  for (const figure of SPREAD_FIGURES) {
    const nominal = figureValue(analysis, figure);
    if (nominal === null) continue;
    if (isDescribed(figure) && !described) continue;
    const column = isDescribed(figure) ? described![figure].slice() : linearColumn(figure, analysis, drawn);
    // What is done to each glass is not drawn: it moves every sample alike.
    const shift = nominal - column[0]!;
    const draws = columnOf(column.length - 1, (sample) => column[sample + 1]! + shift);
    if (figure === 'liquid.pH') {
      const deviation = (analysis.liquid?.phMargin ?? 0) / PH_MARGIN_SD;
      for (let sample = 0; sample < draws.length; sample += 1) draws[sample]! += deviation * normal();
    }
    columns.set(figure, draws);
  }
  return columns;
}

/**
 * How far every figure of a drink may be off, by seeded Monte Carlo over its measures (spoons, scales,
 * jugs, pieces, hands), its ingredients and its processes. One spoon used twice errs the same way twice.
 * The draws run as columns through the steps, side by side.
 *
 * @param analysis of the drink
 * @param options number of draws (at least 1) and seed
 * @returns 5, 50 and 95 % points of each figure
 * Osmolality, water activity, acidity, viscosity and boiling point are read off the first 200 draws; times that
 * the maker sets (a steep, a simmer) are those of the drink as written.
 */
export function measureSpread(analysis: Analysis, options: SpreadOptions = {}): Spread {
  const draws = options.draws ?? DEFAULT_DRAWS;
  if (!Number.isInteger(draws) || draws < 1)
    throw new RangeError(`measureSpread: draws must be a whole number above 0, got ${draws}`);
  const normal = standardNormal(options.seed ?? DEFAULT_SEED);
  const { drink } = analysis;
  const runOptions = { ...analysis.options, ...(drink.preparations ? { preparations: drink.preparations } : {}) };
  const minutes = new Float64Array(draws + 1);
  const pot = runInPot(drink.steps, runOptions, drawnChance(draws, normal), (_index, done) => {
    if ('kind' in done) return;
    for (let sample = 0; sample <= draws; sample += 1)
      minutes[sample]! += done.minutesBySample?.[sample] ?? done.minutes;
  });
  const columns = drawColumns(analysis, drawnPot(pot, minutes), normal);
  const ranges: Partial<Record<SpreadFigure, Range>> = {};
  for (const [figure, column] of columns) ranges[figure] = rangeOf(column);
  return {
    draws,
    ranges,
    chanceAbove: (figure, line) => {
      const column = columns.get(figure);
      return column ? column.filter((value) => value > line).length / column.length : null;
    },
  };
}
