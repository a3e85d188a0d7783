/** Sodium that a rehydration drink should have, mmol/L. Source: WHO/UNICEF 2006. */
export const REHYDRATION_SODIUM = { aim: 75, low: 60, high: 90 } as const;

/** Potassium that it should have, mmol/L. Source: WHO/UNICEF 2006. */
export const REHYDRATION_POTASSIUM = { low: 15, high: 25 } as const;

/** Glucose and sucrose together, and particles, above which a rehydration drink has too much sugar. */
export const REHYDRATION_SUGAR = { glucose_mmol_L: 111, osmolarity_mOsm_L: 310 } as const;

/** Helpings of clean water are said in steps of this many mL, rounded up: measurable, and never too little. */
const WATER_STEP_mL = 10;

/**
 * Clean water that brings the sodium of a drink down to {@link REHYDRATION_SODIUM}.aim.
 *
 * @param sodium_mmol_L as it is
 * @param volume_mL as it is
 * @returns mL to add, rounded up to a measurable step; 0 when it is not above the aim
 */
export function dilutionWater(sodium_mmol_L: number, volume_mL: number): number {
  const more_mL = volume_mL * (sodium_mmol_L / REHYDRATION_SODIUM.aim - 1);
  return more_mL > 0 ? Math.ceil(more_mL / WATER_STEP_mL) * WATER_STEP_mL : 0;
}
