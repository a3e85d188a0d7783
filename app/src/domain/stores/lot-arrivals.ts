import type { LotRecord } from '@wellhydra/contract';
import { answers } from '../../state/sync/answers';
import type { Queue } from '../../state/sync/queue';
import { LOT_SENDERS } from './lot-sending';
import { lotAfter, lotsAfter, type LotDeed } from './lot-waiting';
import { storesApi, type LotList } from './store-endpoints';

/** Shows what waits to be sent of lots over every answer of the server, which does not know of it yet. */

const { listLots, getLot } = storesApi.endpoints;

const deedsIn = (state: unknown): readonly LotDeed[] =>
  (state as { queue: Queue }).queue.entries.filter(
    ({ kind }) => kind in LOT_SENDERS,
  ) as readonly unknown[] as readonly LotDeed[];

answers.startListening({
  matcher: listLots.matchFulfilled,
  effect: (_action, { getState, dispatch }) => {
    const deeds = deedsIn(getState());
    if (deeds.length === 0) return;
    const show = (list: unknown) => ({ lots: deeds.reduce(lotsAfter, (list as LotList).lots) }) as never;
    dispatch(storesApi.util.updateQueryData('listLots', undefined, show) as never);
  },
});

answers.startListening({
  matcher: getLot.matchFulfilled,
  effect: ({ meta }, { getState, dispatch }) => {
    const deeds = deedsIn(getState());
    if (deeds.length === 0) return;
    const show = (lot: unknown) => deeds.reduce(lotAfter, lot as LotRecord) as never;
    dispatch(storesApi.util.updateQueryData('getLot', meta.arg.originalArgs, show) as never);
  },
});
