import type { DrinkKind } from '../drink';
import { COUNT_WORDS, isUnreadable, readAmount, readDuration } from '../quantity';
import { rowOf } from '../lookup';
import { KIND_WORDS } from '../read';

/** A number in words that counts people or glasses; an article does not. */
const COUNTED = new RegExp(
  `\\b(${Object.keys(COUNT_WORDS)
    .filter((word) => COUNT_WORDS[word]! > 1)
    .join('|')})\\b`,
  'i',
);

/** "Serves 10 (8 oz each)": how many, and of what size. */
export function servesIn(text: string): { readonly count: number | null; readonly size_mL: number | null } {
  const size = /(\d[\d.]*\s*(?:ml|cl|l|fl oz|oz|cups?))\b/i.exec(text)?.[1];
  const amount = size ? readAmount(size.replace(/(\d)\s*oz$/i, '$1 fl oz')) : undefined;
  const rest = size ? text.replace(size, ' ') : text;
  const number = /\b(\d+)\b/.exec(rest)?.[1] ?? COUNTED.exec(rest)?.[1];
  return {
    count: number === undefined ? null : (rowOf(COUNT_WORDS, number.toLowerCase()) ?? Number(number)),
    size_mL:
      amount && !isUnreadable(amount) && amount.unit.dimension === 'volume' ? amount.value * amount.unit.size : null,
  };
}

const DAY_min = 1440;
/** Days in what a duration of a step does not know. */
const LONG_UNITS: Readonly<Record<string, number>> = { month: 30, year: 365 };
const KEPT_FOR = new RegExp(
  `\\b(\\d+(?:\\s*(?:-|to)\\s*\\d+)?|${Object.keys(COUNT_WORDS).join('|')})\\s+(hour|day|week|month|year)s?\\b`,
  'i',
);

/** Days that a sentence says it keeps: of a range the longer. */
export function daysIn(text: string): number | null {
  const [, said, unit] = KEPT_FOR.exec(text.toLowerCase()) ?? [];
  if (said === undefined || unit === undefined) return null;
  const count = rowOf(COUNT_WORDS, said) ?? Number(said.split(/-|to/).at(-1));
  const long = rowOf(LONG_UNITS, unit);
  if (long !== undefined) return count * long;
  const read = readDuration(`${count} ${unit}`);
  return read.kind === 'duration' ? read.minutes / DAY_min : null;
}

/** What kind of drink a recipe makes, by its title, else by its text. */
export const kindOf = (title: string, source: string): DrinkKind =>
  (KIND_WORDS.find(([words]) => words.test(title)) ?? KIND_WORDS.find(([words]) => words.test(source)))?.[1] ?? 'tonic';
