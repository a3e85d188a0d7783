import { bandFill } from '../../../ui/band-patterns';
import type { Outflow } from './stream-shape';

const STEAM = '#7FAFB4';

/** What leaves a stream is filled with. */
export const OUTFLOW_FILL: Readonly<Record<Outflow['kind'], (scope: string) => string>> = {
  steam: () => STEAM,
  strained: (scope) => bandFill(scope, 'pieces'),
  drawn: (scope) => bandFill(scope, 'water'),
};
export const OUTFLOW_OPACITY: Readonly<Record<Outflow['kind'], number>> = { steam: 0.55, strained: 0.9, drawn: 0.9 };
