import { COUNT_WORDS } from '../../quantity';

/** Numbers in words. "A couple" is two, "a few" three and asked about where it matters. */
export const NUMBER_WORDS: Readonly<Record<string, number>> = {
  ...COUNT_WORDS,
  thirteen: 13,
  fourteen: 14,
  fifteen: 15,
  sixteen: 16,
  seventeen: 17,
  eighteen: 18,
  nineteen: 19,
  twenty: 20,
  thirty: 30,
  forty: 40,
  fifty: 50,
  sixty: 60,
  seventy: 70,
  eighty: 80,
  ninety: 90,
  couple: 2,
  few: 3,
  several: 4,
};

/** What the number before it is multiplied by. */
export const MULTIPLIERS: Readonly<Record<string, number>> = { hundred: 100, thousand: 1000 };

/** Parts of one. */
export const PART_WORDS: Readonly<Record<string, number>> = {
  half: 1 / 2,
  third: 1 / 3,
  thirds: 1 / 3,
  quarter: 1 / 4,
  quarters: 1 / 4,
  eighth: 1 / 8,
};

/** Numbers that say themselves that they are a guess. */
export const VAGUE_NUMBERS: ReadonlySet<string> = new Set(['few', 'several']);

/** Words that say an amount is rough; they change nothing. */
export const ABOUT: ReadonlySet<string> = new Set(
  'about around roughly approx approximately circa ca say maybe like nearly almost exactly just anything'.split(' '),
);
