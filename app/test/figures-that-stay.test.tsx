import { renderHook } from '@testing-library/react';
import { analyseDocument } from '../src/domain/run/analyse-document';
import { useFiguresThatStay } from '../src/features/drink/figures/use-figures-that-stay';
import { drink } from './trial-drinks';

const withJuice = (volume_mL: number) => analyseDocument(drink([`${volume_mL} mL lemon juice`, '1 L water']));
const [LITTLE, MUCH] = [withJuice(2), withJuice(200)];
const EDITING = {};

const shown = (first: object | null) =>
  renderHook(
    ({ analysis, editing, basis }) => useFiguresThatStay(analysis, editing, basis, {}).map(({ label }) => label),
    { initialProps: { analysis: LITTLE, editing: first, basis: 'serving' as 'serving' | 'batch' } },
  );

it('a figure that has come up while a line is edited stays until the line is left', () => {
  const { result, rerender } = shown(EDITING);
  expect(result.current).not.toContain('Vitamin C');
  rerender({ analysis: MUCH, editing: EDITING, basis: 'serving' });
  const most = result.current;
  expect(most).toContain('Vitamin C');
  rerender({ analysis: LITTLE, editing: EDITING, basis: 'serving' });
  expect(result.current).toEqual(most);
  rerender({ analysis: LITTLE, editing: null, basis: 'serving' });
  expect(result.current).not.toContain('Vitamin C');
});

it('so it does not while nothing is edited, nor where another line is', () => {
  const { result, rerender } = shown(null);
  rerender({ analysis: MUCH, editing: null, basis: 'serving' });
  expect(result.current).toContain('Vitamin C');
  rerender({ analysis: LITTLE, editing: null, basis: 'serving' });
  expect(result.current).not.toContain('Vitamin C');
  rerender({ analysis: MUCH, editing: EDITING, basis: 'serving' });
  rerender({ analysis: LITTLE, editing: {}, basis: 'serving' });
  expect(result.current).not.toContain('Vitamin C');
});

it('what a whole batch has is not said of a serving', () => {
  const { result, rerender } = shown(EDITING);
  rerender({ analysis: LITTLE, editing: EDITING, basis: 'batch' });
  expect(result.current).toContain('Vitamin C');
  rerender({ analysis: LITTLE, editing: EDITING, basis: 'serving' });
  expect(result.current).not.toContain('Vitamin C');
});
