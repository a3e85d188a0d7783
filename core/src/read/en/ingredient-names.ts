/** Everyday names that are not in the catalogue's own list, and what it calls the thing. */
export const INGREDIENT_SYNONYMS: Readonly<Record<string, string>> = {
  acv: 'cider vinegar',
  rum: 'spirit',
  vodka: 'spirit',
  gin: 'spirit',
  whisky: 'spirit',
  'apple cider vinegar': 'cider vinegar',
  chia: 'chia seed',
  bicarb: 'baking soda',
  'vitamin c': 'ascorbic acid',
  'sorrel petals': 'hibiscus',
  'rice malt syrup': 'rice syrup',
  'sea moss gel': 'irish moss gel',
  'magnesium glycinate': 'magnesium bisglycinate',
  'pink salt': 'himalayan salt',
  'himalayan salt': 'rock salt',
  'himalayan pink salt': 'rock salt',
  muscovado: 'brown sugar',
  'muscovado sugar': 'brown sugar',
  'dark sugar': 'brown sugar',
  'palm sugar': 'coconut sugar',
  jeera: 'cumin seed',
  'kaffir lime leaf': 'makrut lime leaf',
  'kaffir lime leaves': 'makrut lime leaf',
  'lime flowers': 'linden flower',
  linden: 'linden flower',
  satsuma: 'mandarin',
  roselle: 'hibiscus',
  'club soda': 'sparkling water',
  seltzer: 'sparkling water',
  'bubbly water': 'sparkling water',
  'fizzy water': 'sparkling water',
};

/** A name that means one of several things: what it is taken to be until it is asked, and what is asked. */
export interface AskedName {
  readonly means: string;
  readonly ask: string;
  readonly choices: readonly string[];
}

/** Names that say too little. */
export const ASKED_NAMES: Readonly<Record<string, AskedName>> = {
  vinegar: {
    means: 'cider vinegar',
    ask: 'Which vinegar?',
    choices: ['cider vinegar', 'white vinegar'],
  },
  tincture: {
    means: 'herbal tincture',
    ask: 'A tincture of which herb, and how strong is its alcohol?',
    choices: ['herbal tincture'],
  },
  hips: { means: 'fresh rose hips', ask: 'Fresh or dried hips?', choices: ['fresh rose hips', 'dried rose hips'] },
  'rose hips': { means: 'fresh rose hips', ask: 'Fresh or dried?', choices: ['fresh rose hips', 'dried rose hips'] },
  'rose hip': { means: 'fresh rose hips', ask: 'Fresh or dried?', choices: ['fresh rose hips', 'dried rose hips'] },
  'magnesium powder': {
    means: 'magnesium citrate',
    ask: 'Which magnesium compound, and how many grams?',
    choices: ['magnesium citrate', 'magnesium bisglycinate', 'magnesium chloride'],
  },
  magnesium: {
    means: 'magnesium citrate',
    ask: 'Which magnesium compound, and how many grams?',
    choices: ['magnesium citrate', 'magnesium bisglycinate', 'magnesium chloride'],
  },
};

/** What is made of a thing is another thing: "lime cordial" is no lime. */
export const MADE_OF_IT: ReadonlySet<string> = new Set(
  'juice cordial syrup extract oil vinegar beer wine essence liqueur brine jam paste butter milk cider nectar concentrate sauce lemonade squash gel'.split(
    ' ',
  ),
);

/** Names so wide that an unknown word before them may make another thing of it, with the question. */
export const WIDE_NAMES: Readonly<Record<string, string>> = {
  salt: 'Which salt is it?',
  sugar: 'Which sugar is it?',
  vinegar: 'Which vinegar is it?',
  milk: 'Which milk is it?',
  oil: 'Which oil is it?',
  water: 'Which water is it?',
  tea: 'Which tea is it?',
  wine: 'Which wine is it?',
};

/** What was made before, as people call it. */
export const PREPARED_WORDS: ReadonlySet<string> = new Set(
  'gel syrup base cordial concentrate premix brew infusion decoction mixture mix shrub oxymel tonic sirup'.split(' '),
);
