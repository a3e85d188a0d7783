import type { LotRecord } from '@wellhydra/contract';
import { formatMass } from '@wellhydra/core/quantity';
import { packagesFor, type ShoppingItem, type ShoppingList } from '@wellhydra/core/shopping';
import { calledAs, missingFor, preparedMissing, stockOf, type TakenOut } from '@wellhydra/core/stores';
import type { House } from './house';
import { ingredientName } from './ingredient-name';

/** What was in the package that was bought last of an ingredient, g. */
function boughtLast(ingredient: string, lots: readonly LotRecord[]): number | undefined {
  const own = lots.filter((lot) => lot.ingredient === ingredient && lot.got === 'bought');
  return [...own].sort((a, b) => b.gotAt.localeCompare(a.gotAt))[0]?.amount_g;
}

/** "2 x 500 g honey". */
function packageWords(ingredient: string, wanted_g: number, lots: readonly LotRecord[]): string {
  const { count, each_g } = packagesFor(wanted_g, boughtLast(ingredient, lots));
  const what = `${formatMass(each_g)} ${ingredientName(ingredient, lots).toLowerCase()}`;
  return count === 1 ? what : `${count} x ${what}`;
}

/** What something is wanted for, and how much it takes out of the house. */
export interface Wanting extends TakenOut {
  readonly name: string;
}

/** What is to be had of ingredients, also for what has to be made first because no bottle of it has enough. */
export function withMadeFirst(wanting: readonly Wanting[], there: House['made']): readonly Omit<Wanting, 'prepared'>[] {
  const left = new Map(there);
  return wanting.map(({ name, used, prepared }) => {
    const all: Record<string, number> = { ...used };
    for (const { used: more } of preparedMissing(prepared, left))
      for (const [ingredient, grams] of Object.entries(more)) all[ingredient] = (all[ingredient] ?? 0) + grams;
    // Two drinks do not have the same of a bottle.
    for (const { name: of, amount_mL } of prepared)
      left.set(calledAs(of), Math.max(0, (left.get(calledAs(of)) ?? 0) - amount_mL));
    return { name, used: all };
  });
}

/** One more package of an ingredient that is low, as the last one was. */
export function oneMore(ingredient: string, lots: readonly LotRecord[], now: Date): ShoppingItem {
  const [largest_g] = lots
    .filter((lot) => lot.ingredient === ingredient)
    .map(({ amount_g }) => amount_g)
    .sort((a, b) => b - a);
  const text = packageWords(ingredient, boughtLast(ingredient, lots) ?? largest_g ?? LEAST_g, lots);
  return { text, ingredient, why: 'It is low', added: now.toISOString(), ticked: null };
}
/** Of what was never there a little is bought, g. */
const LEAST_g = 100;

/**
 * What is missing for several drinks together, in packages one can buy; what is on the list already is not put there twice.
 *
 * @param newId makes an id for each
 */
export function toBuy(
  drinks: readonly Wanting[],
  { lots, made }: House,
  list: ShoppingList,
  { now, newId }: { readonly now: Date; readonly newId: () => string },
): Readonly<Record<string, ShoppingItem>> {
  const wanting = withMadeFirst(drinks, made);
  const all: Record<string, number> = {};
  for (const { used } of wanting)
    for (const [ingredient, grams] of Object.entries(used)) all[ingredient] = (all[ingredient] ?? 0) + grams;
  const listed = new Set(
    Object.values(list.items).flatMap(({ ingredient, ticked }) => (ingredient && ticked === null ? [ingredient] : [])),
  );
  const missing = missingFor(all, stockOf(lots)).filter(({ ingredient }) => !listed.has(ingredient));
  return Object.fromEntries(
    missing.map(({ ingredient, wanted_g, there_g }): [string, ShoppingItem] => [
      newId(),
      {
        text: packageWords(ingredient, wanted_g - there_g, lots),
        ingredient,
        why: `${formatMass(wanted_g)} for ${wanting
          .filter(({ used }) => (used[ingredient] ?? 0) > 0)
          .map(({ name }) => name)
          .join(', ')}`.slice(0, 500),
        added: now.toISOString(),
        ticked: null,
      },
    ]),
  );
}
