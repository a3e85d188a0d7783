import type { FoodRow } from '../ingredient-row';

type SugarRow = Omit<FoodRow, 'per100g'> & { readonly sameAs: string };

/** Sugars that differ from another row only in how they lie in a spoon. */
export const GROUND_SUGARS: readonly SugarRow[] = [
  { id: 'caster-sugar', name: 'Caster sugar', role: 'sweetener', state: 'soluble', aliases: ['superfine sugar'], sameAs: 'white-sugar', source: 'household-measures', confidence: 'B' },
  { id: 'powdered-sugar', name: 'Powdered sugar', role: 'sweetener', state: 'soluble', aliases: ['icing sugar'], sameAs: 'white-sugar', source: 'household-measures', confidence: 'A' },
];
