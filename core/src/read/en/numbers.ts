import { COUNT_WORDS } from '../../quantity';

/** Numbers in words. "A couple" is two, "a few" three and asked about where it matters. */
export const NUMBER_WORDS: Readonly<Record<string, number>> = {
  ...COUNT_WORDS,
  fifteen: 15,
  twenty: 20,
  thirty: 30,
  forty: 40,
  fifty: 50,
  sixty: 60,
  ninety: 90,
  hundred: 100,
  couple: 2,
  few: 3,
  several: 4,
};

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
