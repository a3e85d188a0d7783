import type { Role } from '../../catalogue';
import type { Verb } from '../../drink';

/** Measures of no size, with the number or the article before them. */
export const LOOSE =
  /(?:\b(?:a|an|one|some)\s+|\b[\d½¼¾⅓⅔./]+\s+)?(?:likkle |little |small |big )?\b(?:splash|glug|squeeze|drizzle|twist|grating|bit|knob|shot|glass|bottle|bowl|jar|can|tin|carton|punnet|dropper|handful|wedge|scoop)(?:e?s)?\b(?: of(?= ))?/i;
export const SPOON = /\bspoon(?:ful)?s?\b/i;
/** A vessel of which a part is meant, or which is filled so many times. */
export const SIZELESS =
  /\b(?:(?:of|fill) (?:the|a|an|your) |for [a-z\d]+ )(?=(?:jar|jug|bottle|bowl|glass)(?:e?s)?\b)/i;
export const UNITS = /\b(?:tsp|tbsp|cups?|pinch(?:es)?|fl|oz|ml|cm|grams?)\b/gi;

/** A temperature in the one scale that is meant in the other. */
export const CELSIUS = /(\d+) ?°? ?C\b/i;
/** An amount that depends on another, of which nobody knows whether it is weighed or poured. */
export const AS_MUCH =
  /\b(?:(?:same|equal) (?:amount|quantity|measure)(?: of \w+)?|as much \w+ as (?:the |there is )?\w+)/i;
/** What the questions ask, by which their answers are known. */
export const ASKS = {
  howLong: /^For how long/,
  howMuch: /^How (?:much|many grams of) (?!is )/,
  scale: /°F/,
  byWhat: /by weight or by volume/i,
} as const;
export const BY_WHAT = ['by weight', 'by volume'] as const;

/** The word of a line that says what is done, behind which a time may stand. */
export const TIMED_WORD = /\b(?:simmer|steep|boil|soak|rest|infuse|leave|stand|sit|brew|macerate|cook)(?:ing|ed)?\b/i;
/** How long most people let it be. Source: the ranges of the verbs; estimates. */
export const USUAL_TIMES: Readonly<Partial<Record<Verb, readonly string[]>>> = {
  simmer: ['10 min', '20 min', '40 min'],
  boil: ['1 min', '5 min', '10 min'],
  steep: ['5 min', '15 min', '1 h'],
  infuse: ['8 h', '24 h', '14 days'],
  rest: ['15 min', '1 h', '8 h'],
  soak: ['1 h', '8 h'],
};

/** What most people put in, a little and a lot. Source: common recipes; estimates. */
export const USUAL_AMOUNTS: Readonly<Partial<Record<Role, readonly string[]>>> = {
  sweetener: ['1 tbsp', '100 g', '300 g'],
  salt: ['1 pinch', '1/4 tsp', '1 tsp'],
  acid: ['1 tsp', '1 tbsp'],
  water: ['250 mL', '500 mL', '1 L'],
  juice: ['2 tbsp', '100 mL', '500 mL'],
  milk: ['100 mL', '250 mL'],
  spirit: ['1 tsp', '1 tbsp'],
  fat: ['1 tsp', '1 tbsp'],
  spice: ['1/2 tsp', '5 g', '20 g'],
  herb: ['5 g', '20 g', '100 g'],
  fruit: ['100 g', '250 g', '500 g'],
  vegetable: ['50 g', '250 g'],
  seed: ['1 tbsp', '20 g'],
};
/** Words before a thing that an amount takes the place of. */
export const SOME = /\b(?:the|some|a little|more|enough)\s+$/i;
/** "To taste", where an amount is said instead. */
export const TO_TASTE = /,?\s*to taste\b/i;

const BERRIES = ['raspberries', 'blueberries', 'blackberries', 'strawberries', 'elderberries'];
const GROUND = ['ground cinnamon', 'ground ginger', 'ground cloves', 'ground turmeric'];
const HERBS = ['fresh mint', 'fresh thyme', 'fresh sage', 'dried peppermint', 'dried nettle'];
/** Words for a kind of things, and which of the kind it may be. */
export const KINDS: Readonly<Record<string, readonly string[]>> = {
  'mixed berries': BERRIES,
  berries: BERRIES,
  'mixed spices': GROUND,
  spices: GROUND,
  spice: GROUND,
  'mixed herbs': HERBS,
  herbs: HERBS,
  cherries: ['sour cherries', 'sweet cherries'],
  citrus: ['lemon', 'lime', 'orange', 'grapefruit'],
  electrolytes: ['table salt', 'potassium chloride', 'trisodium citrate dihydrate', 'magnesium citrate'],
};
