/** How thick a liquid feels, in the words of the table. */
export type Feel = 'runny' | 'pouring' | 'spoon-coating' | 'thick';

/** Where each class begins, mPa s. Source: a convention of ours; olive oil 80, maple syrup 160, honey 12,000 at 20 °C. */
const CLASSES: readonly (readonly [from_mPas: number, feel: Feel])[] = [
  [3000, 'thick'],
  [300, 'spoon-coating'],
  [20, 'pouring'],
];

/** The feel of a viscosity at the temperature of use. */
export function feelOf(viscosity_mPas: number): Feel {
  return CLASSES.find(([from]) => viscosity_mPas >= from)?.[1] ?? 'runny';
}
