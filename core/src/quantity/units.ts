import type { Unit } from './unit';
import { OUNCE_g, POUND_g } from './us-sizes';
import { VOLUMES } from './volume-units';

const MASSES: readonly Unit[] = [
  {
    id: 'g',
    name: 'g',
    plural: 'g',
    dimension: 'mass',
    size: 1,
    aliases: ['g', 'gr', 'gram', 'grams', 'gramme', 'grammes'],
  },
  {
    id: 'kg',
    name: 'kg',
    plural: 'kg',
    dimension: 'mass',
    size: 1000,
    aliases: ['kg', 'kilo', 'kilos', 'kilogram', 'kilograms'],
  },
  { id: 'mg', name: 'mg', plural: 'mg', dimension: 'mass', size: 0.001, aliases: ['mg', 'milligram', 'milligrams'] },
  { id: 'oz', name: 'oz', plural: 'oz', dimension: 'mass', size: OUNCE_g, aliases: ['oz', 'ounce', 'ounces'] },
  { id: 'lb', name: 'lb', plural: 'lb', dimension: 'mass', size: POUND_g, aliases: ['lb', 'lbs', 'pound', 'pounds'] },
  { id: 'grain', name: 'grain', plural: 'grains', dimension: 'mass', size: 0.06479891, aliases: ['grain', 'grains'] },
];

const LENGTHS: readonly Unit[] = [
  {
    id: 'cm',
    name: 'cm',
    plural: 'cm',
    dimension: 'length',
    size: 1,
    aliases: ['cm', 'centimetre', 'centimetres', 'centimeter', 'centimeters'],
  },
  { id: 'mm', name: 'mm', plural: 'mm', dimension: 'length', size: 0.1, aliases: ['mm', 'millimetre', 'millimetres'] },
  { id: 'inch', name: 'inch', plural: 'inches', dimension: 'length', size: 2.54, aliases: ['inch', 'inches', 'in'] },
];

const PIECE_WORDS: readonly (readonly [string, string])[] = [
  ['slice', 'slices'],
  ['wedge', 'wedges'],
  ['stick', 'sticks'],
  ['leaf', 'leaves'],
  ['sprig', 'sprigs'],
  ['bunch', 'bunches'],
  ['bag', 'bags'],
  ['clove', 'cloves'],
  ['thumb', 'thumbs'],
  ['knob', 'knobs'],
  ['coin', 'coins'],
  ['finger', 'fingers'],
  ['handful', 'handfuls'],
  ['peel', 'peels'],
];

const PIECES: readonly Unit[] = PIECE_WORDS.map(([name, plural]) => ({
  id: name,
  name,
  plural,
  dimension: 'piece',
  size: 1,
  aliases: [name, plural],
}));

const CAPSULES: readonly Unit[] = ['capsule', 'tablet', 'sachet', 'packet'].map((name) => ({
  id: name,
  name,
  plural: `${name}s`,
  dimension: 'capsule',
  size: 1,
  cv: 0.05,
  aliases: [name, `${name}s`],
}));

/** A whole thing, when a number stands before an ingredient with no unit: "2 lemons". */
export const WHOLE: Unit = { id: 'whole', name: 'whole', plural: 'whole', dimension: 'piece', size: 1, aliases: [] };

/** All units, US customary where a region is not named. Source: definitions of the units, 21 CFR, ISO 80000. */
export const UNITS: readonly Unit[] = [...MASSES, ...VOLUMES, ...LENGTHS, ...PIECES, ...CAPSULES];

/** Unit by any of its spellings, in small letters. */
export const UNIT_BY_ALIAS: ReadonlyMap<string, Unit> = new Map(
  UNITS.flatMap((unit) => unit.aliases.map((alias) => [alias, unit] as const)),
);

/** Most words in any spelling of a unit: "imperial fluid ounce". */
export const LONGEST_ALIAS_WORDS = 3;

/** Spellings that mean two things; each with what it could mean. */
export const AMBIGUOUS_UNITS: ReadonlyMap<string, readonly string[]> = new Map([
  ['t', ['tsp', 'tbsp']],
  ['spoon', ['tsp', 'tbsp']],
  ['spoons', ['tsp', 'tbsp']],
  ['spoonful', ['tsp', 'tbsp']],
  ['c', ['cup', 'cL']],
  ['m', ['mL', 'mg']],
]);
