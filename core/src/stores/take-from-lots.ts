import { byExpiry, type Lot } from './lot';

/** What is taken of a lot. */
export interface Taking {
  readonly lot: string;
  readonly grams: number;
}

export interface Taken {
  readonly takings: readonly Taking[];
  /** What no lot has: it was in the house without anybody having said so, g. */
  readonly missing_g: number;
}

/** Less than this clings to the jar, g. */
const CLINGS_g = 1e-6;

/**
 * Takes an amount of an ingredient from its lots, the first to expire first.
 *
 * @param lots of this ingredient, in any order
 * @param grams wanted, 0 or more
 * @throws RangeError for an amount below 0
 */
export function takeFromLots(
  lots: readonly Pick<Lot, 'id' | 'gotAt' | 'bestBefore' | 'remaining_g'>[],
  grams: number,
): Taken {
  if (!(grams >= 0)) throw new RangeError(`takeFromLots: grams must be 0 or more, got ${grams}`);
  const takings: Taking[] = [];
  let left = grams;
  for (const { id, remaining_g } of [...lots].sort(byExpiry)) {
    const taken = Math.min(left, remaining_g);
    if (taken <= CLINGS_g) continue;
    takings.push({ lot: id, grams: taken });
    left -= taken;
  }
  return { takings, missing_g: left > CLINGS_g ? left : 0 };
}
