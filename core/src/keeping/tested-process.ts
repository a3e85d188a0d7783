import type { Ingredient } from '../catalogue';
import type { Pot, TraceEntry } from '../simulate';
import type { ProcessedContent } from './hot-water-process';

/** Fruit of the berry syrups that have a tested time. Source: USDA/NCHFP. Elderberries only with acid, as its measuring tells. */
const BERRIES = new Set([
  'blackberries',
  'blackcurrant',
  'blueberries',
  'cranberries',
  'elderberries-fresh',
  'gooseberries',
  'raspberries',
  'redcurrants',
  'sour-cherries',
  'strawberries',
  'sweet-cherries',
]);
const JUICES = new Set(['apple', 'apple-juice', 'grapes', 'grape-juice']);
const SUGARS = new Set(['white-sugar', 'caster-sugar', 'powdered-sugar']);
const ACIDS = new Set(['lemon', 'lemon-juice', 'citric-acid', 'citric-acid-monohydrate', 'ascorbic-acid']);

/** A US quart, mL, and what a jar is over it by its making: larger ones have no tested time. */
const LARGEST_JAR_mL = 950;

const isPlain = ({ id, role }: Ingredient): boolean => role === 'water' || SUGARS.has(id) || ACIDS.has(id);

/** Which recipe with a tested time in boiling water this is; undefined for any other. Source: USDA/NCHFP. */
export function testedRecipe({ entries }: Pot): ProcessedContent | undefined {
  const rest = entries.map(({ ingredient }) => ingredient).filter((ingredient) => !isPlain(ingredient));
  if (rest.length === 0) return undefined;
  if (rest.every(({ id }) => BERRIES.has(id))) return 'berry-syrup';
  return rest.every(({ id }) => JUICES.has(id)) ? 'juice' : undefined;
}

/** Whether every jar that was filled is of a size with a tested time. */
export const jarsAreTested = (entries: readonly TraceEntry[]): boolean =>
  entries.every(({ filled }) => !filled || filled.size_mL <= LARGEST_JAR_mL);
