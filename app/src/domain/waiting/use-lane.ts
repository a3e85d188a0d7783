import { useState } from 'react';
import type { Entry } from '../../state/sync/queue';
import { useAppSelector } from '../store';

export interface LaneState {
  /** What cannot be sent at this moment; nothing while it is merely on its way. */
  readonly waits: readonly Entry[];
  /** Why the server would not take what was done last since this was opened. */
  readonly refused: string | null;
}

/** What has become of what is done in a lane of the queue, for the place where it is done. */
export function useLane(lane: string): LaneState {
  const [opened] = useState(Date.now);
  const { entries, aside, trouble } = useAppSelector(({ queue }) => queue);
  return {
    waits: trouble === null ? [] : entries.filter((entry) => entry.lane === lane),
    refused: aside.findLast(({ entry }) => entry.lane === lane && entry.made >= opened)?.message ?? null,
  };
}
