import { useCallback, useEffect, useRef, useState } from 'react';
import type { AnswerClient, Hearer, WorkerFailure } from './worker-client';

interface Heard<Answer> {
  readonly answer: Answer | null;
  /** Why there is none for the newest question. */
  readonly failure: WorkerFailure | null;
}

/**
 * The newest answer of a worker that is there as long as the page.
 *
 * @param open gives the client that is asked; the same function from draw to draw
 */
export function useAnswers<Question, Answer>(
  open: (hearer: Hearer<Answer>) => AnswerClient<Question>,
): Heard<Answer> & { readonly ask: (question: Question) => void } {
  const [heard, setHeard] = useState<Heard<Answer>>({ answer: null, failure: null });
  const client = useRef<AnswerClient<Question> | null>(null);
  useEffect(() => {
    const opened = open({
      onAnswer: (answer) => setHeard({ answer, failure: null }),
      onFailure: (failure) => setHeard({ answer: null, failure }),
    });
    client.current = opened;
    return () => opened.close();
  }, [open]);
  const ask = useCallback((question: Question) => client.current?.ask(question), []);
  return { ...heard, ask };
}
