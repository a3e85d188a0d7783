import { catalogued } from '../catalogue';
import { substitutesFor } from '../substitute';
import { isEnough } from './enough';
import type { Lot } from './lot';

/** What is there of each ingredient, g. */
export function stockOf(lots: readonly Pick<Lot, 'ingredient' | 'remaining_g'>[]): ReadonlyMap<string, number> {
  const stock = new Map<string, number>();
  for (const { ingredient, remaining_g } of lots)
    if (remaining_g > 0) stock.set(ingredient, (stock.get(ingredient) ?? 0) + remaining_g);
  return stock;
}

/** Something a drink wants that is not there. */
export interface Missing {
  readonly ingredient: string;
  readonly wanted_g: number;
  readonly there_g: number;
  /** What is there and would do, in an amount that keeps what matters: "34 g white sugar". */
  readonly instead: readonly string[];
}

/** What is there that could take the place of an ingredient. */
function insteadOf(id: string, grams: number, stock: ReadonlyMap<string, number>): readonly string[] {
  const ingredient = catalogued(id);
  if (!ingredient) return [];
  return substitutesFor(ingredient, grams)
    .filter(({ ingredient: other, grams: needed }) => isEnough(stock.get(other.id) ?? 0, needed))
    .map(({ text }) => text);
}

/**
 * What a drink wants that is not in the house, and what would do.
 *
 * @param used grams by ingredient, as {@link usedOf} has them
 * @param stock what there is
 */
export function missingFor(
  used: Readonly<Record<string, number>>,
  stock: ReadonlyMap<string, number>,
): readonly Missing[] {
  return Object.entries(used).flatMap(([ingredient, wanted_g]) => {
    const there_g = stock.get(ingredient) ?? 0;
    if (isEnough(there_g, wanted_g)) return [];
    return [{ ingredient, wanted_g, there_g, instead: insteadOf(ingredient, wanted_g, stock) }];
  });
}
