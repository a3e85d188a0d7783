import {
  TEASPOON_mL,
  bulkDensityFor,
  formatNumber,
  readIngredientLine,
  type IngredientLine,
  type LineOptions,
} from '../quantity';
import { spoonNumber, withNumbers } from './scale-line';

/** What a kitchen measures with. */
export interface Measures {
  /** Finest that can be weighed, g; null without a scale. */
  readonly scale_g: number | null;
}

/** Grids of amounts: up to so much, in steps of so much. */
type Grid = readonly (readonly [below: number, step: number])[];
const JUG_mL: Grid = [
  [10, 0.5],
  [100, 1],
  [500, 5],
  [Infinity, 10],
];
/** How finely ounces and pounds are read off a scale. */
const POUNDS: Readonly<Record<string, number>> = { oz: 0.1, lb: 0.05 };
/** A kitchen scale is read to a gram from here on, g. */
const WHOLE_GRAMS_FROM = 10;
const SPOON: Grid = [
  [1, 1 / 8],
  [Infinity, 1 / 4],
];
/** Spoons by the word for them: how finely each is filled by level measures. */
const SPOONS: Readonly<Record<string, Grid>> = {
  tsp: SPOON,
  tbsp: [[Infinity, 1 / 2]],
  cup: [[Infinity, 1 / 4]],
};
const TSP_IN_TBSP = 3;
const TABLESPOON = /\b(?:tbsp|tablespoons?)\b/i;
/** A spoon that would be off by more is said in teaspoons instead, as a share. */
const SPOON_OFF = 0.03;
/** Measures for what is not weighed, and from how much on each is used, mL. Source: US customary measures. */
const LEVELS: readonly (readonly [name: string, size_mL: number, from_mL: number, grid: Grid])[] = [
  ['cup', 48 * TEASPOON_mL, 12 * TEASPOON_mL, [[Infinity, 1 / 4]]],
  ['level tbsp', 3 * TEASPOON_mL, 6 * TEASPOON_mL, [[Infinity, 1 / 2]]],
  ['level tsp', TEASPOON_mL, 0, SPOON],
];
const HALVES: Grid = [
  [4, 1 / 2],
  [Infinity, 1],
];
const WHOLES: Grid = [[Infinity, 1]];
/** Pieces that nobody halves. */
const NEVER_HALVED = new Set(['bag', 'leaf', 'sprig', 'clove', 'coin', 'slice', 'drop', 'pinch', 'dash']);

/** The nearest amount on a grid, never nothing. */
function onGrid(value: number, grid: Grid): number {
  const [, step] = grid.find(([below]) => value < below)!;
  return Math.max(step, Math.round(value / step) * step);
}

function gridOf({ amount }: IngredientLine, { scale_g }: Measures): Grid {
  const { unit } = amount;
  const { dimension, tool, id } = unit;
  if (dimension === 'capsule' || NEVER_HALVED.has(id) || tool === 'drop') return WHOLES;
  if (dimension === 'piece') return HALVES;
  if (dimension === 'length') return [[Infinity, 0.5]];
  const inUnit = (grid: Grid): Grid => grid.map(([below, step]) => [below / unit.size, step / unit.size]);
  if (dimension === 'mass') {
    const finest = scale_g ?? 1;
    if (id in POUNDS) return [[Infinity, POUNDS[id]!]];
    return inUnit([
      [WHOLE_GRAMS_FROM, finest],
      [Infinity, Math.max(1, finest)],
    ]);
  }
  if (tool === 'spoon' || tool === 'cup') return SPOONS[id.slice(id.indexOf('-') + 1)] ?? HALVES;
  return tool === 'hand' ? WHOLES : inUnit(JUG_mL);
}

const written = (value: number): string => formatNumber(value, 4);

/** Grams where there is no scale: level teaspoons of it, if it has a weight by the spoon. */
function bySpoon(text: string, line: IngredientLine, factor: number): string | undefined {
  if (line.dose.kind !== 'mass') return undefined;
  const bulk = bulkDensityFor(line.ingredient);
  const rest = /^[\d.,/¼½¾⅓⅔ -]+(?:kg|g|mg|oz|lb)\b\s*(.*)$/i.exec(text.trim())?.[1];
  if (!bulk || !rest) return undefined;
  const volume_mL = (line.dose.mass_g * factor) / bulk.density_g_mL;
  const [name, size_mL, , grid] = LEVELS.find(([, , from_mL]) => volume_mL >= from_mL)!;
  const count = onGrid(volume_mL / size_mL, grid);
  return `${spoonNumber(count, Infinity) ?? written(count)} ${name} ${rest}`;
}

/**
 * An amount in words times a factor, rounded to what hands can measure: level spoons in quarters, whole pieces or
 * halves, grams as fine as the scale shows.
 *
 * @param text such as "1/2 tsp salt", "2 lemons", "420 g honey"
 * @param factor above 0
 * @param measures of the kitchen
 * @param options with which lines are read there
 * @returns a line that reads back; undefined when there is no amount to exchange
 * @throws RangeError for a factor that is not above 0
 */
export function measurableLine(
  text: string,
  factor: number,
  measures: Measures,
  options: LineOptions = {},
): string | undefined {
  if (!(factor > 0)) throw new RangeError(`measurableLine: factor must be above 0, got ${factor}`);
  const line = readIngredientLine(text, options);
  if (line.kind === 'unreadable' || line.dose.kind === 'pot') return undefined;
  if (measures.scale_g === null && line.amount.unit.dimension === 'mass') {
    const spooned = bySpoon(text, line, factor);
    if (spooned) return spooned;
  }
  const grid = gridOf(line, measures);
  const spoon = line.amount.unit.tool === 'spoon' || line.amount.unit.tool === 'cup';
  const write = (grids: Grid, times: number) => (value: number) => {
    const rounded = onGrid(value * factor * times, grids);
    return (
      (spoon || line.amount.unit.dimension === 'piece' ? spoonNumber(rounded, Infinity) : undefined) ?? written(rounded)
    );
  };
  const wanted = line.amount.value * factor;
  const off = Math.abs(onGrid(wanted, grid) / wanted - 1);
  if (TABLESPOON.test(text) && off > SPOON_OFF)
    return withNumbers(text, write(SPOON, TSP_IN_TBSP))?.replace(TABLESPOON, 'tsp');
  return withNumbers(text, write(grid, 1));
}
