import type { DrinkKind } from '../drink';
import { COUNT_WORDS, isUnreadable, readAmount, readDuration } from '../quantity';
import { rowOf } from '../lookup';
import {
  COUNT_AFTER,
  COUNT_BEFORE,
  FOR_EVER,
  KEEPS,
  KEPT_FOR,
  KIND_WORDS,
  LONG_UNITS,
  NEXT_DAY,
  ONE_OF_THEM,
  SERVING_SIZE,
} from '../read';

/** "Serves 10 (8 oz each)": how many, and of what size. */
export function servesIn(text: string): { readonly count: number | null; readonly size_mL: number | null } {
  const size = SERVING_SIZE.exec(text)?.[1];
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
/** Longer than any drink keeps. */
const FOR_EVER_days = 3650;

/** Days that a sentence says it keeps: of several spans the one told nearest to the word that says so. */
export function daysIn(text: string): number | null {
  const said = KEEPS.exec(text);
  if (FOR_EVER.test(text)) return FOR_EVER_days;
  const spans = [...text.matchAll(KEPT_FOR)];
  const at = said?.index ?? 0;
  const nearest = spans.sort((a, b) => Math.abs(a.index - at) - Math.abs(b.index - at))[0];
  if (!nearest) return NEXT_DAY.test(text) ? 1 : null;
  const [, number, unit] = nearest as unknown as [string, string, string];
  const count =
    rowOf(COUNT_WORDS, number.toLowerCase()) ?? (ONE_OF_THEM.test(number) ? 1 : Number(number.split(/-|to/).at(-1)));
  const long = rowOf(LONG_UNITS, unit.toLowerCase());
  if (long !== undefined) return count * long;
  const read = readDuration(`${count} ${unit}`);
  return read.kind === 'duration' ? read.minutes / DAY_min : null;
}

/** What kind of drink a recipe makes, by its title, else by its text. */
export const kindOf = (title: string, source: string): DrinkKind =>
  (KIND_WORDS.find(([words]) => words.test(title)) ?? KIND_WORDS.find(([words]) => words.test(source)))?.[1] ?? 'tonic';
