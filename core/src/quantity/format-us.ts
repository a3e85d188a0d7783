import { formatNumber } from './format-number';
import { FLUID_OUNCE_mL, OUNCE_g, POUND_g, QUART_mL, TEASPOON_mL } from './us-sizes';

/** Below this a volume is said in teaspoons, fl oz; from this on in quarts, fl oz. */
const SPOONED_flOz = 1;
const QUARTS_FROM_flOz = 64;
/** Below this a mass stays in grams, as on US nutrition labels, oz. */
const OUNCES_FROM_oz = 1;

/** A volume as a US kitchen says it: teaspoons, fluid ounces, quarts. */
export function formatUsVolume(volume_mL: number): string {
  const ounces = volume_mL / FLUID_OUNCE_mL;
  if (ounces < SPOONED_flOz) return `${formatNumber(volume_mL / TEASPOON_mL, 2)} tsp`;
  return ounces < QUARTS_FROM_flOz ? `${formatNumber(ounces)} fl oz` : `${formatNumber(volume_mL / QUART_mL)} qt`;
}

/** A mass as a US kitchen says it: grams and milligrams while it is small, then ounces and pounds. */
export function formatUsMass(mass_g: number): string {
  if (mass_g < 0.1) return `${formatNumber(mass_g * 1000)} mg`;
  if (mass_g < OUNCES_FROM_oz * OUNCE_g) return `${formatNumber(mass_g)} g`;
  return mass_g < POUND_g ? `${formatNumber(mass_g / OUNCE_g)} oz` : `${formatNumber(mass_g / POUND_g)} lb`;
}
