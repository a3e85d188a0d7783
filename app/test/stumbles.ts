/** What somebody who makes drinks and never saw a laboratory stumbles over. */
export const STUMBLES: readonly (readonly [string, RegExp])[] = [
  [
    'a word of ours',
    /[Rr]eckon|\bas dried\b|of it yours|[Ss]tands in for|\bnull\b|undefined|\bNaN\b|Infinity|\[object/,
  ],
  ['a word said twice', /\b([a-z]+) \1\b/i],
  ['a measure of a measure', /\b(\w+) of an? \1\b|\b(\w+ of) instead of an? \2\b|\b(\w+) of (?:[a-z]+ )?\3\b/i],
  ['a gap or a stray sign', /\s{2,}|\s[,.;:](?:\s|$)|\(\s|\.\.|,,/],
  ['a number that nobody measures', /\d\.\d{4}|\d{7}|\de[-+]?\d/],
  ['one of what is several', /\b1 (?:steps|bottles|days|hours|glasses|servings)\b/],
];

/** All texts of more than one word in a view, however deep they lie; what is an id or an address is none. */
export function textsIn(view: unknown): readonly string[] {
  if (typeof view === 'string') return /[a-z]\S* \S/i.test(view) ? [view] : [];
  if (typeof view !== 'object' || view === null || view instanceof Date) return [];
  return Object.values(view).flatMap(textsIn);
}
