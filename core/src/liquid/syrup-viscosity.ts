import { brixOf } from './volume';
import type { Composition } from './composition';

/** How much less a single sugar thickens than sucrose, fitted to honey and invert syrups. */
export const MONOSACCHARIDE_THINNING = 0.048;

/**
 * Viscosity of a sugar solution: log10 η = 22.46 x - 0.114 + φ (1.1 + 43.1 x^1.25),
 * x = N/(1900 - 18 N), φ = (30 - T)/(91 + T), N = Brix (1 - 0.048 monosaccharide share).
 *
 * @param brix °Brix, 0 to 85
 * @param temperature_C 0 to 100
 * @param monosaccharideShare of the sugars, 0 to 1
 * @returns mPa s; sucrose within 5 %, honey within 25 %, pectin not counted
 * Source: Génotelle's equation for sucrose, as used by sugar technologists.
 */
export function syrupViscosity(brix: number, temperature_C: number, monosaccharideShare = 0): number {
  const n = brix * (1 - MONOSACCHARIDE_THINNING * monosaccharideShare);
  const x = n / (1900 - 18 * n);
  const phi = (30 - temperature_C) / (91 + temperature_C);
  return Math.pow(10, 22.46 * x - 0.114 + phi * (1.1 + 43.1 * Math.pow(x, 1.25)));
}

/** {@link syrupViscosity} of a mixed liquid at a temperature, mPa s. */
export function viscosityOf(c: Composition, temperature_C: number): number {
  const singles = c.glucose_g + c.fructose_g;
  const sugars = singles + c.sucrose_g + c.otherCarbohydrate_g + c.dextrin_g;
  return syrupViscosity(brixOf(c), temperature_C, sugars > 0 ? singles / sugars : 0);
}
