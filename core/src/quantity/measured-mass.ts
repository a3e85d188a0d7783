import type { BulkDensity, Ingredient, PieceRow } from '../catalogue';
import { BETWEEN_FRUIT_CV, yieldCv } from '../process';
import { baseValue, type Amount, type SpoonKind } from './amount';
import { JUG_ERRORS, combinedCv, jugCv, scaleDeviation, spoonErrors, type MeasureError } from './measure-error';
import { unreadable, type Unreadable } from './outcome';

/** Grams of something, and how far off they may be. */
export interface MeasuredMass {
  readonly mass_g: number;
  /** Relative standard deviation of the mass, all causes together. */
  readonly cv: number;
  readonly errors: readonly MeasureError[];
}

/** A handful by what it is of, g. Source: estimates of ours, to be replaced by the maker's own. */
export const HANDFULS = {
  driedLeaf: { mass_g: 8, cv: 0.4 },
  driedBerry: { mass_g: 30, cv: 0.35 },
  freshBerry: { mass_g: 55, cv: 0.35 },
  freshLeaf: { mass_g: 10, cv: 0.45 },
} as const;

const RANGE_TO_DEVIATION = 1 / Math.sqrt(12);

/** How far a range is off its middle, as an even chance between its ends. */
export function rangeError(amount: Amount): readonly MeasureError[] {
  const width = amount.high - amount.low;
  return width > 0 ? [{ key: 'own', cv: (RANGE_TO_DEVIATION * width) / amount.value }] : [];
}

/** Builds a {@link MeasuredMass} from its mean and causes of error. */
export function measuredMass(mass_g: number, errors: readonly MeasureError[]): MeasuredMass {
  const real = errors.filter((error) => error.cv > 0);
  return { mass_g, cv: combinedCv(real), errors: real };
}

/** The scale that the writing implies: "2.6 g" was weighed to a tenth, "30 g" to a gram. */
function impliedResolution_g(amount: Amount): number {
  const step = amount.unit.size * Math.pow(10, -amount.decimals);
  return Math.min(1, Math.max(0.001, step));
}

function byWeight(amount: Amount): MeasuredMass {
  const mass_g = baseValue(amount);
  const deviation = scaleDeviation(mass_g, impliedResolution_g(amount));
  return measuredMass(mass_g, [{ key: 'own', cv: deviation / mass_g }, ...rangeError(amount)]);
}

/** The bulk density for a form, or the first where the form has none of its own. */
export function bulkDensityFor(ingredient: Ingredient, form?: string): BulkDensity | undefined {
  const rows = ingredient.bulkDensities;
  return rows.find((row) => row.form === form) ?? rows[0];
}

function noSuchMeasure(ingredient: Ingredient, amount: Amount): Unreadable {
  const named = ingredient.pieces.map((row) => (row.piece === 'whole' ? '' : row.piece)).filter(Boolean);
  const known = ['g', ...(ingredient.bulkDensities.length > 0 ? ['mL', 'tsp', 'cup'] : []), ...named];
  return unreadable(
    'no-such-measure',
    amount.unit.name,
    `How much a ${amount.unit.name} of ${ingredient.name.toLowerCase()} weighs is not known here. Use ${known.join(', ')}.`,
    [`${amount.value} g ${ingredient.name.toLowerCase()}`],
  );
}

/** Spirit hangs less on a dropper than water: a drop of tincture is 0.03 mL, of water 0.05. */
const SPIRIT_DROP = 0.6;

/** How large a drop of something is against one of water. */
export const dropShare = ({ role }: Ingredient): number => (role === 'spirit' ? SPIRIT_DROP : 1);

function byVolume(amount: Amount, ingredient: Ingredient, form: string | undefined): MeasuredMass | Unreadable {
  const bulk = bulkDensityFor(ingredient, form);
  if (!bulk) return noSuchMeasure(ingredient, amount);
  const { unit } = amount;
  const drop = unit.tool === 'drop' ? dropShare(ingredient) : 1;
  const volume_mL = baseValue(amount) * drop;
  const mass_g = volume_mL * bulk.density_g_mL;
  const bulkError: MeasureError = { key: `bulk:${ingredient.id}`, cv: bulk.cv };
  if (unit.cv !== undefined)
    return measuredMass(mass_g, [{ key: `measure:${unit.id}`, cv: unit.cv }, bulkError, ...rangeError(amount)]);
  if (unit.tool === 'spoon' || (unit.tool === 'cup' && bulk.texture !== 'liquid')) {
    const spoons: SpoonKind = unit.tool === 'cup' ? 'measuring' : (amount.spoons ?? 'measuring');
    const use = { spoons, heap: amount.heap ?? 'level', scoops: amount.value, texture: bulk.texture } as const;
    const { ratio, errors } = spoonErrors(use, `${spoons}:${unit.id}`, bulkError);
    return measuredMass(mass_g * ratio, [...errors, ...rangeError(amount)]);
  }
  const reading = unit.tool === 'cup' ? JUG_ERRORS.brim_mL : JUG_ERRORS.reading_mL;
  return measuredMass(mass_g, [{ key: 'own', cv: jugCv(volume_mL, reading) }, bulkError, ...rangeError(amount)]);
}

function byLength(amount: Amount, ingredient: Ingredient): MeasuredMass | Unreadable {
  const root = ingredient.root;
  if (!root) return noSuchMeasure(ingredient, amount);
  const area_cm2 = (Math.PI / 4) * root.diameter_cm ** 2;
  return measuredMass(area_cm2 * baseValue(amount) * root.density_g_mL, [
    { key: `root:${ingredient.id}`, cv: root.cv },
    ...rangeError(amount),
  ]);
}

/** What a handful of something is by its kind; undefined where nobody takes handfuls of it. */
export function handfulOf(ingredient: Ingredient): { mass_g: number; cv: number } | undefined {
  const name = ingredient.name.toLowerCase();
  const berry = name.includes('berr') || name.includes('hip') || name.includes('cherr');
  if (name.includes('dried')) return berry ? HANDFULS.driedBerry : HANDFULS.driedLeaf;
  if (berry || name.includes('currant')) return HANDFULS.freshBerry;
  return ingredient.role === 'herb' && name.includes('fresh') ? HANDFULS.freshLeaf : undefined;
}

/** The row for a piece of an ingredient, a handful included. */
export function pieceFor(ingredient: Ingredient, piece: string): Pick<PieceRow, 'mass_g' | 'cv'> | undefined {
  return (
    ingredient.pieces.find((row) => row.piece === piece) ?? (piece === 'handful' ? handfulOf(ingredient) : undefined)
  );
}

function byPiece(amount: Amount, ingredient: Ingredient): MeasuredMass | Unreadable {
  const row = pieceFor(ingredient, amount.unit.id);
  if (!row) return noSuchMeasure(ingredient, amount);
  return measuredMass(row.mass_g * amount.value, [
    { key: 'own', cv: row.cv / Math.sqrt(Math.max(1, amount.value)) },
    ...rangeError(amount),
  ]);
}

/**
 * Grams of an ingredient from an amount as measured, with its spread.
 *
 * @param amount as read
 * @param ingredient of what
 * @param form sliced, grated, packed and so on, where it matters for the bulk density
 * @returns g with a relative standard deviation, or why this cannot be measured so
 */
export function massOfAmount(amount: Amount, ingredient: Ingredient, form?: string): MeasuredMass | Unreadable {
  switch (amount.unit.dimension) {
    case 'mass':
      return byWeight(amount);
    case 'volume':
      return byVolume(amount, ingredient, form);
    case 'length':
      return byLength(amount, ingredient);
    case 'piece':
      return byPiece(amount, ingredient);
    case 'capsule':
      return noSuchMeasure(ingredient, amount);
  }
}

/** A fruit's hand-pressed juice: its mass, with the spread of the fruit and of the pressing. */
export function juiceMass(fruit: MeasuredMass, ingredient: Ingredient, pieces: number): MeasuredMass | undefined {
  const share = ingredient.juice?.hand;
  if (!share) return undefined;
  return measuredMass(fruit.mass_g * share[0], [
    ...fruit.errors,
    { key: `press:${ingredient.id}`, cv: yieldCv(share) },
    { key: 'own', cv: BETWEEN_FRUIT_CV / Math.sqrt(Math.max(1, pieces)) },
  ]);
}
