import type { DrinkKind } from '../../drink';

/** What stands at the head of a part of a recipe, in small letters without signs. */
export const INGREDIENT_HEADS: readonly string[] = [
  'ingredients',
  'ingredient',
  'you need',
  'you will need',
  'youll need',
  'what you need',
  'what you will need',
  'what goes in',
  'whats in it',
  'shopping',
  'shopping list',
  'contains',
  'you add',
  'take',
];
export const METHOD_HEADS: readonly string[] = [
  'method',
  'directions',
  'instructions',
  'steps',
  'how to',
  'how',
  'how to make it',
  'preparation',
  'procedure',
  'to make',
  'to make it',
  'making it',
  'what you do',
  'what to do',
  'do this',
];
/** What follows these is no part of the drink. */
export const OTHER_HEADS: readonly string[] = [
  'notes',
  'note',
  'comments',
  'comment',
  'reviews',
  'sign up',
  'related',
  'you may also like',
  'more recipes',
  'tips',
  'about',
  'share',
  'tags',
  'faq',
];
/** What follows these goes into each glass. */
export const SERVING_HEADS: readonly string[] = [
  'to serve',
  'serving',
  'to drink',
  'in the glass',
  'each glass',
  'each cup',
];
/** "For the gel": a part of its own; these are the drink itself. */
export const PART_HEAD = /^for (?:the |a |each )?([a-z][a-z -]{2,24})(?:,.*)?:?$/i;
export const WHOLE_PARTS: ReadonlySet<string> = new Set(
  'drink cooler tea tonic jug pot batch bottle cocktail whole'.split(' '),
);

/** Whoever tells a story says I and we; a recipe does not. */
export const STORY: ReadonlySet<string> = new Set("i i'm i've i'd my mine me we our us ours".split(' '));

/** What a page has around a recipe. */
export const FURNITURE =
  /\b(?:votes?|rating|print|save|jump to|advertisement|commission|subscribe|newsletter|cookies?|privacy|(?:prep|cook|ready in|total)(?: time)?:? ?\d+|leave a reply|sign up|double tap|follow me|link in bio)\b|\bhome\s*[>›|]|^[#@]\w/i;

/** Sentences that tell of the drink, and nothing that is to be done. */
export const TELLING =
  /^(?:do not|don't|dont|never|no need|no worries|please|thanks|thank|hope|enjoy|confession|whole|film on|in the shop|not a|not for|it is meant|it's meant|it must|it should|recycle|store unopened|go to a|give small|wash hands|taste it|check sum|whoever|kids|children|guests|everyone|everybody|bottles come|net weight|best before)\b/i;
/** What a thing weighs or costs by the way is no amount of the recipe. */
export const BY_THE_WAY =
  /\b(?:weighs? (?:about|around|roughly)|costs?|instead|if you (?:use|like|want)|could also|sometimes i)\b/i;

/** Words of a title that say what kind of drink it is; the first that fits counts. */
export const KIND_WORDS: readonly (readonly [RegExp, DrinkKind])[] = [
  [/\b(?:syrup|sirup|cordial|sharbat)\b/i, 'syrup'],
  [/\b(?:oxymel|shrub|vinegar|vin)\b/i, 'vinegar-honey'],
  [/\b(?:powder|dry mix|sachet mix)\b/i, 'dry-mix'],
  [/\b(?:diarrh\w*|rehydrat\w*|tummy|oral|sugar and salt)\b/i, 'rehydration'],
  [/\b(?:sport|run|ride|electrolyte|endurance|six per ?cent)\b|6 ?%/i, 'sport'],
  [/\bgel\b/i, 'gel'],
  [/\b(?:juice|blend)\b/i, 'juice'],
  [/\b(?:infused|jug|spa water|fruit water)\b/i, 'infused-water'],
  [/\b(?:tea|tisane|infusion)\b/i, 'tea'],
  [/\b(?:concentrate|base)\b/i, 'concentrate'],
];

/** How many it is for. */
export const SERVES =
  /\b(?:serves|serving|servings|makes|does|yields?|glasses|portions|people|enough for|cups? (?:of|worth)|cups,|cups @)\b/i;
/** What a count of servings stands before. */
export const SERVED =
  'servings?|glasses|glass|cups?|portions?|people|persons?|drinks?|bottles?|jars?|mugs?|adults|scoops?|doses?';
/** How long it is said to keep. */
export const KEEPS =
  /\b(?:keeps?|lasts?|good for|use within|drink within|use it within|up to|no more than|throw away|refrigerate|staying|fridge|at most|max(?:imal|imum)?|until (?:tomorrow|the next day))\b/i;
/** What it promises in figures. */
export const CLAIMS =
  /\b(?:kcal|calories|sugar[- ]free|no added sugar|per glass|per serving|per 100 ?ml|\d+ ?mg|g of (?:sugar|salt|protein))\b/i;
/** Words with which everything that is listed goes in. */
export const EVERYTHING =
  /\b(?:everything(?! (?:has|must|should|is|needs|follows|under|will|here))|all (?:the )?ingredients|the lot|all of it|tip it all|it all|all in)\b/i;
/** What everything leaves out. */
export const BUT = /\b(?:bar|except|but|apart from|other than|save) (?:for )?(.+)$/i;
/** What goes into the glass, not into the pot. */
export const AT_SERVING =
  /\b(?:to serve|to garnish|for serving|in(?:to)? (?:each|every) (?:glass|cup|mug)|to finish)\b/i;
/** A sentence that tells of the glass. */
export const SERVING_LEAD =
  /^(?:to (?:drink|serve|use)|(?:for|in|into) (?:the|each|one|a|every) (?:glass|cup|mug)|(?:each|every|per) (?:glass|cup|mug)\b|(?:one|a|1) (?:glass|cup|mug) ?[=:]|(?:one|1|a) scoop (?:in|to|into|per)|1 t\. in|adults? (?:take )?a|grown-ups?|a spoonful each|share in|divide between|pour \d[\w ]+ into a glass)/i;
/** An addition that washes something else. */
export const FOR_WASHING =
  /\bfor (?:the )?(?:wash(?: water)?|washing|rinsing|cleaning|rim)\b|\bto wash (?:it|them|the)\b/i;
/** What is done to things before they go in; it changes no amount. */
export const MADE_READY =
  /^(?:cut|slice|chop|peel|grate|juice|halve|quarter|core|zest|pit|stone|crack|bash|measure|weigh|top and tail|taste|poke|mark|write|label|stick)\b/i;
/** "Them" of the sentence before. */
export const PRONOUNS = /\b(?:them|it|these|those)\b/i;
/** What follows tells why, and puts nothing in. */
export const REASON = /,? (?:or (?:the|it|else)\b|because|so that|which is why|otherwise)\b.*$/i;
/** "15 mL once a day": how much of it is taken. */
export const TAKEN =
  /^(?:(?:adults?|grown-ups?) )?(?:take )?(\d+(?:[.,]\d+)? ?(?:ml|tbsp|tsp|tablespoons?|teaspoons?)) (?:once|twice|three times|a day|daily|per day|each day)/i;

/** Names for many things, by what the catalogue calls their role or part. */
export const GROUPS: Readonly<Record<string, readonly string[]>> = {
  fruit: ['fruit'],
  berries: ['fruit'],
  herbs: ['herb', 'leaf', 'flower'],
  herb: ['herb', 'leaf', 'flower'],
  leaves: ['leaf'],
  petals: ['flower'],
  flowers: ['flower'],
  spices: ['spice'],
  roots: ['root_bark'],
  powders: ['salt', 'sweetener', 'acid'],
  salts: ['salt'],
  seeds: ['seed'],
  veg: ['vegetable'],
  vegetables: ['vegetable'],
};

/** Amounts that are told for one of several, and how many are made. */
export const FOR_ONE = /\b(?:amounts?|quantities|measures)\b[^.]*\b(?:for|per) (?:one|1|a|each|every) \w+/i;
export const MAKE_SO_MANY = /\bmake (\d+|[a-z]+)\b(?! it| sure| up)/i;
/** A tablespoon of 20 mL. */
export const LARGE_TABLESPOON = /\btablespoon[^.]{0,20}\b20 ?ml\b/i;
/** A cup of no said size. */
export const ANY_CUP = /\b(?:any (?:one )?cup|same cup|a cup is|cup means)\b/i;
/** How large the jar is. */
export const JAR_SIZE = /\b(\d+(?:[.,]\d+)?[ -]?(?:ml|l|litres?|liters?|qt|quarts?|pints?|pt))\.?[ -]jar\b/i;
/** A vessel with what it holds. */
export const VESSEL_SIZE =
  /\b(\d+(?:[.,]\d+)?[ -]?(?:ml|l|litres?|liters?|qt|quarts?|pints?|gallons?))\.?[ -](?:pan|pot|saucepan|jug|pitcher|bowl|bucket|jar|carafe)\b/i;
/** How large a batch is, where amounts are parts of it. */
export const BATCH_SIZE = /\b(?:batch|makes|total|finished)\b[^\d]{0,20}(\d[\d.,]*) ?(kg|g)\b/i;
/** A tablespoon as this kitchen calls it. */
export const TABLESPOON = /\b(?:tablespoons?|tbsps?|tbs)\b/gi;
/** What a scoop weighs: "1 scoop = 10 g". */
export const SCOOP_IS = /\b(?:1|one|a) scoop (?:=|is|weighs) ?(?:about )?(\d+(?:[.,]\d+)? ?g)\b/i;

/** Whom a recipe says it is for, and the cautions that are about them. */
export const FOR_WHOM: readonly {
  readonly words: RegExp;
  readonly who: string;
  readonly cautions: readonly string[];
}[] = [
  {
    words:
      /\b(?:bab(?:y|ies)|infants?|newborn|little one|littlest|wee one|toddler|(?:she|he|they)['’]?(?:s|re)? (?:only )?(?:\w+ )?months)\b/i,
    who: 'the little one',
    cautions: [
      'honey-under-12-months',
      'elder-needs-cooking',
      'rehydration-salt-high',
      'sodium-blood-pressure',
      'sodium-serving',
      'raw-juice-vulnerable',
      'alcohol-tincture',
      'caffeine',
    ],
  },
  {
    words: /\b(?:pregnan(?:t|cy)|expecting|mum[- ]to[- ]be|mom[- ]to[- ]be|breast[- ]?feeding|nursing mothers?)\b/i,
    who: 'someone pregnant or nursing',
    cautions: ['pregnancy-herb', 'alcohol-tincture', 'raw-juice-vulnerable', 'caffeine', 'elder-needs-cooking'],
  },
];
/** What takes such a word back: "not for children under 12 months". */
export const NOT_FOR = /\bnot (?:for|suitable|to be given)\b|\bnever (?:give|for)\b|\bany baby under\b/i;
