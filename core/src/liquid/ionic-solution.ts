import type { IonicSolution } from './charge-balance-ph';
import type { Composition } from './composition';
import { WEAK_ACIDS } from './weak-acids';

const MOL_PER_LITRE = 1; // mmol per mL is mol per litre

/**
 * The ions and weak acids of a liquid as concentrations, ready for the charge balance.
 *
 * @param c totals of the liquid
 * @param volume_mL its volume, above 0
 * @returns concentrations in mol/L
 */
export function ionicSolution(c: Composition, volume_mL: number): IonicSolution {
  const perVolume = MOL_PER_LITRE / volume_mL;
  const monovalent = c.sodium_mmol + c.potassium_mmol;
  const divalent = c.magnesium_mmol + c.calcium_mmol;
  const charge = monovalent + 2 * divalent - c.chloride_mmol - 2 * c.sulfate_mmol - c.residualAnion_mEq;
  const squares = monovalent + 4 * divalent + c.chloride_mmol + 4 * c.sulfate_mmol + Math.abs(c.residualAnion_mEq);
  return {
    strongCharge: charge * perVolume,
    strongSquares: squares * perVolume,
    acids: WEAK_ACIDS.filter((acid) => c[acid.property] > 0).map((acid) => ({
      acid,
      concentration: c[acid.property] * perVolume,
    })),
  };
}
