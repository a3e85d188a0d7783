import { type DrinkStep, type EditedStep, type MergeConflict, stepFromLine } from '@wellhydra/core/drink';
import type { LineOptions } from '@wellhydra/core/quantity';
import { typedLine } from '@wellhydra/core/read';
import { useEffect, useMemo } from 'react';
import { keepAction } from '../../state/undo-actions';
import { noticeRaised } from '../../state/notices';
import { useStore } from 'react-redux';
import { useAppDispatch, useAppSelector, type Store } from '../store';
import { useGetDrinkQuery } from './drink-endpoints';
import { composerTyped, conflictSettled, drinkArrived, drinkEdited, type Draft } from './drafts';
import {
  duplicateStep,
  exchangeStep,
  insertStep,
  moveStep,
  removeStep,
  replaceStep,
  rewriteStep,
  withTotal,
} from './edit-document';
import { readPasted } from './paste-client';
import { looksLikeRecipe, pastedWords, type PastedRecipe } from './pasted-words';
import { TypedAhead, type Change } from './typed-ahead';

/** How often an open drink is asked for, so that the edits of others arrive, ms. */
const POLL_ms = 4000;

export interface DraftHandle {
  readonly draft: Draft | undefined;
  readonly error: unknown;
  readonly edit: (change: Change) => void;
  /** What is typed into a step before the page follows. */
  readonly typing: TypedAhead;
  readonly type: (line: string) => void;
  readonly addLine: (line: string, options?: LineOptions) => void;
  /** Puts the steps of a pasted recipe at the end; whether it was one. */
  readonly paste: (text: string) => boolean;
  readonly rewrite: (id: string, line: string) => void;
  /** Exchanges a step as a whole. */
  readonly replace: (step: EditedStep) => void;
  /** Puts a step at the end; its id. */
  readonly addStep: (step: DrinkStep) => string;
  readonly duplicate: (id: string) => void;
  /** Exchanges a step for several, or for none. */
  readonly exchange: (id: string, steps: readonly DrinkStep[]) => void;
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

/** A line of a step holds so many letters. */
const LONGEST_LINE = 500;

type WithDrafts = () => { readonly drafts: Readonly<Record<string, Draft>> };

/** Changes the drink as it is when the change is made, not as it was when the screen was drawn. */
const edited =
  (id: string, change: Change) =>
  (dispatch: (action: ReturnType<typeof drinkEdited>) => void, getState: WithDrafts) => {
    const draft = getState().drafts[id];
    if (draft) dispatch(drinkEdited({ id, document: change(draft.mine) }));
  };

/** Takes what the other person has, where both changed the same. */
function takenOver({ at, theirs, theirStep }: MergeConflict): Change {
  if (['name', 'kind', 'serving', 'target'].includes(at)) return (document) => ({ ...document, [at]: theirs });
  return (document) => (theirStep ? replaceStep(document, theirStep) : removeStep(document, at));
}

/** A drink on the screen and everything that can be done to it; the actions stay the same from key to key. */
export function useDraft(id: string): DraftHandle {
  const dispatch = useAppDispatch();
  const { getState } = useStore() as Store;
  const error = useArrivals(id);
  const draft = useAppSelector((state) => state.drafts[id]);
  const actions = useMemo(() => {
    const current = () => getState().drafts[id];
    const typing = new TypedAhead(
      () => current()?.mine,
      (change) => dispatch(edited(id, change)),
    );
    const edit = (change: Change) => {
      typing.flush();
      dispatch(edited(id, change));
    };
    return {
      edit,
      typing,
      type: (text: string) => void dispatch(composerTyped({ id, text })),
      addLine: (line: string, options?: LineOptions) => {
        const { steps } = typedLine(line, options);
        edit((document) => steps.reduce((each, step) => insertStep(each, { id: newStepId(), ...step }), document));
        dispatch(composerTyped({ id, text: '' }));
      },
      paste: (text: string) => {
        if (!looksLikeRecipe(text)) return false;
        const take = (pasted: PastedRecipe) => {
          const added: EditedStep[] = [
            ...[...pasted.steps, ...pasted.left].map((step) => ({ ...step, id: newStepId() })),
            ...pasted.atServing.map((step): EditedStep => ({ ...step, id: newStepId(), atServing: true })),
          ];
          edit((document) => added.reduce((each, step) => insertStep(each, step), document));
          const run = keepAction(() =>
            edit((document) => added.reduce((each, { id: step }) => removeStep(each, step), document)),
          );
          dispatch(noticeRaised({ text: pastedWords(pasted), action: { label: 'Undo', run } }));
        };
        // What is no recipe, or cannot be read, stands in the box as it was pasted.
        const keep = () => {
          const before = current()?.composer ?? '';
          const line = text.trim().replace(/\s*\n\s*/g, ', ');
          dispatch(composerTyped({ id, text: `${before}${line}`.slice(0, LONGEST_LINE) }));
        };
        void readPasted(text).then((pasted) => (pasted ? take(pasted) : keep()), keep);
        return true;
      },
      replace: (step: EditedStep) => edit((document) => replaceStep(document, step)),
      addStep: (step: DrinkStep) => {
        const stepId = newStepId();
        edit((document) => insertStep(document, { ...step, id: stepId }));
        return stepId;
      },
      exchange: (stepId: string, steps: readonly DrinkStep[]) =>
        edit((document) => exchangeStep(document, stepId, steps, newStepId)),
      duplicate: (stepId: string) => edit((document) => duplicateStep(document, stepId, newStepId())),
      rewrite: (stepId: string, line: string) =>
        typing.type((document) => rewriteStep(document, stepId, stepFromLine(line))),
      move: (stepId: string, to: number) => edit((document) => moveStep(document, stepId, to)),
      remove: (stepId: string) => {
        typing.flush();
        const index = current()?.mine.steps.findIndex((step) => step.id === stepId) ?? -1;
        const step = current()?.mine.steps[index];
        if (!step) return;
        edit((document) => removeStep(document, stepId));
        const run = keepAction(() =>
          edit((document) => insertStep(document, step, Math.min(index, document.steps.length))),
        );
        dispatch(noticeRaised({ text: `Removed “${step.text || step.verb}”`, action: { label: 'Undo', run } }));
      },
      setTotal: (mark: string) => edit((document) => withTotal(document, mark, newStepId())),
      settle: (at: string, takeTheirs: boolean) => {
        typing.flush();
        const conflict = current()?.conflicts.find((each) => each.at === at);
        if (takeTheirs && conflict) edit(takenOver(conflict));
        dispatch(conflictSettled({ id, at }));
      },
    };
  }, [dispatch, getState, id]);
  const { typing } = actions;
  useEffect(() => {
    const { flush } = typing;
    globalThis.addEventListener?.('pagehide', flush);
    return () => {
      globalThis.removeEventListener?.('pagehide', flush);
      flush();
    };
  }, [typing]);
  return useMemo(() => ({ draft, error, ...actions }), [draft, error, actions]);
}
