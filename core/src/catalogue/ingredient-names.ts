import { rowOf } from '../lookup';
import { CATALOGUE } from './catalogue';
import type { Ingredient } from './ingredient';

const IRREGULAR: Readonly<Record<string, string>> = { leaves: 'leaf', berries: 'berry', cherries: 'cherry' };
const ENDS_IN_S = new Set(['molasses', 'anise', 'hibiscus', 'citrus', 'rooibos', 'asparagus']);

/** One word in the singular, as far as kitchen words go. */
function singular(word: string): string {
  const irregular = rowOf(IRREGULAR, word);
  if (irregular) return irregular;
  if (ENDS_IN_S.has(word) || word.length < 4 || !word.endsWith('s') || word.endsWith('ss')) return word;
  if (word.endsWith('berries')) return `${word.slice(0, -3)}y`;
  return word.slice(0, -1);
}

/** A name as it is compared: small letters, singular words, no punctuation. */
export function normaliseName(text: string): string {
  return text
    .toLowerCase()
    .replace(/[^\p{L}\p{N}% ]+/gu, ' ')
    .split(' ')
    .filter(Boolean)
    .map(singular)
    .join(' ');
}

function buildIndex(): ReadonlyMap<string, Ingredient> {
  const index = new Map<string, Ingredient>();
  for (const ingredient of CATALOGUE)
    for (const name of [ingredient.name, ingredient.id.replaceAll('-', ' '), ...ingredient.aliases])
      if (!index.has(normaliseName(name))) index.set(normaliseName(name), ingredient);
  return index;
}

/** Every normalised name and the ingredient it means. */
export const INGREDIENT_NAMES: ReadonlyMap<string, Ingredient> = buildIndex();

/** The ingredient with exactly this name, in any case, number or punctuation. */
export function findIngredient(name: string): Ingredient | undefined {
  return INGREDIENT_NAMES.get(normaliseName(name));
}

/** Ingredients with a name that contains every word of `words`, in catalogue order. */
export function searchIngredients(words: string): readonly Ingredient[] {
  const wanted = normaliseName(words).split(' ').filter(Boolean);
  return CATALOGUE.filter((ingredient) =>
    [ingredient.name, ingredient.id, ...ingredient.aliases].some((name) => {
      const candidate = normaliseName(name);
      return wanted.every((word) => candidate.includes(word));
    }),
  );
}

/** Most words of a name in the catalogue that is looked for in another. */
const MOST_WORDS = 4;

/**
 * Ingredients of the catalogue that a name speaks of: "Forest honey with thyme" of honey. What warns of them warns of it,
 * whatever its label leaves out.
 *
 * @returns their ids
 */
export function namedIn(name: string): readonly string[] {
  const words = normaliseName(name).split(' ').filter(Boolean);
  const ids = new Set<string>();
  for (let from = 0; from < words.length; from += 1)
    for (let to = from + 1; to <= Math.min(words.length, from + MOST_WORDS); to += 1) {
      const found = INGREDIENT_NAMES.get(words.slice(from, to).join(' '));
      if (found) ids.add(found.id);
    }
  return [...ids];
}
