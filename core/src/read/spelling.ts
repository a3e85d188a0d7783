import { distance } from 'fastest-levenshtein';
import { INGREDIENT_NAMES, normaliseName } from '../catalogue';
import { UNITS } from '../quantity';
import { ACTIONS, FILLERS, NEGATIONS } from './en/actions';
import { ASKED_NAMES, INGREDIENT_SYNONYMS } from './en/ingredient-names';
import { LOOSE_MEASURES, SIZE_WORDS } from './en/measures';
import { COURTESY, CUTS, FORM_WORDS, NOTE_WORDS, TRIMMED } from './en/noise';
import { NOT_SLIPS } from './en/not-slips';
import { ABOUT } from './en/numbers';
import { SPELLINGS } from './en/spellings';
import { LIDS, PLACES, STRAINERS } from './en/places';
import { WARMTHS } from './en/temperatures';
import { TIME_PHRASES, TIME_UNITS } from './en/times';

/** Shorter words are never taken for a slip: too many others are one letter away. */
const SHORTEST = 5;
/** Longer words may have two slips. */
const TWO_SLIPS_FROM = 8;

const wordsOf = (texts: Iterable<string>): readonly string[] => [...texts].flatMap((each) => each.split(/[ *]+/));

/** Every word that is known, as it is and in its singular. */
const KNOWN: ReadonlySet<string> = new Set(
  wordsOf([
    ...INGREDIENT_NAMES.keys(),
    ...Object.keys({ ...INGREDIENT_SYNONYMS, ...ASKED_NAMES }),
    ...UNITS.flatMap(({ aliases }) => aliases),
    ...ACTIONS.map(({ words }) => words),
    ...[...LIDS, ...PLACES, ...STRAINERS, ...TIME_PHRASES].map(([words]) => words),
    ...WARMTHS.map(([words]) => words),
    ...Object.keys({ ...LOOSE_MEASURES, ...SIZE_WORDS, ...CUTS, ...TIME_UNITS }),
    ...NOTE_WORDS,
    ...[...FILLERS, ...NEGATIONS, ...COURTESY, ...TRIMMED, ...ABOUT, ...FORM_WORDS, ...Object.keys(SPELLINGS)],
  ]),
);
/** Known words by their first letter and length, where slips are looked for. */
const BY_START = new Map<string, string[]>();
for (const word of KNOWN) {
  const start = word.charAt(0);
  BY_START.set(start, [...(BY_START.get(start) ?? []), word]);
}

const found = new Map<string, string | null>();
const MOST_KEPT = 20_000;

/** Two letters side by side that changed places are one slip, not two. */
function isSwapped(word: string, known: string): boolean {
  if (word.length !== known.length) return false;
  let at = 0;
  while (word[at] === known[at]) at += 1;
  return word[at] === known[at + 1] && word[at + 1] === known[at] && word.slice(at + 2) === known.slice(at + 2);
}

function nearest(word: string): string | null {
  const most = word.length >= TWO_SLIPS_FROM ? 2 : 1;
  let best: string | null = null;
  let slips = most + 1;
  for (const known of BY_START.get(word.charAt(0)) ?? []) {
    if (known.length < SHORTEST - 1 || Math.abs(known.length - word.length) > most) continue;
    const away = isSwapped(word, known) ? 1 : distance(word, known);
    if (away < slips) {
      slips = away;
      best = known;
    }
  }
  return best;
}

/** Whether a word, or its singular, stands in one of the tables. */
export const isKnown = (word: string): boolean => KNOWN.has(word) || KNOWN.has(normaliseName(word));

/** A word with its slips put right: itself where it is known, or where nothing is near. */
export function spelled(word: string): string {
  if (word.length < SHORTEST || isKnown(word) || NOT_SLIPS.has(word) || /\d/.test(word)) return word;
  let right = found.get(word);
  if (right === undefined) {
    if (found.size > MOST_KEPT) found.clear();
    found.set(word, (right = nearest(word)));
  }
  return right ?? word;
}
