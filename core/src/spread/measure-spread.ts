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

type FigureDraws = readonly [SpreadFigure, Column];

/** The draws of a column, without sample 0; what is done to each glass is not drawn, and moves every one alike. */
function shifted(column: Column, nominal: number): Column {
  const shift = nominal - column[0]!;
  return columnOf(column.length - 1, (sample) => column[sample + 1]! + shift);
}

function rangeOf(column: Column): Range {
  const [p5, p50, p95] = quantilesOf(column, [0.05, 0.5, 0.95]) as [number, number, number];
  return { p5, p50, p95 };
}

/** Draws that run side by side: their columns stay in the memory next to the processor. */
const BLOCK_DRAWS = 2500;

/** Runs some draws of a drink side by side; sample 0 is the drink as written. */
function drawBlock({ drink, options }: Analysis, draws: number, normal: () => number): DrawnPot {
  const runOptions = { ...options, ...(drink.preparations ? { preparations: drink.preparations } : {}) };
  const minutes = new Float64Array(draws + 1);
  const pot = runInPot(drink.steps, runOptions, drawnChance(draws, normal), (_index, done) => {
    if ('kind' in done) return;
    for (let sample = 0; sample <= draws; sample += 1)
      minutes[sample]! += done.minutesBySample?.[sample] ?? done.minutes;
  });
  return drawnPot(pot, minutes);
}

/** Drawn samples of the figures that are described in full, in no order. */
function* describedDraws(analysis: Analysis, drawn: DrawnPot, normal: () => number): Generator<FigureDraws> {
  const described = analysis.liquid ? describedColumns(drawn) : null;
  if (!described) return;
  for (const figure of SPREAD_FIGURES) {
    const nominal = figureValue(analysis, figure);
    if (nominal === null || !isDescribed(figure)) continue;
    const draws = shifted(described[figure], nominal);
    if (figure === 'liquid.pH') {
      const deviation = (analysis.liquid?.phMargin ?? 0) / PH_MARGIN_SD;
      for (let sample = 0; sample < draws.length; sample += 1) draws[sample]! += deviation * normal();
    }
    yield [figure, draws];
  }
}

/** Drawn samples of the figures that add up. */
function* linearDraws(analysis: Analysis, drawn: DrawnPot): Generator<FigureDraws> {
  for (const figure of SPREAD_FIGURES) {
    const nominal = figureValue(analysis, figure);
    if (nominal !== null && !isDescribed(figure))
      yield [figure, shifted(linearColumn(figure, analysis, drawn), nominal)];
  }
}

/**
 * How far every figure of a drink may be off, by seeded Monte Carlo over its measures (spoons, scales,
 * jugs, pieces, hands), its ingredients and its processes. One spoon used twice errs the same way twice.
 * The draws run as columns through the steps, side by side, some thousand at a time.
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
  const columns = new Map<SpreadFigure, Column>();
  for (let from = 0; from < draws; from += BLOCK_DRAWS) {
    const block = drawBlock(analysis, Math.min(BLOCK_DRAWS, draws - from), normal);
    if (from === 0) for (const [figure, column] of describedDraws(analysis, block, normal)) columns.set(figure, column);
    for (const [figure, column] of linearDraws(analysis, block)) {
      if (from === 0) columns.set(figure, draws > BLOCK_DRAWS ? new Float64Array(draws) : column);
      columns.get(figure)!.set(column, from);
    }
  }
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
