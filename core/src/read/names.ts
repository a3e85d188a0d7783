import { INGREDIENT_NAMES, normaliseName } from '../catalogue';
import { ASKED_NAMES, INGREDIENT_SYNONYMS, type AskedName } from './en/ingredient-names';
import { isUnit } from './units';

const MOST_NAME_WORDS = 5;

/** A thing that is named, and what must be asked of the name. */
export interface Named {
  readonly name: string;
  readonly asked?: AskedName;
}

/** Which words are names: the same few are asked for over and over. */
const known = new Map<string, boolean>();
const MOST_KNOWN = 50_000;

function inCatalogue(name: string): boolean {
  let is = known.get(name);
  if (is === undefined) {
    if (known.size > MOST_KNOWN) known.clear();
    known.set(name, (is = INGREDIENT_NAMES.has(normaliseName(name))));
  }
  return is;
}

/** Words that stand in some name; no span with another word is one. */
const NAME_WORDS: ReadonlySet<string> = new Set(
  [...INGREDIENT_NAMES.keys(), ...Object.keys({ ...INGREDIENT_SYNONYMS, ...ASKED_NAMES })].flatMap((name) =>
    name.split(' ').flatMap((word) => [word, normaliseName(word)]),
  ),
);
const inNames = new Map<string, boolean>();

/** Stands where one phrase ends and another begins: no name goes across it. */
export const NO_WORD = ' ';

/** Marks the word that is the measure if anything else is the thing: "4 cloves of garlic", "3 cloves". */
export const BESIDE = '\u0000';

/** Whether a word, or its singular, stands in some name. */
function standsInName(word: string): boolean {
  if (word === NO_WORD || word.startsWith(BESIDE)) return false;
  let is = inNames.get(word);
  if (is === undefined) {
    if (inNames.size > MOST_KNOWN) inNames.clear();
    inNames.set(word, (is = NAME_WORDS.has(word) || NAME_WORDS.has(normaliseName(word))));
  }
  return is;
}

/** The catalogue's name for some words, if it has one, with the states that were said of it. */
export function nameOf(words: readonly string[], states: readonly string[] = []): Named | undefined {
  const said = words.join(' ');
  const meant = Object.hasOwn(INGREDIENT_SYNONYMS, said) ? INGREDIENT_SYNONYMS[said]! : said;
  for (const state of states) if (inCatalogue(`${state} ${meant}`)) return { name: `${state} ${meant}` };
  if (Object.hasOwn(ASKED_NAMES, said)) return { name: ASKED_NAMES[said]!.means, asked: ASKED_NAMES[said]! };
  return inCatalogue(meant) ? { name: meant } : undefined;
}

export interface Span extends Named {
  readonly from: number;
  readonly to: number;
}

/** The longest name among words; of two as long the first. A word that is also a measure is a name only if no other is. */
export function nameIn(words: readonly string[], states: readonly string[] = []): Span | undefined {
  // How many words from each on may stand in one name.
  const run = new Array<number>(words.length + 1).fill(0);
  let longest = 0;
  for (let at = words.length - 1; at >= 0; at -= 1) {
    if (standsInName(words[at]!)) run[at] = run[at + 1]! + 1;
    longest = Math.max(longest, run[at]!);
  }
  let measure: Span | undefined;
  for (let length = Math.min(MOST_NAME_WORDS, longest); length > 0; length -= 1)
    for (let from = 0; from + length <= words.length; from += 1) {
      if (run[from]! < length) continue;
      const named = nameOf(words.slice(from, from + length), states);
      if (named === undefined) continue;
      const span = { from, to: from + length, ...named };
      if (length > 1 || !isUnit(words[from]!)) return span;
      measure ??= span;
    }
  return measure;
}
