import {
  measureQuestionOf,
  practiceQuestion,
  type PracticeKind,
  type PracticeQuestion,
} from '@wellhydra/core/practice';
import { useState } from 'react';
import type { RunContext } from '../../domain/run/run-context';
import type { GainfulGuess } from './practice-view';

interface Asked {
  /** Counted from 0: the same kind again is another question. */
  readonly at: number;
  readonly kind: PracticeKind;
  readonly question: PracticeQuestion;
}

/**
 * One question after the other. What is asked stays as it is, whatever becomes of the kitchen meanwhile.
 *
 * @param guesses of the kitchen's own measures, asked for before any others
 */
export function useQuestions(first: PracticeKind, { options }: RunContext, guesses: readonly GainfulGuess[]) {
  const another = (kind: PracticeKind): PracticeQuestion =>
    practiceQuestion(kind, Math.random, { options, measures: guesses.map(({ line }) => line) });
  const [asked, setAsked] = useState<Asked>(() => ({ at: 0, kind: first, question: another(first) }));
  const put = (kind: PracticeKind, question: PracticeQuestion) => setAsked({ at: asked.at + 1, kind, question });
  return {
    ...asked,
    ask: (kind: PracticeKind) => put(kind, another(kind)),
    askFor: ({ line }: GainfulGuess) => put('measure', measureQuestionOf(line, options)),
  };
}
