import {
  measureQuestionOf,
  practiceQuestion,
  type PracticeKind,
  type PracticeQuestion,
  type PractisingKitchen,
  type UnweighedMeasure,
} from '@wellhydra/core/practice';
import { useState } from 'react';

interface Asked {
  /** Counted from 0: the same kind again is another question. */
  readonly at: number;
  readonly kind: PracticeKind;
  readonly question: PracticeQuestion;
}

/** One question after the other. What is asked stays as it is, whatever becomes of the kitchen meanwhile. */
export function useQuestions(first: PracticeKind, kitchen: PractisingKitchen) {
  const another = (kind: PracticeKind): PracticeQuestion => practiceQuestion(kind, Math.random, kitchen);
  const [asked, setAsked] = useState<Asked>(() => ({ at: 0, kind: first, question: another(first) }));
  const put = (kind: PracticeKind, question: PracticeQuestion) => setAsked({ at: asked.at + 1, kind, question });
  return {
    ...asked,
    ask: (kind: PracticeKind) => put(kind, another(kind)),
    askFor: (measure: UnweighedMeasure) => put('measure', measureQuestionOf(measure)),
  };
}
