import type { Composition } from './composition';
import { WEAK_ACIDS } from './weak-acids';

/** How far the predicted pH may be off, about 95 %. */
export const PH_MARGINS = { stronglyAcid: 0.2, fruit: 0.35, lowAcid: 0.6 } as const;

/** Residual anions above this share of the acid load make the pH an anchor rather than a prediction. */
const RESIDUAL_SHARE = 0.05;
const STRONGLY_ACID_PH = 3.4;

/**
 * Margin of a predicted pH: 0.2 for strongly acid drinks, 0.35 for milder fruit, 0.6 where an
 * ingredient with unmeasured acids carries more than a twentieth of the load.
 *
 * @param c totals of the liquid
 * @param pH as predicted
 * @returns plus or minus, pH units
 */
export function phMargin(c: Composition, pH: number): number {
  let load_mmol = Math.abs(c.residualAnion_mEq);
  for (const acid of WEAK_ACIDS) load_mmol += c[acid.property];
  if (Math.abs(c.residualAnion_mEq) > RESIDUAL_SHARE * load_mmol) return PH_MARGINS.lowAcid;
  return pH < STRONGLY_ACID_PH ? PH_MARGINS.stronglyAcid : PH_MARGINS.fruit;
}
