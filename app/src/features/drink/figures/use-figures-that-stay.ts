import type { Analysis } from '@wellhydra/core/analyse';
import { useState } from 'react';
import type { Basis } from '../../../state/preferences';
import { figuresView, type FigureView, type Ranges } from './figures-view';

const NONE: ReadonlySet<string> = new Set();

/**
 * The figures of a drink. While one line of it is edited none that has come up leaves again: what is read stands still
 * beside what is typed, and a digit more or less does not move the figures under it.
 */
export function useFiguresThatStay(
  analysis: Analysis,
  editing: object | null,
  basis: Basis,
  ranges: Ranges,
): readonly FigureView[] {
  const [since, setSince] = useState({ editing, basis, ids: NONE });
  const isAnother = since.editing !== editing || since.basis !== basis;
  const kept = isAnother ? NONE : since.ids;
  const figures = figuresView(analysis, basis, ranges, { kept });
  const more = editing ? figures.filter(({ id }) => !kept.has(id)) : [];
  if (isAnother || more.length > 0) setSince({ editing, basis, ids: new Set([...kept, ...more.map(({ id }) => id)]) });
  return figures;
}
