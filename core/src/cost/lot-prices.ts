import { byExpiry, type Lot } from '../stores';

/**
 * What a gram of each ingredient costs: by the lot that is used next, and where none is left by the one bought last.
 *
 * @returns by the ingredient's id; nothing of what no lot has a price for
 */
export function pricesPerGram(lots: readonly Lot[]): ReadonlyMap<string, number> {
  const priced = lots.filter(({ price, amount_g }) => price !== null && amount_g > 0);
  const left = priced.filter(({ remaining_g }) => remaining_g > 0).sort(byExpiry);
  const latest = [...priced].sort((a, b) => b.gotAt.localeCompare(a.gotAt));
  const prices = new Map<string, number>();
  for (const { ingredient, price, amount_g } of [...left, ...latest])
    if (!prices.has(ingredient)) prices.set(ingredient, price! / amount_g);
  return prices;
}
