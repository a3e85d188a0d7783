import type { Analysis } from '@wellhydra/core/analyse';
import type { Nutrients } from '@wellhydra/core/serving';
import type { Basis } from '../../state/preferences';

/** Portions that are a volume, mL. */
export const PORTIONS_mL = { spoon: 15, glass: 250 } as const;

const scaledNutrients = (nutrients: Nutrients, factor: number): Nutrients =>
  Object.fromEntries(Object.entries(nutrients).map(([name, value]) => [name, value * factor])) as unknown as Nutrients;

/** Contents of a portion; null where the drink has no volume to divide. */
export function portionOf({ perServing, litre, batch }: Analysis, basis: Basis): Nutrients | null {
  if (basis === 'serving') return perServing;
  if (basis === 'batch') return batch;
  return litre && scaledNutrients(litre, basis === 'litre' ? 1 : PORTIONS_mL[basis] / 1000);
}

/** Share of the batch that a basis is; null where the batch has no volume to divide. */
export function shareOfBatch({ serving, liquid }: Analysis, basis: Basis): number | null {
  if (basis === 'batch') return 1;
  if (basis === 'serving') return serving && serving.servings > 0 ? 1 / serving.servings : null;
  return liquid ? (basis === 'litre' ? 1000 : PORTIONS_mL[basis]) / liquid.volume_mL : null;
}
