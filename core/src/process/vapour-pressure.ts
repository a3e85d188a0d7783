const MMHG_kPa = 0.133322;
/** Standard pressure of the air at sea level, kPa. */
export const SEA_LEVEL_kPa = 101.325;
const HALVINGS = 60;

/**
 * Saturation pressure of water vapour by the Antoine equation:
 * log10 p(mmHg) = A - B/(C + T), one set of constants to 100 °C and one above.
 *
 * @param temperature_C 1 to 150
 * @returns kPa
 * Source: Antoine constants for water from standard tables.
 */
export function saturationPressure(temperature_C: number): number {
  const exponent =
    temperature_C <= 100
      ? 8.07131 - 1730.63 / (233.426 + temperature_C)
      : 8.14019 - 1810.94 / (244.485 + temperature_C);
  return MMHG_kPa * Math.pow(10, exponent);
}

/** Pressure of the standard atmosphere at an altitude, m, in kPa. Source: ICAO standard atmosphere. */
export function airPressure(altitude_m: number): number {
  return SEA_LEVEL_kPa * Math.pow(1 - 2.25577e-5 * altitude_m, 5.25588);
}

/**
 * Temperature at which a liquid boils: where aw psat(T) equals the pressure of the air, by halving.
 *
 * @param pressure_kPa of the air, 20 to 200
 * @param waterActivity of the liquid, 0.2 to 1
 * @returns °C
 */
export function boilingPoint(pressure_kPa: number, waterActivity = 1): number {
  let low = 40;
  let high = 180;
  for (let halving = 0; halving < HALVINGS; halving += 1) {
    const middle = (low + high) / 2;
    if (waterActivity * saturationPressure(middle) < pressure_kPa) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}
