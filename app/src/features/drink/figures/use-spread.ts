import type { DrinkDocument } from '@wellhydra/core/drink';
import { useEffect } from 'react';
import type { RunContext } from '../../../domain/run/run-context';
import { usesOthers } from '../../../domain/run/used-documents';
import { useAnswers } from '../../../domain/workers/use-answers';
import type { SpreadAnswer } from './answer-spread';
import { openSpreadClient } from './spread-client';

const NOTHING: SpreadAnswer = { ranges: {}, chanceTooSalty: null };

const NO_OTHERS: readonly DrinkDocument[] = [];
/** Typing pauses this long before the spread is asked for, ms. */
const ASK_AFTER_ms = 120;

/** The spread of a drink, a moment behind the drink itself; nothing where it could not be worked out. */
export function useSpread(document: DrinkDocument, { settings, documents }: RunContext): SpreadAnswer {
  const { answer, ask } = useAnswers(openSpreadClient);
  const others = usesOthers(document) ? documents : NO_OTHERS;
  useEffect(() => {
    // The key is drawn first; what is asked for while another one is typed is asked once.
    const timer = setTimeout(() => ask({ document, settings, others }), ASK_AFTER_ms);
    return () => clearTimeout(timer);
  }, [ask, document, settings, others]);
  return answer ?? NOTHING;
}
