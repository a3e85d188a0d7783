import { COUNT_WORDS } from '../../quantity';
import { SERVED } from './recipe';

/** A number in words that counts people or glasses; an article does not. */
const COUNTED = Object.keys(COUNT_WORDS)
  .filter((word) => COUNT_WORDS[word]! > 1)
  .join('|');
export const COUNT_BEFORE = new RegExp(
  `(?<![.,\\d])\\b(\\d+|${COUNTED})\\b(?! ?[.,]?\\d)(?:(?! of )[\\w ]){0,16}\\b(?:${SERVED}|of us)\\b`,
  'i',
);
export const COUNT_AFTER = new RegExp(
  `\\b(?:serves|makes|does|yields?:?|servings?:?|enough for|fills)\\b(?: about| around)? (\\d+|${COUNTED})\\b`,
  'i',
);
/** What one of them holds. */
export const SERVING_SIZE = /(\d[\d.]*\s*(?:ml|cl|l|fl oz|oz|cups?))\b(?!\s*(?:jug|pot|pan|batch|bucket))/i;

/** Days in what a duration of a step does not know. */
export const LONG_UNITS: Readonly<Record<string, number>> = { month: 30, year: 365 };
export const KEPT_FOR = new RegExp(
  `\\b(\\d+(?:\\s*(?:-|to)\\s*\\d+)?|${Object.keys(COUNT_WORDS).join('|')}|the) (?:good |full )?(hour|day|week|month|year)s?\\b`,
  'gi',
);
export const FOR_EVER = /\bfor ?ever\b|\bnever goes (?:off|bad)\b/i;
/** "Drink it by tomorrow"; "keeps the week". */
export const NEXT_DAY = /\b(?:tomorrow|next day)\b/i;
export const ONE_OF_THEM = /^the$/i;
