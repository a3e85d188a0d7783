/** How much can be written where: what forms let be typed is what is taken. */
export const LOT_LIMITS = {
  amount_g: 1_000_000,
  price: 1_000_000,
  uses: 500,
  name: 120,
  place: 60,
  identifiedBy: 80,
  text: 200,
  note: 500,
} as const;
export const LOGBOOK_LIMITS = { note: 4000, words: 500, taster: 80, tastings: 100, points: 100, scores: 40 } as const;
export const PHOTO_LIMITS = {
  /** Of one brew, and of all of a kitchen. */
  ofBrew: 20,
  ofKitchen: 1000,
  bytes: 5 * 1024 * 1024,
  /** As it is kept: the longer side, px. */
  side_px: 1600,
  thumbnail_px: 320,
  words: 200,
} as const;
export const MEASURE_LIMITS = {
  measures: 120,
  weighings: 50,
  name: 40,
  of: 80,
  weighed_g: [0.001, 100_000],
} as const;
export const OWN_INGREDIENT_LIMITS = { ingredients: 200, name: 80, formula: 80, word: 40 } as const;
export const PASSWORD_LENGTH = { least: 10, most: 200 } as const;
