import { byExpiry, type Lot } from './lot';

/** Something of which there is so much, in the unit in which it is counted. */
export interface There {
  readonly id: string;
  readonly left: number;
}

export interface Taken {
  readonly takings: readonly { readonly id: string; readonly amount: number }[];
  /** What none of them has: it was in the house without anybody having said so. */
  readonly missing: number;
}

/** Less than this clings to the jar, in grams or millilitres. */
const CLINGS = 1e-6;

/**
 * Takes an amount of things in the order in which they stand.
 *
 * @param there all in one unit
 * @param wanted in that unit, 0 or more
 * @throws RangeError for an amount below 0
 */
export function takeInOrder(there: readonly There[], wanted: number): Taken {
  if (!(wanted >= 0)) throw new RangeError(`takeInOrder: what is wanted must be 0 or more, got ${wanted}`);
  const takings: { id: string; amount: number }[] = [];
  let open = wanted;
  for (const { id, left } of there) {
    const amount = Math.min(open, left);
    if (amount <= CLINGS) continue;
    takings.push({ id, amount });
    open -= amount;
  }
  return { takings, missing: open > CLINGS ? open : 0 };
}

/**
 * Takes an amount of an ingredient from its lots, the first to expire first.
 *
 * @param lots of this ingredient, in any order
 * @param grams wanted, 0 or more
 * @throws RangeError for an amount below 0
 */
export const takeFromLots = (
  lots: readonly Pick<Lot, 'id' | 'gotAt' | 'bestBefore' | 'remaining_g'>[],
  grams: number,
): Taken =>
  takeInOrder(
    [...lots].sort(byExpiry).map(({ id, remaining_g }) => ({ id, left: remaining_g })),
    grams,
  );
