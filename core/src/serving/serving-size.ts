import {
  bulkDensityFor,
  isUnreadable,
  readAmount,
  scanNumber,
  unreadable,
  type Amount,
  type Unreadable,
} from '../quantity';
import { DEFAULT_SERVINGS, type Drink } from '../drink';
import { potVolume, type Pot } from '../simulate';

/** One serving as a share of what is in the pot. */
export interface ServingSize {
  readonly kind: 'serving';
  readonly text: string;
  readonly mass_g: number;
  /** Null for a dry mix. */
  readonly volume_mL: number | null;
  /** How many the pot holds, never less than one: no glass has more in it than there is. */
  readonly servings: number;
  /** The serving as it was asked for, as a share of the batch: above 1, there is not enough for one. */
  readonly asked: number;
}

/** A powder that nobody has weighed by the spoon, g/mL (estimate of ours, C). */
const POWDER_g_mL = 0.8;

/**
 * Loose volume of a dry mix, mL: each powder as it lies by itself. Fine ones trickle between coarse ones, so that a real
 * jar holds rather more.
 */
export function dryVolume({ entries }: Pick<Pot, 'entries'>): number {
  return entries.reduce((sum, { ingredient, mass_g }) => {
    return sum + mass_g / (bulkDensityFor(ingredient)?.density_g_mL ?? POWDER_g_mL);
  }, 0);
}

/** "1 level tsp" is a teaspoon; "2 scoops of 30 mL" is two of those. */
function readServing(written: string): Amount | Unreadable {
  const text = written
    .toLowerCase()
    .replace(/\b(?:level|flat|a|an) (?=\w)/g, (word) => (/^an? /.test(word) ? '1 ' : ''));
  if (!/\bscoops?\b/.test(text)) return readAmount(text);
  const [before = '', after = ''] = text.split(/\s*\bscoops?\b\s*(?:of|holding|=|,|\()?\s*/);
  const count = scanNumber(before, 0);
  const size = after.replace(/\)$/, '').trim() || (count && count.end < before.trim().length ? before : '');
  if (size === '')
    return unreadable(
      'no-such-measure',
      written,
      'How large is the scoop? Write "1 scoop of 30 mL", or what it weighs.',
      [`${before || '1'} scoop of 30 mL`.trim(), `${before || '1'} scoop of 8 g`.trim()],
    );
  const each = readAmount(size);
  return isUnreadable(each) || size === before ? each : { ...each, value: each.value * (count?.low ?? 1) };
}

/**
 * The size of a serving of a drink, and how many the pot holds.
 *
 * @param drink its `serving`, or the default of its kind
 * @param pot the finished pot
 * @returns the serving; or why its text is none, or does not fit what is in the pot
 */
export function servingSize(drink: Drink, pot: Pot): ServingSize | Unreadable {
  const text = drink.serving?.trim() || DEFAULT_SERVINGS[drink.kind];
  const amount = readServing(text);
  if ('kind' in amount) return amount;
  const size = amount.value * amount.unit.size;
  if (amount.unit.dimension !== 'mass' && amount.unit.dimension !== 'volume')
    return unreadable('unit-mismatch', text, 'A serving is a volume or a mass, such as 250 mL.');
  const volume_mL = potVolume(pot);
  const whole = amount.unit.dimension === 'mass' ? pot.mass_g : (volume_mL ?? dryVolume(pot));
  const asked = whole > 0 ? size / whole : 0;
  const share = Math.min(1, asked);
  return {
    kind: 'serving',
    text,
    mass_g: share * pot.mass_g,
    volume_mL: volume_mL === null ? null : share * volume_mL,
    servings: share > 0 ? 1 / share : 0,
    asked,
  };
}
