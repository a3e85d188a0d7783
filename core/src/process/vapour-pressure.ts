const MMHG_kPa = 0.133322;
/** Standard pressure of the air at sea level, kPa. */
export const SEA_LEVEL_kPa = 101.325;

/** Antoine's A, B and C for water, mmHg and °C, up to the boil at sea level and above it. Source: standard tables. */
const BELOW_100_C = { a: 8.07131, b: 1730.63, c: 233.426 };
const ABOVE_100_C = { a: 8.14019, b: 1810.94, c: 244.485 };

/**
 * Saturation pressure of water vapour by the Antoine equation:
 * log10 p(mmHg) = A - B/(C + T), one set of constants to 100 °C and one above.
 *
 * @param temperature_C 1 to 150
 * @returns kPa
 * Source: Antoine constants for water from standard tables.
 */
export function saturationPressure(temperature_C: number): number {
  const { a, b, c } = temperature_C <= 100 ? BELOW_100_C : ABOVE_100_C;
  return MMHG_kPa * Math.exp(Math.LN10 * (a - b / (c + temperature_C)));
}

/** Pressure of the standard atmosphere at an altitude, m, in kPa. Source: ICAO standard atmosphere. */
export function airPressure(altitude_m: number): number {
  return SEA_LEVEL_kPa * Math.pow(1 - 2.25577e-5 * altitude_m, 5.25588);
}

/** Water activity below which nothing boils: sugar that has lost its water. */
const DRIEST = 0.2;

/**
 * Temperature at which a liquid boils, where aw psat(T) equals the pressure of the air: Antoine's equation turned round.
 *
 * @param pressure_kPa of the air, 20 to 200
 * @param waterActivity of the liquid, 0.2 to 1; what is drier is no liquid, and is taken as 0.2
 * @returns °C
 */
export function boilingPoint(pressure_kPa: number, waterActivity = 1): number {
  const power = Math.log10(pressure_kPa / Math.max(waterActivity, DRIEST) / MMHG_kPa);
  const at = ({ a, b, c }: typeof BELOW_100_C) => b / (a - power) - c;
  // The two sets meet at 100 °C only nearly: what falls between them boils there.
  return at(BELOW_100_C) < 100 ? at(BELOW_100_C) : Math.max(at(ABOVE_100_C), 100);
}
