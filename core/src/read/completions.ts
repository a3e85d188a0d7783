import { INGREDIENT_NAMES } from '../catalogue';
import { UNITS } from '../quantity';

/** A word that is begun, completed: what it becomes, and the whole line with it. */
export interface Completion {
  readonly word: string;
  readonly line: string;
}

/** From so many letters on a word is completed. */
const LEAST_LETTERS = 2;
const MOST = 4;
/** A name is begun in so many words at most. */
const MOST_WORDS = 3;

/** Names in the order of the alphabet, shortest first where one begins another. */
const NAMES: readonly string[] = [...INGREDIENT_NAMES.keys()].filter((name) => /^[a-z]/.test(name)).sort();
const unitWords = UNITS.flatMap(({ name, aliases }) => [name, ...aliases]).filter((name) => /^[a-z]{3,}$/.test(name));
/** Units as people write them, one of each. */
const MEASURES: readonly string[] = [...new Set(unitWords)]
  .filter((word) => !unitWords.includes(word.replace(/s$/, '')) || !word.endsWith('s'))
  .sort((a, b) => a.length - b.length);

/** The first name that does not stand before what is begun. */
function firstAt(begun: string): number {
  let [low, high] = [0, NAMES.length];
  while (low < high) {
    const middle = (low + high) >> 1;
    if (NAMES[middle]! < begun) low = middle + 1;
    else high = middle;
  }
  return low;
}

function namesFrom(begun: string): readonly string[] {
  const found: string[] = [];
  for (let at = firstAt(begun); at < NAMES.length && found.length < MOST * 3; at += 1) {
    const name = NAMES[at]!;
    if (!name.startsWith(begun)) break;
    if (name !== begun) found.push(name);
  }
  return found.sort((a, b) => a.length - b.length);
}

const isNumber = (word: string | undefined): boolean => word !== undefined && /^[\d½¼¾⅓⅔⅛.,/-]+$/.test(word);

/**
 * What the end of a line that is being typed could become: names of the catalogue, and units behind a number.
 *
 * @param line as it stands
 * @returns at most four, the shortest first; none where the last word has fewer than two letters or is whole
 */
export function completionsOf(line: string): readonly Completion[] {
  if (!/[a-z]$/i.test(line)) return [];
  const words = line.split(/\s+/);
  const last = words.at(-1)!.toLowerCase();
  if (last.length < LEAST_LETTERS) return [];
  const whole = (count: number, word: string): Completion => ({
    word,
    line: [...words.slice(0, words.length - count), word].join(' '),
  });
  const found: Completion[] = [];
  if (isNumber(words.at(-2)))
    found.push(...MEASURES.filter((unit) => unit.startsWith(last) && unit !== last).map((unit) => whole(1, unit)));
  // "fresh gin": a name of several words is begun by all of them.
  for (let count = Math.min(MOST_WORDS, words.length); count > 0; count -= 1) {
    const begun = words.slice(-count).join(' ').toLowerCase();
    found.push(...namesFrom(begun).map((name) => whole(count, name)));
    if (found.length >= MOST) break;
  }
  const seen = new Set<string>();
  return found.filter(({ line: each }) => !seen.has(each) && seen.add(each)).slice(0, MOST);
}
