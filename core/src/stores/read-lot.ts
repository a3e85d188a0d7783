import type { Ingredient } from '../catalogue';
import { readIngredientLine, type LineOptions } from '../quantity';

/** A lot as it was typed: "1 kg honey", "6 lemons", "2 x 500 g sugar". */
export type ReadLot =
  | { readonly kind: 'lot'; readonly ingredient: Ingredient; readonly amount_g: number }
  | { readonly kind: 'unread'; readonly message: string; readonly suggestions: readonly string[] };

const TIMES = /^\s*(\d{1,3})\s*[x×]\s*/i;

/**
 * Reads what was brought into the house: an amount and an ingredient, several packages of it as "2 x 500 g sugar".
 *
 * @param text as it was typed
 * @param options own ingredients, and which spoons are meant
 */
export function readLot(text: string, options: LineOptions = {}): ReadLot {
  const packages = TIMES.exec(text);
  const count = packages ? Number(packages[1]) : 1;
  const line = readIngredientLine(packages ? text.slice(packages[0].length) : text, options);
  if (line.kind === 'unreadable') return { kind: 'unread', message: line.message, suggestions: line.suggestions };
  if (line.dose.kind !== 'mass')
    return { kind: 'unread', message: 'Write how much there is, such as 1 kg honey or 6 lemons.', suggestions: [] };
  const amount_g = count * line.dose.mass_g;
  if (!(amount_g > 0)) return { kind: 'unread', message: 'Write an amount above nothing.', suggestions: [] };
  return { kind: 'lot', ingredient: line.ingredient, amount_g };
}
