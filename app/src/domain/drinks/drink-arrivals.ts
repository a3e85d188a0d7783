import { answers } from '../../state/sync/answers';
import type { Queue } from '../../state/sync/queue';
import { drinksApi, type DrinkList, type DrinkVersions } from './drink-endpoints';
import { DRINK_SENDERS } from './drink-sending';
import { drinksAfter, versionsAfter, type DrinkDeed } from './drink-waiting';

/** Shows what waits to be sent of drinks over every answer of the server, which does not know of it yet. */

const { listDrinks, listVersions } = drinksApi.endpoints;

const deedsIn = (state: unknown): readonly DrinkDeed[] =>
  (state as { queue: Queue }).queue.entries.filter(
    ({ kind }) => kind in DRINK_SENDERS,
  ) as readonly unknown[] as readonly DrinkDeed[];

answers.startListening({
  matcher: listDrinks.matchFulfilled,
  effect: (_action, { getState, dispatch }) => {
    const deeds = deedsIn(getState());
    if (deeds.length === 0) return;
    const show = (list: unknown) => ({ drinks: deeds.reduce(drinksAfter, (list as DrinkList).drinks) }) as never;
    dispatch(drinksApi.util.updateQueryData('listDrinks', undefined, show) as never);
  },
});

answers.startListening({
  matcher: listVersions.matchFulfilled,
  effect: ({ meta }, { getState, dispatch }) => {
    const deeds = deedsIn(getState());
    const id = meta.arg.originalArgs;
    if (deeds.length === 0) return;
    const show = (of: unknown) =>
      ({ versions: deeds.reduce((so, deed) => versionsAfter(so, id, deed), (of as DrinkVersions).versions) }) as never;
    dispatch(drinksApi.util.updateQueryData('listVersions', id, show) as never);
  },
});
