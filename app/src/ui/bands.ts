import type { PotPart } from '@wellhydra/core/simulate';

/** What a drink is drawn as: one colour a substance, in the order they lie from the left. */
export const BANDS = [
  'water',
  'spirit',
  'sugar',
  'acid',
  'extract',
  'fat',
  'salt',
  'pieces',
] as const satisfies readonly PotPart[];
export type Band = (typeof BANDS)[number];

export const BAND_COLOURS: Readonly<Record<Band, string>> = {
  water: '#BFE1E3',
  spirit: '#6D6A8A',
  sugar: '#E3A21A',
  acid: '#96A51C',
  extract: '#B887A6',
  fat: '#EAD9A0',
  salt: '#3A6DB3',
  pieces: '#7B2D55',
};

export const BAND_NAMES: Readonly<Record<Band, string>> = {
  water: 'water',
  spirit: 'alcohol',
  sugar: 'sugars',
  acid: 'acids',
  extract: 'dissolved from plants',
  fat: 'fat',
  salt: 'salts',
  pieces: 'plants and pieces',
};
