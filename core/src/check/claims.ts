import type { DrinkKind } from '../drink';
import { isUnreadable, readAmount, readDuration } from '../quantity';
import { KIND_WORDS } from '../read';

const NUMBER_WORDS: Readonly<Record<string, number>> = {
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  eight: 8,
  ten: 10,
  twelve: 12,
};

/** "Serves 10 (8 oz each)": how many, and of what size. */
export function servesIn(text: string): { readonly count: number | null; readonly size_mL: number | null } {
  const size = /(\d[\d.]*\s*(?:ml|cl|l|fl oz|oz|cups?))\b/i.exec(text)?.[1];
  const amount = size ? readAmount(size.replace(/(\d)\s*oz$/i, '$1 fl oz')) : undefined;
  const rest = size ? text.replace(size, ' ') : text;
  const number =
    /\b(\d+)\b/.exec(rest)?.[1] ??
    Object.keys(NUMBER_WORDS).find((word) => new RegExp(`\\b${word}\\b`, 'i').test(rest));
  return {
    count: number === undefined ? null : (NUMBER_WORDS[number.toLowerCase()] ?? Number(number)),
    size_mL:
      amount && !isUnreadable(amount) && amount.unit.dimension === 'volume' ? amount.value * amount.unit.size : null,
  };
}

/** Days that a sentence says it keeps. */
export function daysIn(text: string): number | null {
  const said =
    /\b(\d+(?:\s*(?:-|to)\s*\d+)?|a|one|two|three|four|five|six|ten|twelve)\s+(hours?|days?|weeks?|months?|years?)\b/i.exec(
      text,
    );
  if (!said) return null;
  const count = said[1]!.toLowerCase();
  const unit = said[2]!.toLowerCase().replace(/month|year/, 'week');
  const value = NUMBER_WORDS[count] ?? (count === 'a' || count === 'one' ? 1 : count.split(/-|to/).at(-1)!.trim());
  const read = readDuration(`${value} ${unit}`);
  const times = /month/i.test(said[2]!) ? 30 / 7 : /year/i.test(said[2]!) ? 365 / 7 : 1;
  return read.kind === 'duration' ? (read.minutes * times) / 1440 : null;
}

/** What kind of drink a recipe makes, by its title, else by its text. */
export const kindOf = (title: string, source: string): DrinkKind =>
  (KIND_WORDS.find(([words]) => words.test(title)) ?? KIND_WORDS.find(([words]) => words.test(source)))?.[1] ?? 'tonic';
