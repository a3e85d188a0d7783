import { sugarsOf, type Composition } from './composition';
import { DEXTRIN_g_mol, HEXOSE_g_mol, OTHER_CARBOHYDRATE_g_mol, SUCROSE_g_mol } from './molar-masses';

const WATER_g_mol = 18.015;

/** Norrish constants K of ln aw = ln Xw - (Σ √K X)². Source: Norrish 1966 and later compilations. */
export const NORRISH_CONSTANTS = {
  sucrose: 6.47,
  otherCarbohydrate: 4.54,
  hexose: 2.25,
  citric: 6.17,
  malic: 1.82,
} as const;

/**
 * Water activity of a sugar-acid-salt liquid: Norrish for sugars and acids, times a salt term
 * exp(-0.03603 m (0.894 + 0.0379 m + 0.00416 m²)) with m the molality of sodium chloride.
 *
 * Above 75 °Brix of mostly single sugars it is the mean of that and of Money and Born's 1/(1 + 0.27 n),
 * n in mol of sugar for 100 g of water.
 *
 * @param c totals of the liquid
 * @returns 0 to 1, or null when there is no water
 * Holds to 75 °Brix within 0.015, beyond within 0.03.
 */
export function waterActivityOf(c: Composition): number | null {
  const norrish = norrishWaterActivity(c);
  const solids = sugarsOf(c);
  if (norrish === null || solids <= (MONEY_BORN_FROM / (100 - MONEY_BORN_FROM)) * c.water_g) return norrish;
  const singles_mol = (c.glucose_g + c.fructose_g) / HEXOSE_g_mol;
  const all_mol = singles_mol + (c.sucrose_g + c.otherCarbohydrate_g) / SUCROSE_g_mol;
  if (singles_mol < all_mol / 2) return norrish;
  return (norrish + 1 / (1 + (0.27 * 100 * all_mol) / c.water_g)) / 2;
}

/** °Brix of sugars above which Norrish alone is too low for single sugars. */
const MONEY_BORN_FROM = 75;

/**
 * Norrish's equation alone; see {@link waterActivityOf}.
 *
 * @param c totals of the liquid
 * @returns 0 to 1, or null when there is no water
 */
export function norrishWaterActivity(c: Composition): number | null {
  if (!(c.water_g > 0)) return null;
  const K = NORRISH_CONSTANTS;
  const solutes: readonly (readonly [number, number])[] = [
    [c.sucrose_g / SUCROSE_g_mol, K.sucrose],
    [c.otherCarbohydrate_g / OTHER_CARBOHYDRATE_g_mol, K.otherCarbohydrate],
    [c.dextrin_g / DEXTRIN_g_mol, K.otherCarbohydrate],
    [(c.glucose_g + c.fructose_g) / HEXOSE_g_mol, K.hexose],
    [c.citric_mmol / 1000, K.citric],
    [c.malic_mmol / 1000, K.malic],
  ];
  const water_mol = c.water_g / WATER_g_mol;
  const all_mol = solutes.reduce((sum, [amount]) => sum + amount, water_mol);
  const pull = solutes.reduce((sum, [amount, k]) => sum + (Math.sqrt(k) * amount) / all_mol, 0);
  const molality = Math.min(c.sodium_mmol, c.chloride_mmol) / c.water_g;
  const salt = Math.exp(-0.03603 * molality * (0.894 + 0.0379 * molality + 0.00416 * molality ** 2));
  return (water_mol / all_mol) * Math.exp(-(pull * pull)) * salt;
}
