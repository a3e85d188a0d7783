/** Where something stands, as a step says it, by the words for it; the longest first. */
export const PLACES: readonly (readonly [string, string])[] = [
  ['dark cupboard', 'dark cupboard'],
  ['cool dark place', 'dark cupboard'],
  ['dark place', 'dark cupboard'],
  ['cupboard', 'dark cupboard'],
  ['pantry', 'dark cupboard'],
  ['cellar', 'cool room'],
  ['cool room', 'cool room'],
  ['fridge', 'fridge'],
  ['refrigerate', 'fridge'],
  ['refrigerated', 'fridge'],
  ['shelf', 'dark cupboard'],
  ['worktop', 'room'],
  ['counter', 'room'],
  ['room temperature', 'room'],
  ['windowsill', 'room'],
  ['sun', 'room'],
  ['freezer', 'freezer'],
];

/** What is strained through, as a step says it. */
export const STRAINERS: readonly (readonly [string, string])[] = [
  ['coffee filter', 'fine filter'],
  ['paper filter', 'fine filter'],
  ['fine filter', 'fine filter'],
  ['nut milk bag', 'cloth'],
  ['nut bag', 'cloth'],
  ['jelly bag', 'cloth'],
  ['cheese cloth', 'cloth'],
  ['muslin', 'cloth'],
  ['cloth', 'cloth'],
  ['tea towel', 'cloth'],
  ['towel', 'cloth'],
  ['stocking', 'cloth'],
  ['food mill', 'mill'],
  ['fine mesh', 'mesh'],
  ['mesh', 'mesh'],
  ['sieve', 'mesh'],
  ['strainer', 'mesh'],
  ['colander', 'drain'],
];

/** How the lid is, by the words for it; the longest first. */
export const LIDS: readonly (readonly [string, 'on' | 'off' | 'ajar'])[] = [
  ['lid half on', 'ajar'],
  ['lid ajar', 'ajar'],
  ['lid on', 'on'],
  ['lid off', 'off'],
  ['lid tilted', 'ajar'],
  ['partly covered', 'ajar'],
  ['half covered', 'ajar'],
  ['with lid', 'on'],
  ['with a lid', 'on'],
  ['with the lid', 'on'],
  ['under lid', 'on'],
  ['under a plate', 'on'],
  ['without lid', 'off'],
  ['no lid', 'off'],
  ['uncovered', 'off'],
  ['covered', 'on'],
  ['put lid on', 'on'],
  ['cover', 'on'],
];

/** What is said of a bottle or a jar, as a step says it. */
export const VESSEL_WORDS: Readonly<Record<string, string>> = {
  warm: 'warm',
  warmed: 'warm',
  hot: 'warm',
  heated: 'warm',
  'heat-safe': 'heat-safe',
  heatproof: 'heat-safe',
  'heat-proof': 'heat-safe',
  glass: 'glass',
  plastic: 'plastic',
  steel: 'steel',
};
