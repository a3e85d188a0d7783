import { catalogued, INGREDIENT_NAMES, normaliseName, type Ingredient } from '../catalogue';
import type { Amount } from './amount';
import { SPOON_ERRORS, type MeasureError } from './measure-error';
import {
  bulkDensityFor,
  dropShare,
  handfulOf,
  massOfAmount,
  measuredMass,
  rangeError,
  type MeasuredMass,
} from './measured-mass';
import type { Unreadable } from './outcome';
import { UNIT_BY_ALIAS, LONGEST_ALIAS_WORDS } from './units';
import type { Unit } from './unit';

/** What somebody's own pinch, handful, knob or mug holds, as it was weighed. */
export interface OwnMeasure {
  readonly id: string;
  /** How it is written in a line: "pinch", "knob", or a name of its own, "blue mug". */
  readonly name: string;
  /** What it was weighed with, by the ingredient's id. */
  readonly of: string;
  /** Each time it was weighed, g, above 0. */
  readonly weighed_g: readonly number[];
  /** Whose hand it is, where it is not everybody's of the kitchen. */
  readonly member?: string;
}

/** Mean and spread of what was weighed. */
export interface WeighedMeasure {
  readonly mean_g: number;
  /** Relative standard deviation from one time to the next. */
  readonly each: number;
  /** Relative standard deviation of the mean: the same in every use. */
  readonly ofMean: number;
}

/** From so many weighings on one's own measure holds instead of the tables'; one that no table has holds from the first. */
export const ENOUGH_WEIGHINGS = 3;

/** Spread of a measure of which no table says anything. Source: the middle of what hands and vessels have. */
export const UNKNOWN_CV = 0.3;

/**
 * Mean and spread of some weighings. With few of them a spread says little: it is drawn towards half of the variance
 * the tables have, which holds differences between hands and within one, as if that were one weighing more.
 *
 * @param weighed_g at least one, above 0
 * @param usualCv relative standard deviation of the measure by the tables
 * @throws RangeError without a weighing, or for one that is not above 0
 */
export function weighedMeasure(weighed_g: readonly number[], usualCv: number = UNKNOWN_CV): WeighedMeasure {
  const n = weighed_g.length;
  if (n === 0 || !weighed_g.every((each) => each > 0 && Number.isFinite(each)))
    throw new RangeError(`weighedMeasure: weighings are grams above 0, got [${weighed_g.join(', ')}]`);
  const mean_g = weighed_g.reduce((sum, each) => sum + each, 0) / n;
  const logs = weighed_g.map(Math.log);
  const middle = logs.reduce((sum, each) => sum + each, 0) / n;
  const squares = logs.reduce((sum, each) => sum + (each - middle) ** 2, 0);
  const each = Math.sqrt((usualCv ** 2 / 2 + squares) / n);
  return { mean_g, each, ofMean: each / Math.sqrt(n) };
}

/** A measure that is in use, and the unit it is. */
interface InUse {
  readonly measure: OwnMeasure;
  readonly weighed: WeighedMeasure;
  readonly ingredient: Ingredient | undefined;
}

interface OwnMeasures {
  /** Units that only this kitchen has, by their spellings. */
  readonly units: ReadonlyMap<string, Unit>;
  readonly byUnit: ReadonlyMap<string, readonly InUse[]>;
}

const spelled = (name: string): string => name.trim().toLowerCase().replace(/\s+/g, ' ');
const pluralOf = (name: string): string => (/(?:s|x|z|ch|sh)$/.test(name) ? `${name}es` : `${name}s`);

/** The unit of the tables that a name spells. */
export const usualUnit = (name: string): Unit | undefined => UNIT_BY_ALIAS.get(spelled(name));

/** What a measure of the tables weighs of something, as far as the tables know. */
export function usualMeasure(name: string, ingredient: Ingredient): MeasuredMass | undefined {
  const unit = usualUnit(name);
  if (!unit) return undefined;
  const usual = massOfAmount({ value: 1, low: 1, high: 1, decimals: 0, unit }, ingredient);
  return 'kind' in usual ? undefined : usual;
}

function ownUnit(name: string, { ingredient, weighed }: InUse): Unit {
  const bulk = ingredient && bulkDensityFor(ingredient);
  return {
    id: `own:${name}`,
    name,
    plural: pluralOf(name),
    dimension: bulk ? 'volume' : 'piece',
    size: bulk ? weighed.mean_g / bulk.density_g_mL : 1,
    tool: 'hand',
    cv: weighed.each,
    aliases: [name, pluralOf(name)],
  };
}

function indexed(measures: readonly OwnMeasure[]): OwnMeasures {
  const units = new Map<string, Unit>();
  const byUnit = new Map<string, InUse[]>();
  for (const measure of measures) {
    const { weighed_g, of } = measure;
    if (weighed_g.length === 0) continue;
    const name = spelled(measure.name);
    const ingredient = catalogued(of);
    const usual = ingredient && usualMeasure(name, ingredient);
    if (usual && weighed_g.length < ENOUGH_WEIGHINGS) continue;
    const inUse = { measure, ingredient, weighed: weighedMeasure(weighed_g, usual?.cv) };
    const unit = usualUnit(name) ?? units.get(name) ?? ownUnit(name, inUse);
    if (unit.id.startsWith('own:')) for (const alias of unit.aliases) units.set(alias, unit);
    byUnit.set(unit.id, [...(byUnit.get(unit.id) ?? []), inUse]);
  }
  return { units, byUnit };
}

const known = new WeakMap<readonly OwnMeasure[], OwnMeasures>();
function ownMeasures(measures: readonly OwnMeasure[]): OwnMeasures {
  const found = known.get(measures) ?? indexed(measures);
  known.set(measures, found);
  return found;
}

/** Units that only this kitchen has, by their spellings. */
export const ownUnits = (measures: readonly OwnMeasure[]): ReadonlyMap<string, Unit> => ownMeasures(measures).units;

/** One of a measure as it was weighed with something, for another thing: by volume, or as a handful of the same kind. */
function carriedOver(
  row: InUse,
  ingredient: Ingredient,
  form?: string,
): { g: number; errors: MeasureError[] } | undefined {
  const { mean_g } = row.weighed;
  if (row.measure.of === ingredient.id) {
    const [as, first] = [bulkDensityFor(ingredient, form), bulkDensityFor(ingredient)];
    return { g: as && first ? (mean_g * as.density_g_mL) / first.density_g_mL : mean_g, errors: [] };
  }
  if (!row.ingredient) return undefined;
  const [from, to] = [bulkDensityFor(row.ingredient), bulkDensityFor(ingredient, form)];
  const unit = usualUnit(row.measure.name);
  if (unit?.dimension === 'piece') {
    const [kind, other] = [handfulOf(row.ingredient), handfulOf(ingredient)];
    return unit.id === 'handful' && kind !== undefined && kind === other
      ? { g: mean_g, errors: [{ key: 'own', cv: kind.cv / 2 }] }
      : undefined;
  }
  if (!from || !to) return undefined;
  const drop = unit?.tool === 'drop' ? dropShare(ingredient) / dropShare(row.ingredient) : 1;
  return {
    g: (mean_g / from.density_g_mL) * to.density_g_mL * drop,
    errors: [
      { key: `bulk:${row.ingredient.id}`, cv: from.cv },
      { key: `bulk:${ingredient.id}`, cv: to.cv },
    ],
  };
}

/** Grams by somebody's own measure, and whose; undefined where the tables hold. */
export function massByOwn(
  amount: Amount,
  { ingredient, form }: { readonly ingredient: Ingredient; readonly form?: string },
  measures: readonly OwnMeasure[],
): { readonly mass: MeasuredMass; readonly measure: OwnMeasure } | undefined {
  const rows = ownMeasures(measures).byUnit.get(amount.unit.id) ?? [];
  // What was weighed with this very thing comes first.
  const first = [...rows].sort(
    (a, b) => Number(b.measure.of === ingredient.id) - Number(a.measure.of === ingredient.id),
  );
  for (const row of first) {
    const one = carriedOver(row, ingredient, form);
    if (!one) continue;
    const { id } = row.measure;
    const heap =
      amount.heap === 'heaped' && amount.unit.tool === 'spoon' ? SPOON_ERRORS[amount.spoons ?? 'measuring'] : undefined;
    const mass = measuredMass(amount.value * one.g * (heap?.heapRatio ?? 1), [
      { key: `mine:${id}`, cv: row.weighed.ofMean },
      { key: 'own', cv: row.weighed.each / Math.sqrt(Math.max(1, amount.value)) },
      ...one.errors,
      ...(heap ? [{ key: `heap:mine:${id}`, cv: heap.heapCv }] : []),
      ...rangeError(amount),
    ]);
    return { mass, measure: row.measure };
  }
  return undefined;
}

/** Grams of an amount, by the maker's own measures where there are any, and what was taken for granted. */
export function massByMeasures(
  amount: Amount,
  of: { readonly ingredient: Ingredient; readonly form?: string },
  measures: readonly OwnMeasure[] | undefined,
): { readonly mass: MeasuredMass | Unreadable; readonly measure?: OwnMeasure } {
  return (measures && massByOwn(amount, of, measures)) ?? { mass: massOfAmount(amount, of.ingredient, of.form) };
}

const MEASURED = new Set(['mass', 'length', 'capsule']);

/** What a name cannot be; undefined where a measure can be called so. */
export function measureNameTrouble(name: string): string | undefined {
  const words = spelled(name);
  if (words === '') return 'Say what it is called, such as pinch, knob or blue mug.';
  const unit = usualUnit(words);
  if (unit && (MEASURED.has(unit.dimension) || unit.tool === 'jug'))
    return `A ${unit.name} is the same for everybody. Weigh a pinch, a handful, a mug, a spoon of yours.`;
  if (unit) return undefined;
  if (!/^\p{L}[\p{L}' -]*$/u.test(words)) return 'It is written in letters, such as blue mug.';
  if (words.split(' ').length > LONGEST_ALIAS_WORDS) return `It has at most ${LONGEST_ALIAS_WORDS} words.`;
  return INGREDIENT_NAMES.has(normaliseName(words))
    ? `"${words}" is something that is put in. Call it otherwise.`
    : undefined;
}
