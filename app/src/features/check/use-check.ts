import { useEffect, useMemo } from 'react';
import { checkHeard, checkOpened, checkWritten } from '../../domain/checks/checked-text';
import { useAppDispatch, useAppSelector } from '../../domain/store';
import { useAnswers } from '../../domain/workers/use-answers';
import { FAILURE_WORDS } from '../../domain/workers/worker-client';
import { noticeRaised } from '../../state/notices';
import { keepAction } from '../../state/undo-actions';
import type { CheckAnswer, CheckQuery } from './answer-check';
import { openCheckClient } from './check-client';
import { checkView, type CheckView } from './check-view';

/** The keys pause this long before a text is checked, ms. */
const PAUSE_ms = 250;

export interface CheckHandle {
  readonly text: string;
  readonly from: string;
  /** What was made of it; null until there is an answer to what stands there now. */
  readonly view: CheckView | null;
  /** It is being read. */
  readonly busy: boolean;
  readonly failure: string | null;
  readonly write: (text: string) => void;
  /** Puts what was dictated behind it. */
  readonly hear: (sentence: string) => void;
  /** Puts another text in its place, with the way back. */
  readonly change: (text: string, says: string) => void;
  readonly open: (text: string, from: string) => void;
}

/** The recipe that is checked, and what comes of it. */
export function useCheck(): CheckHandle {
  const dispatch = useAppDispatch();
  const { text, from } = useAppSelector((state) => state.check);
  const { answer, failure, ask } = useAnswers<CheckQuery, CheckAnswer>(openCheckClient);
  useEffect(() => {
    if (text.trim() === '') return undefined;
    const timer = setTimeout(() => ask({ text }), PAUSE_ms);
    return () => clearTimeout(timer);
  }, [text, ask]);
  // A page, a table or data become the lines they hold: those are read from here on.
  useEffect(() => {
    if (answer && answer.asked === text && answer.text !== text) dispatch(checkWritten(answer.text));
  }, [answer, text, dispatch]);
  const current = text.trim() !== '' && answer && (answer.text === text || answer.asked === text) ? answer : null;
  const view = useMemo(() => (current ? checkView(current.check, current.text) : null), [current]);
  const actions = useMemo(() => {
    const back = (before: { readonly text: string; readonly from: string }) =>
      keepAction(() => dispatch(checkOpened(before)));
    return {
      write: (next: string) => void dispatch(checkWritten(next)),
      hear: (sentence: string) => void dispatch(checkHeard(sentence)),
      change: (next: string, says: string) => {
        dispatch(checkWritten(next));
        dispatch(noticeRaised({ text: says, action: { label: 'Undo', run: back({ text, from }) } }));
      },
      open: (next: string, where: string) => {
        dispatch(checkOpened({ text: next, from: where }));
        if (text.trim() !== '')
          dispatch(
            noticeRaised({
              text: 'Another recipe stands here now',
              action: { label: 'Undo', run: back({ text, from }) },
            }),
          );
      },
    };
  }, [dispatch, text, from]);
  return {
    text,
    from,
    view,
    busy: text.trim() !== '' && current === null && failure === null,
    failure: failure === null ? null : FAILURE_WORDS[failure],
    ...actions,
  };
}
