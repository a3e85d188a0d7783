import type { LogbookBrew } from '@wellhydra/contract';
import { answers } from '../../state/sync/answers';
import type { Queue } from '../../state/sync/queue';
import { logbookApi } from './logbook-endpoints';
import { LOGBOOK_SENDERS } from './logbook-sending';
import { brewAfter, type LogbookDeed } from './logbook-waiting';

/** Shows what waits to be sent of the logbook over every answer of the server, which does not know of it yet. */
answers.startListening({
  matcher: logbookApi.endpoints.getLogbookBrew.matchFulfilled,
  effect: ({ meta }, { getState, dispatch }) => {
    const { entries } = (getState() as { queue: Queue }).queue;
    const deeds = entries.filter(({ kind }) => kind in LOGBOOK_SENDERS) as readonly unknown[] as readonly LogbookDeed[];
    if (deeds.length === 0) return;
    const show = (brew: unknown) => deeds.reduce(brewAfter, brew as LogbookBrew) as never;
    dispatch(logbookApi.util.updateQueryData('getLogbookBrew', meta.arg.originalArgs, show) as never);
  },
});
