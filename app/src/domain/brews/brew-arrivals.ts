import { createListenerMiddleware } from '@reduxjs/toolkit';
import type { Queue } from '../../state/sync/queue';
import { brewsApi } from './brew-endpoints';
import { runsArrived, waitingOf } from './brews';

/** Takes in every answer about what is under way, with what of it is still to be sent from here. */
export const brewArrivals = createListenerMiddleware();
brewArrivals.startListening({
  matcher: brewsApi.endpoints.listRuns.matchFulfilled,
  effect: ({ payload }, { getState, dispatch }) => {
    const { entries } = (getState() as { queue: Queue }).queue;
    const waiting = entries.flatMap((entry) => waitingOf(entry)?.brew ?? []);
    dispatch(runsArrived({ runs: payload.brews, waiting }));
  },
});
