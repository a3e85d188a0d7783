import type { DrinkDocument } from '@wellhydra/core/drink';
import { useEffect, useMemo } from 'react';
import type { RunContext } from '../../../domain/run/run-context';
import { usesOthers } from '../../../domain/run/used-documents';
import { useAnswers } from '../../../domain/workers/use-answers';
import { FAILURE_WORDS } from '../../../domain/workers/worker-client';
import type { DifferenceView } from './differences';
import { openDifferencesClient } from './differences-client';

/** What the differences of two drinks do, as far as that is known. */
export interface Differences {
  /** Those that were worked out last; null until the first answer. */
  readonly known: readonly DifferenceView[] | null;
  /** Whether they are those of the two drinks as they stand now: others must not be taken over any more. */
  readonly current: boolean;
  /** Why there are none. */
  readonly problem: string | null;
}

const NO_OTHERS: readonly DrinkDocument[] = [];

/** What each difference between two drinks does by itself, a moment behind the two. */
export function useDifferences(
  first: DrinkDocument,
  second: DrinkDocument,
  { settings, documents }: RunContext,
): Differences {
  const { answer, failure, ask } = useAnswers(openDifferencesClient);
  const others = [first, second].some(usesOthers) ? documents : NO_OTHERS;
  const question = useMemo(
    () => ({ asked: crypto.randomUUID(), first, second, settings, others }),
    [first, second, settings, others],
  );
  useEffect(() => {
    ask(question);
  }, [ask, question]);
  return {
    known: answer?.differences ?? null,
    current: answer?.asked === question.asked,
    problem: failure && FAILURE_WORDS[failure],
  };
}
