import { rowOf } from '../lookup';
import { type Ingredient, INGREDIENT_NAMES, normaliseName } from '../catalogue';
import type { Heap, SpoonKind } from './amount';
import { nearestNames } from './nearest-names';
import { unreadable, type Unreadable } from './outcome';

const FORMS: Readonly<Record<string, string>> = {
  sliced: 'sliced',
  chopped: 'chopped',
  diced: 'chopped',
  chunked: 'chopped',
  minced: 'chopped',
  chunks: 'chopped',
  crushed: 'crushed',
  mashed: 'crushed',
  muddled: 'muddled',
  bruised: 'torn',
  torn: 'torn',
  halved: 'halved',
  halves: 'halved',
  frozen: 'thawed',
  thawed: 'thawed',
  grated: 'grated',
  whole: 'whole',
  powdered: 'powdered',
  ground: 'powdered',
  packed: 'packed',
  loose: 'loose',
  cut: 'cut',
  zest: 'zest',
  juiced: 'juiced',
  peeled: 'peeled',
  sections: 'sections',
  fresh: 'fresh',
  dried: 'dried',
  pressed: 'juiced',
  squeezed: 'juiced',
};

const HEAPS: Readonly<Record<string, Heap>> = {
  level: 'level',
  flat: 'level',
  heaped: 'heaped',
  heaping: 'heaped',
  rounded: 'heaped',
};

const SPOONS: Readonly<Record<string, SpoonKind>> = { cutlery: 'cutlery', measuring: 'measuring' };

/** Size words and what they make of a medium piece (estimate). */
const SIZES: Readonly<Record<string, number>> = { small: 0.75, medium: 1, large: 1.3, big: 1.3 };

const FILLERS = new Set(['of', 'the', 'freshly', 'about', 'around', 'roughly', 'approximately', 'approx']);

/** Words that promise a measure and give none. */
const SIZELESS: Readonly<Record<string, string>> = {
  scant: 'Write the level measure instead, or the next smaller spoon.',
  generous: 'Write the level measure instead, or "heaped".',
  some: 'Write how much, such as 2 g or 1/2 tsp.',
};

/** What stands behind amount and unit: the thing itself and how it is. */
export interface IngredientPhrase {
  readonly words: readonly string[];
  readonly form?: string;
  readonly heap?: Heap;
  readonly spoons?: SpoonKind;
  readonly size?: number;
}

/** Qualifier words taken out of a phrase; the rest is the name. */
export function splitPhrase(phrase: string): IngredientPhrase | Unreadable {
  const all = phrase
    .replace(/[(),;]/g, ' ')
    .split(/\s+/)
    .filter(Boolean);
  const words: string[] = [];
  const found: { form?: string; heap?: Heap; spoons?: SpoonKind; size?: number } = {};
  for (const word of all) {
    const sizeless = rowOf(SIZELESS, word);
    if (sizeless) return unreadable('unknown-word', word, `"${word}" has no size. ${sizeless}`);
    const [heap, spoons, size] = [rowOf(HEAPS, word), rowOf(SPOONS, word), rowOf(SIZES, word)];
    if (heap) found.heap = heap;
    else if (spoons) found.spoons = spoons;
    else if (size !== undefined) found.size = size;
    else if (!FILLERS.has(word) || words.length > 0) words.push(word);
  }
  return { words, ...found };
}

export interface FoundIngredient {
  readonly ingredient: Ingredient;
  readonly form?: string;
}

const lookUp = (words: readonly string[]): Ingredient | undefined =>
  INGREDIENT_NAMES.get(normaliseName(words.join(' ')));

/** Every way to leave out form words, fewest first. */
function withoutForms(words: readonly string[]): { name: readonly string[]; forms: readonly string[] }[] {
  const formAt = words
    .map((word, index) => (rowOf(FORMS, word) ? index : -1))
    .filter((index) => index >= 0)
    .slice(0, 4);
  const choices: { name: readonly string[]; forms: readonly string[] }[] = [];
  for (let mask = 1; mask < 1 << formAt.length; mask += 1) {
    const dropped = new Set(formAt.filter((_, bit) => (mask >> bit) & 1));
    choices.push({
      name: words.filter((_, index) => !dropped.has(index)),
      forms: words.filter((_, index) => dropped.has(index)).map((word) => FORMS[word] as string),
    });
  }
  return choices.sort((a, b) => a.forms.length - b.forms.length);
}

/** The ingredient a list of words names, with the form that is left over; the maker's own come first. */
export function identify(words: readonly string[], own: readonly Ingredient[] = []): FoundIngredient | undefined {
  const name = normaliseName(words.join(' '));
  const mine = own.find((each) => [each.name, ...each.aliases].some((known) => normaliseName(known) === name));
  if (mine) return { ingredient: mine };
  const exact = lookUp(words);
  if (exact) {
    const last = words[words.length - 1] as string;
    return rowOf(FORMS, last) === 'zest' ? { ingredient: exact, form: 'zest' } : { ingredient: exact };
  }
  for (const { name, forms } of withoutForms(words)) {
    const ingredient = lookUp(name);
    if (!ingredient) continue;
    // A form that changes what the thing is ("dried") must be in the name of the row that is found.
    const contradicts = forms.some(
      (form) => (form === 'dried' || form === 'powdered') && !isKnownForm(ingredient, form),
    );
    if (contradicts) continue;
    return { ingredient, ...(forms[0] ? { form: forms[0] } : {}) };
  }
  return undefined;
}

/** Words without the forms at their end, and the first of those. */
export function trailingForm(words: readonly string[]): { readonly name: readonly string[]; readonly form?: string } {
  let end = words.length;
  while (end > 0 && rowOf(FORMS, words[end - 1] as string)) end -= 1;
  const form = rowOf(FORMS, words[end] ?? '');
  return { name: words.slice(0, end), ...(form ? { form } : {}) };
}

function isKnownForm(ingredient: Ingredient, form: string): boolean {
  const words = normaliseName(ingredient.name).split(' ');
  return ingredient.state === 'soluble' || words.includes(form) || (form === 'powdered' && words.includes('ground'));
}

/** What to say of a name that nothing in the catalogue has. */
export function unknownIngredient(words: readonly string[], before: string, suggests = true): Unreadable {
  const name = words.join(' ');
  const near = suggests ? nearestNames(normaliseName(name), INGREDIENT_NAMES.keys(), 3) : [];
  const hint = near.length > 0 ? 'Did you mean one of these?' : 'Check the spelling, or use another name for it.';
  return unreadable(
    'unknown-ingredient',
    name,
    `"${name}" is not in the catalogue. ${hint}`,
    near.map((each) => `${before} ${each}`.trim()),
  );
}
