import { act, render, renderHook, screen } from '@testing-library/react';
import type { Hearer } from '../src/domain/workers/worker-client';
import { USUAL_CONTEXT } from '../src/domain/run/run-context';
import {
  answerDifferences,
  type DifferencesAnswer,
  type DifferencesQuestion,
} from '../src/features/drink/compare/answer-differences';
import { useDifferences, type Differences } from '../src/features/drink/compare/use-differences';
import { WhatThatDoes } from '../src/features/drink/compare/what-that-does';
import { steps } from './trial-drinks';

const mockAsked: DifferencesQuestion[] = [];
let mockHeard: Hearer<DifferencesAnswer>;
jest.mock('../src/features/drink/compare/differences-client', () => ({
  openDifferencesClient: (hearer: Hearer<DifferencesAnswer>) => {
    mockHeard = hearer;
    return { ask: (question: DifferencesQuestion) => void mockAsked.push(question), close: () => undefined };
  },
}));
beforeEach(() => void mockAsked.splice(0));

const PLAIN = steps('1 L water', '340 g honey');
const SWEETER = steps('1 L water', '400 g honey');
const titles = ({ known }: Differences) => known?.map(({ title }) => title);

describe('what the differences of two drinks do', () => {
  test('is there a moment later, and is of the two drinks as they stand only once that is answered', () => {
    const { result, rerender } = renderHook(({ first }) => useDifferences(first, SWEETER, USUAL_CONTEXT), {
      initialProps: { first: PLAIN },
    });
    expect([result.current.known, result.current.current]).toEqual([null, false]);
    act(() => mockHeard.onAnswer(answerDifferences(mockAsked[0]!)));
    expect([titles(result.current), result.current.current]).toEqual([['400 g honey instead of 340 g honey'], true]);
    rerender({ first: SWEETER });
    expect([titles(result.current)?.length, result.current.current]).toEqual([1, false]);
    act(() => mockHeard.onAnswer(answerDifferences(mockAsked[1]!)));
    expect([titles(result.current), result.current.current]).toEqual([[], true]);
  });
  test('says why it is not there', () => {
    const { result } = renderHook(() => useDifferences(PLAIN, SWEETER, USUAL_CONTEXT));
    act(() => mockHeard.onFailure('takes-too-long'));
    expect(result.current.problem).toMatch(/too long/);
  });
});

describe('what is shown of it', () => {
  const shown = (differences: Differences, onTake = jest.fn()) => {
    render(<WhatThatDoes rails={[]} differ differences={differences} title="A serving" onTake={onTake} />);
    return onTake;
  };
  const known = answerDifferences({
    asked: 'it',
    first: PLAIN,
    second: SWEETER,
    settings: null,
    others: [],
  }).differences;
  test('nothing is taken over that is of drinks as they stood before', () => {
    const taken = shown({ known, current: false, problem: null });
    act(() => screen.getByRole('button', { name: /^Take this over/ }).click());
    expect(taken).not.toHaveBeenCalled();
    expect(screen.getByRole('status').textContent).toMatch(/being worked out/);
  });
  test('what is of now is', () => {
    const taken = shown({ known, current: true, problem: null });
    act(() => screen.getByRole('button', { name: /^Take this over/ }).click());
    expect(taken).toHaveBeenCalledWith(known[0]);
  });
  test('before there is any, and where it failed', () => {
    shown({ known: null, current: false, problem: null });
    expect(screen.getByText('Being worked out')).toBeTruthy();
    shown({ known: null, current: false, problem: 'This takes too long to work out.' });
    expect(screen.getByRole('alert').textContent).toMatch(/too long/);
  });
});
