import type { Analysis } from '@wellhydra/core/analyse';
import type { Basis } from '../../../state/preferences';
import { figuresView, type FigureView } from './figures-view';

const moved = ({ places, was, side }: FigureView): number =>
  // What has left its band comes before what has moved further within its own.
  was === undefined || !places ? 0 : Math.abs(places.dot - (places.was ?? places.dot)) + (side ? 1 : 0);

/** The figures of a drink with what they were before an edit, the one that moved furthest on its gauge first. */
export function changesView(before: Analysis, now: Analysis, basis: Basis): readonly FigureView[] {
  const figures = figuresView(now, basis, {}, { before }).filter(({ places }) => places !== null);
  return [...figures].sort((a, b) => moved(b) - moved(a));
}

const SIDES = { high: 'over the line', low: 'under the line' } as const;

/** What is to be said of a figure that was changed, and of one that was not. */
export function changeWords({ side, was }: FigureView): string {
  if (side) return SIDES[side];
  return was === undefined ? 'unchanged' : '';
}
