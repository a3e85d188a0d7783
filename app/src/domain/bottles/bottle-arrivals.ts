import type { BottleRecord } from '@wellhydra/contract';
import { answers } from '../../state/sync/answers';
import type { Queue } from '../../state/sync/queue';
import { peopleApi, type Drunk } from '../people/people-endpoints';
import { bottlesApi, type BottleList } from './bottle-endpoints';
import { BOTTLE_SENDERS } from './bottle-sending';
import { bottleAfter, drunkAfter, type BottleDeed } from './bottle-waiting';

/** Shows what waits to be sent of bottles and glasses over every answer of the server, which does not know of it yet. */

const { listBottles, getBottle } = bottlesApi.endpoints;
const { listDrunk } = peopleApi.endpoints;

const deedsIn = (state: unknown): readonly BottleDeed[] =>
  (state as { queue: Queue }).queue.entries.filter(
    ({ kind }) => kind in BOTTLE_SENDERS,
  ) as readonly unknown[] as readonly BottleDeed[];
const after = (deeds: readonly BottleDeed[]) => (bottle: BottleRecord) => deeds.reduce(bottleAfter, bottle);

answers.startListening({
  matcher: listBottles.matchFulfilled,
  effect: (_action, { getState, dispatch }) => {
    const deeds = deedsIn(getState());
    if (deeds.length === 0) return;
    const show = (list: unknown) => ({ bottles: (list as BottleList).bottles.map(after(deeds)) }) as never;
    dispatch(bottlesApi.util.updateQueryData('listBottles', undefined, show) as never);
  },
});

answers.startListening({
  matcher: getBottle.matchFulfilled,
  effect: ({ meta }, { getState, dispatch }) => {
    const deeds = deedsIn(getState());
    if (deeds.length === 0) return;
    const show = (bottle: unknown) => after(deeds)(bottle as BottleRecord) as never;
    dispatch(bottlesApi.util.updateQueryData('getBottle', meta.arg.originalArgs, show) as never);
  },
});

answers.startListening({
  matcher: listDrunk.matchFulfilled,
  effect: ({ meta }, { getState, dispatch }) => {
    const deeds = deedsIn(getState());
    if (deeds.length === 0) return;
    const { data } = listBottles.select()(getState() as never);
    const bottleOf = (id: string) => data?.bottles.find((bottle) => bottle.id === id);
    const show = (drunk: unknown) =>
      deeds.reduce((so, deed) => drunkAfter(so, deed, bottleOf), drunk as Drunk) as never;
    dispatch(peopleApi.util.updateQueryData('listDrunk', meta.arg.originalArgs, show) as never);
  },
});
