import { ingredientById } from '../catalogue';
import { ATOMIC_WEIGHTS } from '../liquid';
import { readIngredientLine } from '../quantity';

/** Daily values for labels, four years and over. Source: US FDA, 21 CFR 101.9(c). */
export const DAILY_VALUES = {
  sodium_mg: 2300,
  potassium_mg: 4700,
  calcium_mg: 1300,
  magnesium_mg: 420,
  chloride_mg: 2300,
  vitaminC_mg: 90,
  addedSugars_g: 50,
  carbohydrate_g: 275,
  fat_g: 78,
  fibre_g: 28,
} as const;

export type DailyValue = keyof typeof DAILY_VALUES;

/** Per cent of the daily value in an amount, given in the unit that the key names. */
export function percentDailyValue(nutrient: DailyValue, amount: number): number {
  return (100 * amount) / DAILY_VALUES[nutrient];
}

/** A level US teaspoon of white sugar, g: the everyday equal of sugar in a drink. */
export const SUGAR_TEASPOON_g = 4.16;

/** Sugar said in level teaspoons. */
export function sugarTeaspoons(sugars_g: number): number {
  return sugars_g / SUGAR_TEASPOON_g;
}

/** Sodium said in pinches of table salt: the everyday equal of salt in a drink. */
export function saltPinches(sodium_mg: number): number {
  const salt = ingredientById('table-salt');
  const pinch = readIngredientLine('1 pinch table salt');
  if (pinch.kind !== 'read' || pinch.dose.kind !== 'mass')
    throw new RangeError('saltPinches: a pinch of salt has no mass');
  return sodium_mg / (salt.composition!.sodium_mmol * (ATOMIC_WEIGHTS.Na as number) * pinch.dose.mass_g);
}
