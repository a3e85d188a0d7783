import { CATALOGUE, normaliseName } from '../src/catalogue';
import { readLine } from '../src/read';
import { ASKED_NAMES, INGREDIENT_SYNONYMS } from '../src/read/en/ingredient-names';
import { spelled } from '../src/read/spelling';
import { tokensOf } from '../src/read/tokens';
import { WRITTEN_LINES } from './written-lines';

/** A number that comes next, 0 to 1. */
export type Random = () => number;

const pick = <Each>(of: readonly Each[], random: Random): Each => of[Math.floor(random() * of.length)]!;

/** The beginning of one line and the end of another, now and then with a letter gone or doubled. */
export function splice(random: Random): string {
  const [one, other] = [pick(WRITTEN_LINES, random), pick(WRITTEN_LINES, random)];
  const text = one.slice(0, Math.floor(random() * (one.length + 1))) + other.slice(Math.floor(random() * other.length));
  if (random() < 0.7) return text;
  const at = Math.floor(random() * text.length);
  return random() < 0.5
    ? text.slice(0, at) + text.slice(at + 1)
    : text.slice(0, at) + text.slice(at, at + 1) + text.slice(at);
}

const wordsOf = (name: string): readonly string[] =>
  name
    .toLowerCase()
    .split(/[^a-zà-ÿ]+/)
    .filter((word) => word.length > 2)
    .map(normaliseName);

/** Everything a thing may be called by, word for word. */
const CALLED = new Map(
  CATALOGUE.map(({ name, aliases }) => {
    const also = Object.entries(INGREDIENT_SYNONYMS).flatMap(([said, meant]) =>
      [name, ...aliases].some((each) => normaliseName(each) === normaliseName(meant)) ? [said] : [],
    );
    const asked = Object.entries(ASKED_NAMES).flatMap(([said, { means }]) =>
      [name, ...aliases].some((each) => normaliseName(each) === normaliseName(means)) ? [said] : [],
    );
    return [name.toLowerCase(), new Set([name, ...aliases, ...also, ...asked].flatMap(wordsOf))] as const;
  }),
);
/** A part of a fruit is listed under a row of its own. */
const PARTS = /^(.+?) (?:juice|peel|zest)\b/;

/**
 * Whether nothing was read out of a text that has no words behind it.
 *
 * @returns what was made up, or null
 */
export function madeUp(text: string): string | null {
  const { reads, steps, confidence } = readLine(text);
  if (reads.length !== steps.length || !(confidence >= 0 && confidence <= 1))
    return 'reads and steps do not go together';
  const said = new Set(
    tokensOf(text)
      .flatMap(({ kind, text: word }) =>
        kind === 'word' ? [word, spelled(word), ...(/^teabags?$/.test(spelled(word)) ? ['tea'] : [])] : [],
      )
      .flatMap(wordsOf),
  );
  for (const { ingredient, verb, grams } of reads) {
    if (grams !== null && !(grams > 0 && Number.isFinite(grams))) return `${ingredient ?? verb} of ${grams} g`;
    if (verb !== 'add' || ingredient === null) continue;
    const called = CALLED.get(ingredient) ?? new Set<string>();
    const fruit = PARTS.exec(ingredient)?.[1];
    if (![...called, ...(fruit ? wordsOf(fruit) : [])].some((word) => said.has(word))) return ingredient;
  }
  return null;
}
