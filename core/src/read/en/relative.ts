/** Amounts that depend on the pot, by the words that say so. */

/** "600 g sugar for each litre of juice". */
export const FOR_EACH =
  /\bfor (?:each|every)(?: (\d[\d.]*))? (ml|l|litre|litres|cl|pint|cup)\b(?: of (?:the )?[a-z]+)?/;

/** "Half of the honey", "the rest of the water": a part of what is said elsewhere. */
export const SHARE =
  /\b(?:(?:the )?(rest|remainder)|remaining|(0\.\d+))(?: of)? the\b|\b(?:the )?(?:rest|remainder) of\b|\bthe remaining\b/;

/** Words, what they say as a drink file does, and what must be asked. */
export const DEPENDING: readonly (readonly [RegExp, string | ((match: RegExpExecArray) => string), string | null])[] = [
  [
    /\b(?:equal|same) (?:amount|weight|quantity|measure|volume)\b(?: of)?(.*)/,
    (match) => equalTo(match[1]!),
    'Equal by weight or by volume?',
  ],
  [
    /\bas much\b(.*?)\bas (?:the |there is )?(.+)/,
    (match) => `equal to the ${match[2]!.split(' ')[0]!}`,
    'As much by weight or by volume?',
  ],
  [
    /\bequal (?:parts|volumes|weights|amounts|measures|quantities)\b/,
    'equal parts',
    'How much of each, by weight or by volume?',
  ],
  [/\bto cover\b.*/, 'to cover', null],
  [/\benough to cover\b.*/, 'to cover', null],
  [/\bto taste\b.*/, 'to taste', 'How much to start with?'],
];

export const HOW = new Set(['by', 'weight', 'volume']);
export const SHARE_WORDS = new Set(['the', 'rest', 'remainder', 'remaining', 'of']);

export const equalTo = (rest: string): string => {
  const as = /\b(?:as|to) (?:(?:you|you've|there|we) (?:have |got |get |is )*)?(?:the )?([a-z]+)/.exec(rest)?.[1];
  return as && as !== 'liquid' && as !== 'juice' ? `equal to the ${as}` : 'equal to the liquid';
};
