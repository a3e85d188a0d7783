import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import type { DraftHandle } from '../../../domain/drinks/use-draft';
import { afterwards, focusIsLost } from '../../../ui/focus';
import { rowElement } from '../step/row-element';
import type { StepRowActions } from '../step/step-row-actions';
import type { StepView } from '../step/steps-view';

/** The keys are where they were, or in the words of this row. */
function keepFocus(fallback: string | undefined): void {
  const { activeElement } = globalThis.document;
  afterwards(() => {
    if (!focusIsLost()) return;
    if (activeElement instanceof HTMLElement && activeElement.isConnected) activeElement.focus();
    else rowElement(fallback)?.querySelector<HTMLElement>('[role=button], input')?.focus();
  });
}

/** What is done to steps, with the keys kept where the next thing is done, and said to those who do not see it. */
export function useStepActions(
  { rewrite, move, remove, duplicate }: DraftHandle,
  steps: readonly StepView[],
  edit: (at: string | null) => void,
  callNext: () => void,
  onOpen: (id: string) => void,
) {
  const [said, setSaid] = useState('');
  // The actions stay the same from key to key.
  const latest = useRef(steps);
  useEffect(() => {
    latest.current = steps;
  });
  const moveIt = useCallback(
    (id: string, to: number) => {
      move(id, to);
      keepFocus(id);
      setSaid(`Moved to place ${to + 1} of ${latest.current.length}`);
    },
    [move],
  );
  const removeIt = useCallback(
    (id: string) => {
      const at = latest.current.findIndex((step) => step.id === id);
      const neighbour = latest.current[at + 1] ?? latest.current[at - 1];
      remove(id);
      edit(null);
      keepFocus(neighbour?.id);
    },
    [remove, edit],
  );
  const duplicateIt = useCallback(
    (id: string) => {
      duplicate(id);
      keepFocus(id);
      setSaid('A copy of it stands below');
    },
    [duplicate],
  );
  const besideIt = useCallback(
    (id: string, way: 'up' | 'down') => {
      const at = latest.current.findIndex((step) => step.id === id);
      const to = latest.current[way === 'up' ? at - 1 : at + 1];
      if (to) edit(to.id);
      else if (way === 'down') callNext();
    },
    [edit, callNext],
  );
  const leaveNext = useCallback(
    (way: 'up' | 'away') => {
      const [first, last] = [latest.current[0], latest.current.at(-1)];
      if (way === 'up' && last) return edit(last.id);
      // Where there is no step yet the keys stay in the box: they would fall to the page.
      edit(null);
      return rowElement(first?.id)?.querySelector<HTMLElement>('[role=button]')?.focus();
    },
    [edit],
  );
  const actions = useMemo(
    (): StepRowActions => ({
      onRewrite: rewrite,
      onMove: moveIt,
      onRemove: removeIt,
      onBeside: besideIt,
      onDuplicate: duplicateIt,
      onOpen,
    }),
    [rewrite, moveIt, removeIt, besideIt, duplicateIt, onOpen],
  );
  return { actions, leaveNext, said };
}
