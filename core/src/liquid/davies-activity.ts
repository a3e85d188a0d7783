/** Above this ionic strength (mol/L) the Davies term is held, since it would turn back upwards. */
export const DAVIES_IONIC_STRENGTH_CAP = 0.5;

/**
 * Activity coefficient of an ion at 25 °C: log10 γ = -0.509 z² (√I/(1+√I) - 0.3 I).
 *
 * @param charge whole number, sign irrelevant
 * @param ionicStrength mol/L, 0 or more; held at {@link DAVIES_IONIC_STRENGTH_CAP}
 * @returns γ, without unit
 * Source: Davies, Ion Association (1962).
 */
export function daviesActivity(charge: number, ionicStrength: number): number {
  const strength = Math.min(ionicStrength, DAVIES_IONIC_STRENGTH_CAP);
  const root = Math.sqrt(strength);
  return Math.pow(10, -0.509 * charge * charge * (root / (1 + root) - 0.3 * strength));
}
