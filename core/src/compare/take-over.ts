import type { Analysis } from '../analyse';
import type { DrinkStep } from '../drink';
import { compareFigures, type FigureDifference } from './compare-figures';
import type { StepDifference } from './compare-steps';

/**
 * The steps of the first drink with one of the differences taken over from the second.
 *
 * @param differences of the two, as {@link compareSteps} tells them
 * @param index of the difference that is taken over
 * @param asOwn makes a step of the second one of the first, where it takes the place of `instead` or of none
 * @returns the steps of the first where nothing differs there
 */
export function takenOver<Step extends DrinkStep>(
  differences: readonly StepDifference<Step>[],
  index: number,
  asOwn: (step: Step, instead: Step | null) => Step = (step) => step,
): readonly Step[] {
  return differences.flatMap(({ first, second }, at) => {
    if (at !== index) return first ?? [];
    return second ? asOwn(second, first) : [];
  });
}

/** How far apart two values of a figure are, from 0 for the same to 1. */
function apart({ figure, first, second }: FigureDifference): number {
  if (first === null || second === null) return 0;
  // A pH is the exponent of what is really more or less.
  if (figure === 'liquid.pH') return 1 - 10 ** -Math.abs(second - first);
  return Math.abs(second - first) / Math.max(Math.abs(first), Math.abs(second));
}

/** What a change has moved furthest. */
export interface MostMoved extends FigureDifference {
  /** How far apart the two values are, from 0 to 1: a doubled figure is moved by a half. */
  readonly share: number;
}

/**
 * The figure that a change has moved furthest.
 *
 * @param before and `after` the change
 * @param counts which of those that have moved by more than a hundredth are looked at
 * @returns undefined where none is
 */
export function mostMoved(
  before: Analysis,
  after: Analysis,
  counts: (difference: FigureDifference) => boolean = () => true,
): MostMoved | undefined {
  const moved = compareFigures(before, after)
    .filter(counts)
    .map((difference) => ({ ...difference, share: apart(difference) }));
  return moved.sort((a, b) => b.share - a.share)[0];
}
