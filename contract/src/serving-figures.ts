import type { Nutrients } from '@wellhydra/core/serving';

/** What a serving brings, as far as it is written on a bottle. Apart from the schemas, for workers without them. */
export const SERVING_FIGURES = [
  'energy_kcal',
  'sugars_g',
  'sodium_mg',
  'potassium_mg',
  'magnesium_mg',
  'calcium_mg',
  'vitaminC_mg',
  'caffeine_mg',
  'ethanol_g',
] as const satisfies readonly (keyof Nutrients)[];
