import type { Analysis } from '@wellhydra/core/analyse';
import { useCallback, useState } from 'react';
import type { LiveRun } from '../live-run';

/** Stands for the box in which the next step is typed, among the steps that can be edited. */
export const NEXT_STEP = 'next';

/** What is being edited, and the drink before that. */
export interface Editing {
  readonly at: string;
  readonly before: Analysis;
}

/** The one line that is edited; taking up another, or the same again, begins with the drink as it is then. */
export function useEditing(live: LiveRun) {
  const [editing, setEditing] = useState<Editing | null>(null);
  const edit = useCallback(
    (at: string | null) => {
      const before = live.newest();
      setEditing(at === null || before === null ? null : { at, before });
    },
    [live],
  );
  return { editing, edit };
}
