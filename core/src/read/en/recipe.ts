import type { DrinkKind } from '../../drink';

/** What stands at the head of a part of a recipe. */
export const INGREDIENT_HEADS: readonly string[] = [
  'ingredients',
  'you need',
  'you will need',
  'what you need',
  'for the drink',
  'for the gel',
  'for the syrup',
  'what goes in',
  'shopping',
];
export const METHOD_HEADS: readonly string[] = [
  'method',
  'directions',
  'instructions',
  'steps',
  'how to',
  'preparation',
  'to make',
  'what you do',
];
/** What follows these is no part of the drink. */
export const OTHER_HEADS: readonly string[] = [
  'notes',
  'note',
  'nutrition',
  'comments',
  'reviews',
  'sign up',
  'related',
  'tips',
  'about',
  'share',
];

/** Whoever tells a story says I and we; a recipe does not. */
export const STORY: ReadonlySet<string> = new Set("i i'm i've i'd my mine me we our us".split(' '));

/** What a page has around a recipe. */
export const FURNITURE =
  /\b(?:votes?|rating|print|save|jump to|advertisement|commission|subscribe|newsletter|cookies?|privacy|prep \d+|cook \d+|leave a reply)\b|\bhome\s*[>›|]/i;

/** Words of a title that say what kind of drink it is; the first that fits counts. */
export const KIND_WORDS: readonly (readonly [RegExp, DrinkKind])[] = [
  [/\bsyrup|cordial|sharbat\b/i, 'syrup'],
  [/\boxymel|shrub|vinegar\b/i, 'vinegar-honey'],
  [/\bpowder|dry mix|sachet mix\b/i, 'dry-mix'],
  [/\bdiarrh|rehydrat|tummy|oral|sugar and salt\b/i, 'rehydration'],
  [/\bsport|run|ride|electrolyte|six per ?cent|6 ?%/i, 'sport'],
  [/\bgel\b/i, 'gel'],
  [/\bjuice|blend\b/i, 'juice'],
  [/\binfused|jug|spa water|fruit water\b/i, 'infused-water'],
  [/\btea|tisane|infusion\b/i, 'tea'],
  [/\bconcentrate|base\b/i, 'concentrate'],
];

/** How many it is for. */
export const SERVES = /\b(?:serves|serving|servings|makes|yields?|glasses|portions|people|enough for|cups worth)\b/i;
/** How long it is said to keep. */
export const KEEPS =
  /\b(?:keeps?|lasts?|good for|use within|drink within|up to|no more than|throw away)\b.*\b(?:hours?|days?|weeks?|months?|years?)\b/i;
/** What it promises in figures. */
export const CLAIMS = /\b(?:kcal|calories|sugar[- ]free|per glass|per serving|mg of|g of (?:sugar|salt|protein))\b/i;
/** Words with which everything that is listed goes in. */
export const EVERYTHING = /\b(?:everything|all (?:the )?ingredients|the lot|all of it)\b/i;
/** What goes into the glass, not into the pot. */
export const AT_SERVING = /\b(?:to serve|to garnish|for serving|in each glass|to finish)\b/i;
