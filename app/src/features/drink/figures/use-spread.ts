import type { DrinkDocument } from '@wellhydra/core/drink';
import { useEffect, useRef, useState } from 'react';
import type { RunContext } from '../../kitchen/run-context';
import { usesOthers } from '../analyse-draft';
import type { SpreadAnswer, SpreadQuestion } from './answer-spread';
import type { AnswerClient } from '../newest-answer';
import { openSpreadClient } from './spread-client';

const NOTHING: SpreadAnswer = { number: 0, ranges: {}, chanceTooSalty: null };

const NO_OTHERS: readonly DrinkDocument[] = [];
/** Typing pauses this long before the spread is asked for, ms. */
const ASK_AFTER_ms = 120;

/** The spread of a drink, a moment behind the drink itself. */
export function useSpread(document: DrinkDocument, { settings, documents }: RunContext): SpreadAnswer {
  const [answer, setAnswer] = useState(NOTHING);
  const client = useRef<AnswerClient<SpreadQuestion> | null>(null);
  const asked = useRef(0);
  useEffect(() => {
    const opened = openSpreadClient(setAnswer);
    client.current = opened;
    return () => opened.close();
  }, []);
  const others = usesOthers(document) ? documents : NO_OTHERS;
  useEffect(() => {
    // The key is drawn first; what is asked for while another one is typed is asked once.
    const timer = setTimeout(() => {
      asked.current += 1;
      client.current?.ask({ number: asked.current, document, settings, others });
    }, ASK_AFTER_ms);
    return () => clearTimeout(timer);
  }, [document, settings, others]);
  return answer;
}
