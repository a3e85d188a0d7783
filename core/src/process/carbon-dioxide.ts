const GAS_L_ATM = 0.082057; // L atm/(mol K)
const ATM_bar = 1.01325;
/** Molar volume of a gas at 0 °C and 1 atm, L/mol: what a "volume" of carbon dioxide means. */
export const MOLAR_VOLUME_L = 22.414;

/** Gauge pressure an ordinary bottle or jar takes, and a pressure-rated one, bar. Source: bottle ratings. */
export const BOTTLE_LIMITS_bar = { ordinary: 1, pressureRated: 4 } as const;

/** Henry's constant of carbon dioxide in water, mol/(L atm): 0.0339 exp(2400 (1/T - 1/298.15 K)). */
export function henryConstant(temperature_C: number): number {
  return 0.0339 * Math.exp(2400 * (1 / (temperature_C + 273.15) - 1 / 298.15));
}

/**
 * Pressure of carbon dioxide in a closed bottle, p = n/(kH V + Vg/(R T)), above that of the air.
 *
 * @param options CO2 in mmol, liquid and headspace in mL, temperature in °C
 * @returns gauge pressure in bar
 */
export function bottlePressure(options: {
  readonly carbonDioxide_mmol: number;
  readonly liquid_mL: number;
  readonly headspace_mL: number;
  readonly temperature_C: number;
}): number {
  const { carbonDioxide_mmol, liquid_mL, headspace_mL, temperature_C } = options;
  const holds =
    henryConstant(temperature_C) * (liquid_mL / 1000) + headspace_mL / 1000 / (GAS_L_ATM * (temperature_C + 273.15));
  return (ATM_bar * (carbonDioxide_mmol / 1000)) / holds;
}

/** Volumes of carbon dioxide (at 0 °C, 1 atm) in a volume of liquid. */
export function carbonationVolumes(carbonDioxide_mmol: number, liquid_mL: number): number {
  return (carbonDioxide_mmol * MOLAR_VOLUME_L) / liquid_mL;
}
