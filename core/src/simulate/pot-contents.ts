import { carbohydrateOf, massOf, type Composition, WEAK_ACIDS } from '../liquid';
import type { Pot } from './pot-picture';

/** What a pot is made of, in the order in which it is drawn. */
export const POT_PARTS = ['water', 'spirit', 'sugar', 'acid', 'extract', 'fat', 'salt', 'pieces'] as const;
export type PotPart = (typeof POT_PARTS)[number];
export type PotContents = Readonly<Record<PotPart, number>>;

/** What is counted as acid: the organic ones. Phosphate, carbonate and glycine come with salts, gas and plants. */
const NOT_SOUR = new Set<string>(['phosphoric_mmol', 'carbonic_mmol', 'glycine_mmol']);
const ACIDS = WEAK_ACIDS.filter(({ property }) => !NOT_SOUR.has(property)).map(
  ({ property, molarMass_g_mol }) => [property, molarMass_g_mol] as const,
);

/** Grams of organic acids. A plain loop: the stream asks for this at every step, at every key. */
function acidsOf(c: Composition): number {
  let mg = 0;
  for (const [acid, g_mol] of ACIDS) mg += c[acid] * g_mol;
  return mg / 1000;
}

/**
 * Grams of each part of a pot: they add up to its mass. Salts are those that were put in as such; minerals and
 * whatever else came out of plants, honey and juice is `extract`; what lies at the bottom or floats is `pieces`, with
 * the liquor that dried plants have taken up.
 *
 * @param pot at any moment
 */
export function potContents(pot: Pot): PotContents {
  const { body: c, liquid, sediment, pieces_g, soaked_g, origins } = pot;
  let salt = 0;
  let saltAcids = 0;
  for (const [ingredient, grams] of origins) {
    if (ingredient.role !== 'salt' || !ingredient.composition) continue;
    salt += grams * ingredient.composition.solubleSolids_g;
    saltAcids += grams * acidsOf(ingredient.composition);
  }
  const sugar = Math.min(carbohydrateOf(c), c.solubleSolids_g);
  salt = Math.min(salt, c.solubleSolids_g - sugar);
  const acid = Math.min(Math.max(0, acidsOf(c) - saltAcids), c.solubleSolids_g - sugar - salt);
  const fat = Math.min(c.fat_g, c.insoluble_g);
  // What has gone into swollen plants is liquor like the rest.
  const free = soaked_g > 0 ? 1 - soaked_g / massOf(liquid) : 1;
  const crystals_g = sediment.reduce((sum, { mass_g }) => sum + mass_g, 0);
  return {
    water: c.water_g * free,
    spirit: c.ethanol_g * free,
    sugar: sugar * free,
    acid: acid * free,
    extract: (c.solubleSolids_g - sugar - salt - acid) * free,
    fat,
    salt: salt * free,
    pieces: c.insoluble_g - fat + pieces_g + crystals_g + (c.water_g + c.ethanol_g + c.solubleSolids_g) * (1 - free),
  };
}
