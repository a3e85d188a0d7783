import type { Analysis } from '../analyse';
import { substitutesFor } from '../substitute';
import type { BatchCost } from './cost-of-batch';

/** What is bought for what is in it. */
export const MINERALS_SOLD = ['sodium', 'potassium', 'magnesium', 'calcium', 'vitaminC'] as const;
export type MineralSold = (typeof MINERALS_SOLD)[number];

/** Below this nobody buys a batch for it, g. */
const WORTH_SAYING_g = 0.1;

/** What a gram of each mineral costs in a batch: all that the batch costs, over what is in it; the cheapest first. */
export function costPerGram(
  { perServing, serving }: Pick<Analysis, 'perServing' | 'serving'>,
  { known }: BatchCost,
): readonly { readonly mineral: MineralSold; readonly grams: number; readonly cost: number }[] {
  const servings = serving?.servings ?? 0;
  if (!perServing || !(servings > 0)) return [];
  return MINERALS_SOLD.map((mineral) => ({ mineral, grams: ((perServing[`${mineral}_mg`] ?? 0) * servings) / 1000 }))
    .filter(({ grams }) => grams >= WORTH_SAYING_g)
    .map(({ mineral, grams }) => ({ mineral, grams, cost: known / grams }))
    .sort((a, b) => a.cost - b.cost);
}

/** What a shop asks for something like it. */
export interface ShopPrice {
  readonly price: number;
  /** mL, or g of a dry mix. */
  readonly amount: number;
}

/** What as much as a batch would cost in the shop, and what is saved; negative where the shop is cheaper. */
export function againstShop(
  { liquid, trace }: Pick<Analysis, 'liquid' | 'trace'>,
  { known }: BatchCost,
  { price, amount }: ShopPrice,
): { readonly inShop: number; readonly saved: number } {
  const made = trace.pot.dry ? trace.pot.mass_g : (liquid?.volume_mL ?? 0);
  const inShop = (price * made) / amount;
  return { inShop, saved: inShop - known };
}

/** What a batch would cost less with something else in it. */
export interface Saving {
  readonly of: string;
  readonly instead: string;
  /** The line that would take its place. */
  readonly text: string;
  readonly saved: number;
}

/** What substitutes would save that the kitchen knows a price of; the largest first, each ingredient once. */
export function savingsBySubstitutes(
  analysis: Analysis,
  { parts }: BatchCost,
  perGram: ReadonlyMap<string, number>,
): readonly Saving[] {
  return parts
    .flatMap(({ kind, id, name, amount, cost }): readonly Saving[] => {
      const entry = analysis.trace.pot.entries.find(({ ingredient }) => ingredient.id === id);
      if (kind !== 'ingredient' || cost === null || !entry) return [];
      const [best] = substitutesFor(entry.ingredient, amount)
        .flatMap(({ ingredient, grams, text }) => {
          const price = perGram.get(ingredient.id);
          return price === undefined ? [] : [{ instead: ingredient.name, text, saved: cost - price * grams }];
        })
        .sort((a, b) => b.saved - a.saved);
      return best && best.saved > 0 ? [{ of: name, ...best }] : [];
    })
    .sort((a, b) => b.saved - a.saved);
}
