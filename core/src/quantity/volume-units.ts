import type { Unit } from './unit';
import { FLUID_OUNCE_mL, TEASPOON_mL } from './us-sizes';

const IMPERIAL_FL_OZ_mL = 28.4130625;

type Region = 'US' | 'metric' | 'imperial' | 'Australian' | 'Japanese';

const REGION_WORDS: Readonly<Record<Region, readonly string[]>> = {
  US: ['us', 'american'],
  metric: ['metric'],
  imperial: ['imperial', 'uk', 'british'],
  Australian: ['australian', 'au', 'aus'],
  Japanese: ['japanese'],
};

type Spelling = readonly [
  id: string,
  name: string,
  plural: string,
  aliases: readonly string[],
  tool: 'spoon' | 'cup' | 'jug',
];

const TSP: Spelling = ['tsp', 'tsp', 'tsp', ['tsp', 'tsps', 'teaspoon', 'teaspoons'], 'spoon'];
const TBSP: Spelling = ['tbsp', 'tbsp', 'tbsp', ['tbsp', 'tbsps', 'tablespoon', 'tablespoons', 'tbs'], 'spoon'];
const DESSERT: Spelling = ['dsp', 'dessertspoon', 'dessertspoons', ['dsp', 'dessertspoon', 'dessertspoons'], 'spoon'];
const CUP: Spelling = ['cup', 'cup', 'cups', ['cup', 'cups'], 'cup'];
const FL_OZ: Spelling = ['floz', 'fl oz', 'fl oz', ['fl oz', 'floz', 'fl. oz', 'fluid ounce', 'fluid ounces'], 'jug'];
const GILL: Spelling = ['gill', 'gill', 'gills', ['gill', 'gills'], 'jug'];
const PINT: Spelling = ['pint', 'pint', 'pints', ['pint', 'pints', 'pt'], 'jug'];
const QUART: Spelling = ['quart', 'quart', 'quarts', ['quart', 'quarts', 'qt'], 'jug'];
const GALLON: Spelling = ['gallon', 'gallon', 'gallons', ['gallon', 'gallons', 'gal'], 'jug'];

function regional(region: Region, [id, name, plural, aliases, tool]: Spelling, size: number): Unit {
  const named = REGION_WORDS[region].flatMap((word) => aliases.map((alias) => `${word} ${alias}`));
  return {
    id: `${region.toLowerCase()}-${id}`,
    name: `${region} ${name}`,
    plural: `${region} ${plural}`,
    dimension: 'volume',
    size,
    tool,
    aliases: region === 'US' || id === 'dsp' || id === 'gill' ? [...aliases, ...named] : named,
  };
}

const METRIC: readonly Unit[] = [
  {
    id: 'mL',
    name: 'mL',
    plural: 'mL',
    dimension: 'volume',
    size: 1,
    tool: 'jug',
    aliases: ['ml', 'millilitre', 'millilitres', 'milliliter', 'milliliters', 'cc'],
  },
  {
    id: 'cL',
    name: 'cL',
    plural: 'cL',
    dimension: 'volume',
    size: 10,
    tool: 'jug',
    aliases: ['cl', 'centilitre', 'centilitres', 'centiliter', 'centiliters'],
  },
  {
    id: 'dL',
    name: 'dL',
    plural: 'dL',
    dimension: 'volume',
    size: 100,
    tool: 'jug',
    aliases: ['dl', 'decilitre', 'decilitres', 'deciliter', 'deciliters'],
  },
  {
    id: 'L',
    name: 'L',
    plural: 'L',
    dimension: 'volume',
    size: 1000,
    tool: 'jug',
    aliases: ['l', 'litre', 'litres', 'liter', 'liters', 'ltr'],
  },
];

const REGIONAL: readonly Unit[] = [
  regional('US', TSP, TEASPOON_mL),
  regional('US', TBSP, 3 * TEASPOON_mL),
  regional('US', CUP, 8 * FLUID_OUNCE_mL),
  regional('US', FL_OZ, FLUID_OUNCE_mL),
  regional('US', PINT, 16 * FLUID_OUNCE_mL),
  regional('US', QUART, 32 * FLUID_OUNCE_mL),
  regional('US', GALLON, 128 * FLUID_OUNCE_mL),
  regional('metric', TSP, 5),
  regional('metric', DESSERT, 10),
  regional('metric', TBSP, 15),
  regional('metric', CUP, 250),
  regional('imperial', FL_OZ, IMPERIAL_FL_OZ_mL),
  regional('imperial', GILL, 5 * IMPERIAL_FL_OZ_mL),
  regional('imperial', CUP, 10 * IMPERIAL_FL_OZ_mL),
  regional('imperial', PINT, 20 * IMPERIAL_FL_OZ_mL),
  regional('imperial', QUART, 40 * IMPERIAL_FL_OZ_mL),
  regional('imperial', GALLON, 160 * IMPERIAL_FL_OZ_mL),
  regional('Australian', TSP, 5),
  regional('Australian', TBSP, 20),
  regional('Australian', CUP, 250),
  regional('Japanese', TSP, 5),
  regional('Japanese', TBSP, 15),
  regional('Japanese', CUP, 200),
];

/** Mini spoons and vague measures, as volumes of what lies in them. Source: household surveys, estimates. */
const SMALL: readonly Unit[] = [
  {
    id: 'smidgen',
    name: 'smidgen spoon',
    plural: 'smidgen spoons',
    dimension: 'volume',
    size: TEASPOON_mL / 32,
    tool: 'spoon',
    cv: 0.1,
    aliases: ['smidgen', 'smidgens', 'smidgen spoon', 'smidgen spoons'],
  },
  {
    id: 'pinch-spoon',
    name: 'pinch spoon',
    plural: 'pinch spoons',
    dimension: 'volume',
    size: TEASPOON_mL / 16,
    tool: 'spoon',
    cv: 0.08,
    aliases: ['pinch spoon', 'pinch spoons'],
  },
  {
    id: 'dash-spoon',
    name: 'dash spoon',
    plural: 'dash spoons',
    dimension: 'volume',
    size: TEASPOON_mL / 8,
    tool: 'spoon',
    cv: 0.06,
    aliases: ['dash spoon', 'dash spoons'],
  },
  // 0.35 g of fine salt at 1.217 g/mL, and so on: a pinch is a volume, its weight follows the powder.
  {
    id: 'pinch',
    name: 'pinch',
    plural: 'pinches',
    dimension: 'volume',
    size: 0.35 / 1.217,
    tool: 'hand',
    cv: 0.45,
    aliases: ['pinch', 'pinches', '2 finger pinch', 'two finger pinch'],
  },
  {
    id: 'pinch-3',
    name: 'three-finger pinch',
    plural: 'three-finger pinches',
    dimension: 'volume',
    size: 0.6 / 1.217,
    tool: 'hand',
    cv: 0.5,
    aliases: ['three finger pinch', 'three finger pinches', '3 finger pinch', '3 finger pinches'],
  },
  {
    id: 'dash',
    name: 'dash',
    plural: 'dashes',
    dimension: 'volume',
    size: 0.8,
    tool: 'hand',
    cv: 0.35,
    aliases: ['dash', 'dashes'],
  },
  {
    id: 'splash',
    name: 'splash',
    plural: 'splashes',
    dimension: 'volume',
    size: 5,
    tool: 'hand',
    cv: 0.5,
    aliases: ['splash', 'splashes'],
  },
  {
    id: 'drop',
    name: 'drop',
    plural: 'drops',
    dimension: 'volume',
    size: 0.05,
    tool: 'drop',
    cv: 0.15,
    aliases: ['drop', 'drops'],
  },
  {
    id: 'dropper',
    name: 'dropper',
    plural: 'droppers',
    dimension: 'volume',
    size: 0.8,
    tool: 'hand',
    cv: 0.25,
    aliases: ['dropper', 'droppers', 'dropperful', 'droppersful'],
  },
  {
    id: 'mug',
    name: 'mug',
    plural: 'mugs',
    dimension: 'volume',
    size: 300,
    tool: 'hand',
    cv: 0.15,
    aliases: ['mug', 'mugs'],
  },
  {
    id: 'teacup',
    name: 'tea cup',
    plural: 'tea cups',
    dimension: 'volume',
    size: 170,
    tool: 'hand',
    cv: 0.15,
    aliases: ['tea cup', 'tea cups', 'teacup', 'teacups'],
  },
  {
    id: 'tumbler',
    name: 'tumbler',
    plural: 'tumblers',
    dimension: 'volume',
    size: 280,
    tool: 'hand',
    cv: 0.2,
    aliases: ['tumbler', 'tumblers', 'glass', 'glasses'],
  },
];

/** Measures of volume, US customary where a region is not named. Source: definitions of the units, 21 CFR, ISO 80000. */
export const VOLUMES: readonly Unit[] = [...METRIC, ...REGIONAL, ...SMALL];
