import type { Analysis } from '@wellhydra/core/analyse';
import type { StepDifference } from '@wellhydra/core/compare';
import type { DrinkStep } from '@wellhydra/core/drink';
import type { FacingStream } from './facing-streams';

const widest = ({ trace }: Analysis): number => Math.max(1, ...trace.entries.map(({ mass_g }) => mass_g));

/**
 * Two pots to one scale, each step's end on the row on which it stands.
 *
 * @param isRun whether a step is one of the batch, which the stream shows; a step of the glass is not
 */
export function facingPots<Step extends DrinkStep>(
  differences: readonly StepDifference<Step>[],
  [a, b]: readonly [Analysis, Analysis],
  isRun: (step: Step) => boolean = () => true,
): readonly [FacingStream, FacingStream] {
  const endsOf = (side: 'first' | 'second') =>
    differences.flatMap((row, index) => {
      const step = row[side];
      return step && isRun(step) ? [index + 1] : [];
    });
  const most = Math.max(widest(a), widest(b));
  return [
    { analysis: a, rowEnds: endsOf('first'), share: widest(a) / most },
    { analysis: b, rowEnds: endsOf('second'), share: widest(b) / most },
  ];
}
