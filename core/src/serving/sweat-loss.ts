import { ATOMIC_WEIGHTS } from '../liquid';
import { molarMass } from '../catalogue';

/** Sweat, where nobody has measured it. Source: reviews in exercise physiology; people differ fivefold. */
export const USUAL_SWEAT = { litres_h: 1, sodium_mmol_L: 40, potassium_mmol_L: 5 } as const;

export interface SweatLoss {
  readonly litres: number;
  readonly sodium_mg: number;
  readonly potassium_mg: number;
  /** The same sodium as table salt. */
  readonly salt_g: number;
}

/**
 * What is lost in sweat: litres x concentration. Nobody should chase all of it in one drink.
 *
 * @param hours of effort, 0 and more
 * @param sweat rate in L/h and contents in mmol/L
 */
export function sweatLoss(
  hours: number,
  sweat: { readonly litres_h: number; readonly sodium_mmol_L: number; readonly potassium_mmol_L: number } = USUAL_SWEAT,
): SweatLoss {
  const litres = hours * sweat.litres_h;
  const sodium_mmol = litres * sweat.sodium_mmol_L;
  return {
    litres,
    sodium_mg: sodium_mmol * (ATOMIC_WEIGHTS.Na as number),
    potassium_mg: litres * sweat.potassium_mmol_L * (ATOMIC_WEIGHTS.K as number),
    salt_g: (sodium_mmol * molarMass('NaCl')) / 1000,
  };
}
