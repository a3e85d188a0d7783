const COEFFICIENTS = [0.99823, 0.00385823, 0.00001268108, 6.645911e-8, -2.527581e-10] as const;

/** Densest solution the table behind the fit reaches, °Brix. */
export const DENSITY_BRIX_LIMIT = 80;

/**
 * Density of a sugar solution at 20 °C as a quartic in °Brix.
 *
 * @param brix grams of dissolved solids in 100 g, 0 to {@link DENSITY_BRIX_LIMIT}; held at the ends
 * @returns g/mL
 * Source: fit to the NBS sucrose table, largest error 1e-5; honey and invert solids within 0.4 %.
 */
export function sugarSolutionDensity(brix: number): number {
  const b = Math.min(Math.max(brix, 0), DENSITY_BRIX_LIMIT);
  const [c0, c1, c2, c3, c4] = COEFFICIENTS;
  return c0 + b * (c1 + b * (c2 + b * (c3 + b * c4)));
}

/**
 * The °Brix of a sugar solution from its density, by halving.
 *
 * @param density_g_mL at 20 °C
 * @returns °Brix
 * @throws RangeError outside the densities of 0 to {@link DENSITY_BRIX_LIMIT} °Brix
 */
export function brixFromDensity(density_g_mL: number): number {
  let low = 0;
  let high = DENSITY_BRIX_LIMIT;
  if (!(density_g_mL >= sugarSolutionDensity(low) && density_g_mL <= sugarSolutionDensity(high)))
    throw new RangeError(`brixFromDensity: no sugar solution has ${density_g_mL} g/mL at 20 °C`);
  for (let halving = 0; halving < 50; halving += 1) {
    const middle = (low + high) / 2;
    if (sugarSolutionDensity(middle) < density_g_mL) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}
