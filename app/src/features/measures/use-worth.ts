import type { DrinkDocument } from '@wellhydra/core/drink';
import { useEffect } from 'react';
import { useRunContext } from '../../domain/run/use-run-context';
import { useAnswers } from '../../domain/workers/use-answers';
import { openMeasuresClient } from './measures-client';

/** Drinks that are drawn anew, newest first: enough to tell what would be worth weighing. */
const MOST_DRINKS = 40;
const ASK_AFTER_ms = 250;

/** What weighing has brought to the drinks of the kitchen, and would bring. */
export function useWorth() {
  const { settings, documents } = useRunContext();
  const { answer, failure, ask } = useAnswers(openMeasuresClient);
  useEffect(() => {
    const drinks: readonly DrinkDocument[] = documents.slice(0, MOST_DRINKS);
    const timer = setTimeout(() => ask({ drinks, settings, others: documents }), ASK_AFTER_ms);
    return () => clearTimeout(timer);
  }, [ask, settings, documents]);
  return { answer, failure };
}
