import { bandFill } from '../../../ui/band-patterns';
import type { Outflow } from './stream-shape';

const STEAM = '#7FAFB4';
/** Of all that is in it: a thread of it is seen on paper, too. */
const GLASS = '#0B6B62';

/** What leaves a stream is filled with. */
export const OUTFLOW_FILL: Readonly<Record<Outflow['kind'], (scope: string) => string>> = {
  steam: () => STEAM,
  strained: (scope) => bandFill(scope, 'pieces'),
  drawn: (scope) => bandFill(scope, 'water'),
  served: () => GLASS,
};
export const OUTFLOW_OPACITY: Readonly<Record<Outflow['kind'], number>> = {
  steam: 0.55,
  strained: 0.9,
  drawn: 0.9,
  served: 0.6,
};
