/** What a drink is drawn as: one colour a substance, in the order they lie from the left. */
export const BANDS = ['water', 'sugar', 'acid', 'salt', 'pieces'] as const;
export type Band = (typeof BANDS)[number];

export const BAND_COLOURS: Readonly<Record<Band, string>> = {
  water: '#BFE1E3',
  sugar: '#E3A21A',
  acid: '#96A51C',
  salt: '#3A6DB3',
  pieces: '#7B2D55',
};

export const BAND_NAMES: Readonly<Record<Band, string>> = {
  water: 'water',
  sugar: 'sugars',
  acid: 'acids and juice solids',
  salt: 'salts',
  pieces: 'pieces',
};
