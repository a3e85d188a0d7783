/** Everyday names that are not in the catalogue's own list, and what it calls the thing. */
export const INGREDIENT_SYNONYMS: Readonly<Record<string, string>> = {
  acv: 'cider vinegar',
  'apple cider vinegar': 'cider vinegar',
  chia: 'chia seed',
  bicarb: 'baking soda',
  'vitamin c': 'ascorbic acid',
  'sorrel petals': 'hibiscus',
  'rice malt syrup': 'rice syrup',
  'sea moss gel': 'irish moss gel',
  'magnesium glycinate': 'magnesium bisglycinate',
  'pink salt': 'himalayan salt',
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
