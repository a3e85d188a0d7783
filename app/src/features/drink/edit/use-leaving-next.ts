import { useCallback, useEffect, useRef } from 'react';
import { rowElement } from '../step/row-element';
import type { StepView } from '../step/steps-view';

/** Out of the box for the next step by a key: the last step is taken up, or the first one has the keys. */
export function useLeavingNext(steps: readonly StepView[], edit: (at: string | null) => void) {
  const latest = useRef(steps);
  useEffect(() => {
    latest.current = steps;
  });
  return useCallback(
    (way: 'up' | 'away') => {
      const [first, last] = [latest.current[0], latest.current.at(-1)];
      if (way === 'up' && last) return edit(last.id);
      edit(null);
      const row = rowElement(first?.id)?.querySelector<HTMLElement>('[role=button]');
      if (row) row.focus();
      else (globalThis.document.activeElement as HTMLElement | null)?.blur();
      return undefined;
    },
    [edit],
  );
}
