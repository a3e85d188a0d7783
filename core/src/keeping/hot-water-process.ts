/** What is in the jars, as tested recipes class it. */
export type ProcessedContent = 'berry-syrup' | 'juice';

const FOOT_m = 0.3048;
/** Upper ends of the altitude bands, m: 1,000 and 6,000 ft. */
const BANDS_m = [1000 * FOOT_m, 6000 * FOOT_m] as const;

/** Minutes in boiling water for half-pint and pint jars, by altitude band. Source: USDA/NCHFP tested recipes. */
const MINUTES: Readonly<Record<ProcessedContent, readonly [number, number, number]>> = {
  'berry-syrup': [10, 15, 20],
  juice: [5, 10, 15],
};

/**
 * Minutes that filled jars stand in boiling water.
 *
 * @param altitude_m of the kitchen, 0 and more
 * Only for what is surely acid enough; there is no tested time for honey and elderberry.
 */
export function hotWaterMinutes(content: ProcessedContent, altitude_m: number): number {
  const band = altitude_m <= BANDS_m[0] ? 0 : altitude_m <= BANDS_m[1] ? 1 : 2;
  return MINUTES[content][band];
}
