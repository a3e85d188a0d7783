import type { Drink, DrinkStep } from '../drink';
import { formatMass, formatNumber } from '../quantity';
import { doseLines, type Aim, type AimResult } from './aim-at';

/** What is made where an aim names no kind: nothing is claimed of it, and only what holds for every drink counts. */
const PLAIN: Drink['kind'] = 'daily-hydration';

/** Steps that put doses together: each of their lines, water to the mark, and stirring until nothing lies at the bottom. */
export const aimedSteps = (
  lines: readonly string[],
  volume_mL: number,
): readonly Pick<DrinkStep, 'verb' | 'text'>[] => [
  ...lines.map((text) => ({ verb: 'add' as const, text })),
  { verb: 'add', text: `water to ${formatNumber(volume_mL)} mL` },
  { verb: 'dissolve', text: '2 min' },
];

/** An ingredient by its weight, as a line: "2.6 g table salt". */
export const weighedLine = ({ ingredient, mass_g }: Aim['fixed'][number]): string =>
  `${formatMass(mass_g)} ${ingredient.name.toLowerCase()}`;

/**
 * The drink that an aim and its answer make, so that all that is said of drinks can be said of it.
 *
 * @param aim as it was asked
 * @param result its answer
 */
export function aimedDrink(aim: Aim, { doses }: AimResult): Drink {
  const lines = [...aim.fixed.map(weighedLine), ...doses.flatMap(doseLines)];
  return {
    name: 'Aim',
    kind: aim.kinds?.[0] ?? PLAIN,
    ...(aim.serving_mL === undefined ? {} : { serving: `${formatNumber(aim.serving_mL)} mL` }),
    steps: aimedSteps(lines, aim.volume_mL),
  };
}
