const GAS_CONSTANT = 8.314e-3; // kJ/(mol K)
const BOILING_K = 373.15;

/** Loss of vitamin C at 100 °C, 1/min, and its activation energy, kJ/mol (C). */
export const VITAMIN_C_LOSS = { rate100_min: 0.01, activation_kJ_mol: 56 } as const;

/** Rate at which vitamin C is lost at a temperature, 1/min. */
export function vitaminCLossRate(temperature_C: number): number {
  const { rate100_min, activation_kJ_mol } = VITAMIN_C_LOSS;
  return rate100_min * Math.exp((-activation_kJ_mol / GAS_CONSTANT) * (1 / (temperature_C + 273.15) - 1 / BOILING_K));
}

/** Minutes in a hot liquid and share of the alcohol left. Source: USDA retention factors. */
const ALCOHOL_LEFT: readonly (readonly [minutes: number, left: number])[] = [
  [0, 1],
  [2, 0.85],
  [15, 0.4],
  [30, 0.35],
  [60, 0.25],
  [90, 0.2],
  [120, 0.1],
  [150, 0.05],
];
/** Alcohol leaves a liquid above this temperature, °C. */
export const ALCOHOL_LEAVES_AT_C = 75;

/** Share of alcohol left after minutes of simmering, between the rows of the table; it thins out further behind the last. */
export function alcoholLeft(minutes: number): number {
  const last = ALCOHOL_LEFT[ALCOHOL_LEFT.length - 1]!;
  if (minutes >= last[0]) return last[1] * Math.exp(-(minutes - last[0]) / 45);
  const next = ALCOHOL_LEFT.findIndex(([at]) => at > minutes);
  const [t0, l0] = ALCOHOL_LEFT[next - 1]!;
  const [t1, l1] = ALCOHOL_LEFT[next]!;
  return l0 + ((l1 - l0) * (minutes - t0)) / (t1 - t0);
}
