import type { DrinkKind } from '../drink';
import { COUNT_WORDS, isUnreadable, readAmount, readDuration } from '../quantity';
import { rowOf } from '../lookup';
import { KEEPS, KIND_WORDS, SERVED } from '../read';

/** A number in words that counts people or glasses; an article does not. */
const COUNTED = Object.keys(COUNT_WORDS)
  .filter((word) => COUNT_WORDS[word]! > 1)
  .join('|');
const COUNT_BEFORE = new RegExp(
  `(?<![.,\\d])\\b(\\d+|${COUNTED})\\b(?! ?[.,]?\\d)(?:(?! of )[\\w ]){0,16}\\b(?:${SERVED}|of us)\\b`,
  'i',
);
const COUNT_AFTER = new RegExp(
  `\\b(?:serves|makes|does|yields?:?|servings?:?|enough for|fills)\\b(?: about| around)? (\\d+|${COUNTED})\\b`,
  'i',
);
const SIZE = /(\d[\d.]*\s*(?:ml|cl|l|fl oz|oz|cups?))\b(?!\s*(?:jug|pot|pan|batch|bucket))/i;

/** "Serves 10 (8 oz each)": how many, and of what size. */
export function servesIn(text: string): { readonly count: number | null; readonly size_mL: number | null } {
  const size = SIZE.exec(text)?.[1];
  const amount = size ? readAmount(size.replace(/(\d)\s*oz$/i, '$1 fl oz')) : undefined;
  const rest = size ? text.replace(size, ' ') : text;
  const number = COUNT_BEFORE.exec(rest)?.[1] ?? COUNT_AFTER.exec(rest)?.[1];
  return {
    count: number === undefined ? null : (rowOf(COUNT_WORDS, number.toLowerCase()) ?? Number(number)),
    size_mL:
      amount && !isUnreadable(amount) && amount.unit.dimension === 'volume' && !/^\d+ cups?$/i.test(size ?? '')
        ? amount.value * amount.unit.size
        : null,
  };
}

const DAY_min = 1440;
/** Days in what a duration of a step does not know. */
const LONG_UNITS: Readonly<Record<string, number>> = { month: 30, year: 365 };
const KEPT_FOR = new RegExp(
  `\\b(\\d+(?:\\s*(?:-|to)\\s*\\d+)?|${Object.keys(COUNT_WORDS).join('|')}|the) (?:good |full )?(hour|day|week|month|year)s?\\b`,
  'gi',
);
const FOR_EVER = /\bfor ?ever\b|\bnever goes (?:off|bad)\b/i;
/** Longer than any drink keeps. */
const FOR_EVER_days = 3650;

/** Days that a sentence says it keeps: of several spans the one told nearest to the word that says so. */
export function daysIn(text: string): number | null {
  const said = KEEPS.exec(text);
  if (FOR_EVER.test(text)) return FOR_EVER_days;
  const spans = [...text.matchAll(KEPT_FOR)];
  const at = said?.index ?? 0;
  const nearest = spans.sort((a, b) => Math.abs(a.index - at) - Math.abs(b.index - at))[0];
  if (!nearest) return /\b(?:tomorrow|next day)\b/i.test(text) ? 1 : null;
  const [, number, unit] = nearest as unknown as [string, string, string];
  const count =
    rowOf(COUNT_WORDS, number.toLowerCase()) ?? (/^the$/i.test(number) ? 1 : Number(number.split(/-|to/).at(-1)));
  const long = rowOf(LONG_UNITS, unit.toLowerCase());
  if (long !== undefined) return count * long;
  const read = readDuration(`${count} ${unit}`);
  return read.kind === 'duration' ? read.minutes / DAY_min : null;
}

/** What kind of drink a recipe makes, by its title, else by its text. */
export const kindOf = (title: string, source: string): DrinkKind =>
  (KIND_WORDS.find(([words]) => words.test(title)) ?? KIND_WORDS.find(([words]) => words.test(source)))?.[1] ?? 'tonic';
