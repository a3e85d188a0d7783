import type { DrinkDocument, EditedStep } from '@wellhydra/core/drink';
import { useEffect, useMemo } from 'react';
import { keepAction } from '../../state/undo-actions';
import { noticeRaised } from '../../state/notices';
import { useAppDispatch, useAppSelector } from '../../state/store';
import { useGetDrinkQuery } from '../drinks/drink-endpoints';
import { composerTyped, conflictSettled, drinkArrived, drinkEdited, type Draft } from './drafts';
import { insertStep, moveStep, removeStep, rewriteStep, withTotal } from './edit-document';
import { stepFromLine } from './steps-view';

/** How often an open drink is asked for, so that the edits of others arrive, ms. */
const POLL_ms = 4000;

export interface DraftHandle {
  readonly draft: Draft | undefined;
  readonly error: unknown;
  readonly edit: (change: (document: DrinkDocument) => DrinkDocument) => void;
  readonly type: (line: string) => void;
  readonly addLine: (line: string) => void;
  readonly rewrite: (id: string, line: string) => void;
  readonly move: (id: string, to: number) => void;
  readonly remove: (id: string) => void;
  readonly setTotal: (mark: string) => void;
  readonly settle: (at: string, take: boolean) => void;
}

const newStepId = (): string => crypto.randomUUID();

function useArrivals(id: string) {
  const dispatch = useAppDispatch();
  const isNew = useAppSelector((state) => state.drafts[id]?.revision === 0);
  const { data, error } = useGetDrinkQuery(id, {
    pollingInterval: POLL_ms,
    skip: isNew,
    refetchOnMountOrArgChange: true,
  });
  useEffect(() => {
    if (data) dispatch(drinkArrived(data));
  }, [data, dispatch]);
  return isNew ? undefined : error;
}

/** A drink on the screen and everything that can be done to it. */
export function useDraft(id: string): DraftHandle {
  const dispatch = useAppDispatch();
  const error = useArrivals(id);
  const draft = useAppSelector((state) => state.drafts[id]);
  return useMemo(() => {
    const edit = (change: (document: DrinkDocument) => DrinkDocument) => {
      if (draft) dispatch(drinkEdited({ id, document: change(draft.mine) }));
    };
    const remove = (stepId: string) => {
      const index = draft?.mine.steps.findIndex((step) => step.id === stepId) ?? -1;
      const step = draft?.mine.steps[index];
      if (!step) return;
      edit((document) => removeStep(document, stepId));
      const run = keepAction(() => dispatch(stepPutBack(id, step, index)));
      dispatch(noticeRaised({ text: `Removed “${step.text || step.verb}”`, action: { label: 'Undo', run } }));
    };
    const take = (at: string) => {
      const conflict = draft?.conflicts.find((each) => each.at === at);
      if (!conflict) return;
      if (['name', 'kind', 'serving', 'target'].includes(at))
        edit((document) => ({ ...document, [at]: conflict.theirs }));
      else
        edit((document) =>
          conflict.theirStep ? rewriteStep(document, at, conflict.theirStep) : removeStep(document, at),
        );
    };
    return {
      draft,
      error,
      edit,
      type: (text) => void dispatch(composerTyped({ id, text })),
      addLine: (line) => {
        edit((document) => insertStep(document, { id: newStepId(), ...stepFromLine(line) }));
        dispatch(composerTyped({ id, text: '' }));
      },
      rewrite: (stepId, line) => edit((document) => rewriteStep(document, stepId, stepFromLine(line))),
      move: (stepId, to) => edit((document) => moveStep(document, stepId, to)),
      remove,
      setTotal: (mark) => edit((document) => withTotal(document, mark, newStepId())),
      settle: (at, takeTheirs) => {
        if (takeTheirs) take(at);
        dispatch(conflictSettled({ id, at }));
      },
    };
  }, [dispatch, draft, error, id]);
}

/** Puts a removed step back where it was, in the drink as it is by then. */
function stepPutBack(id: string, step: EditedStep, index: number) {
  return (
    dispatch: (action: ReturnType<typeof drinkEdited>) => void,
    getState: () => { drafts: Readonly<Record<string, Draft>> },
  ) => {
    const draft = getState().drafts[id];
    if (draft)
      dispatch(drinkEdited({ id, document: insertStep(draft.mine, step, Math.min(index, draft.mine.steps.length)) }));
  };
}
