/** Words that part what is said before them from what comes after. */
export const BREAK_WORDS: ReadonlySet<string> = new Set('and then plus with after but while'.split(' '));

/** Words between two things that are put together. */
export const PREPOSITIONS: ReadonlySet<string> = new Set('in into over to onto on per'.split(' '));

/** Verbs whose small word may stand at the end: "take the bag out", "drop the cloves in". */
export const PARTICLES: Readonly<Record<string, string>> = {
  take: 'out',
  lift: 'out',
  fish: 'out',
  pick: 'out',
  pull: 'out',
  scoop: 'out',
  drop: 'in',
  put: 'in',
  pour: 'in',
  tip: 'in',
  throw: 'in',
  stir: 'in',
  mix: 'in',
  whisk: 'in',
  fold: 'in',
};

/** Words with which a speaker takes back what was said. */
export const CORRECTIONS: readonly (readonly string[])[] = [
  ['no', 'wait'],
  ['wait', 'no'],
  ['i', 'mean'],
  ['sorry'],
  ['rather'],
];

/** Words for how a vessel or a place is: a comma behind one parts nothing. */
export const ADJECTIVES: ReadonlySet<string> = new Set(
  'clean big large small wide dry dark heavy tall cool sterilised sterile dry airtight heatproof glass'.split(' '),
);

/** What follows these must be so before anything is done. */
export const CONDITIONS: ReadonlySet<string> = new Set(['once', 'when']);
