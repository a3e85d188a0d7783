import type { LogbookBrew, Tasting } from '@wellhydra/contract';
import { enqueued } from '../../state/sync/queue';
import type { Store } from '../store';
import { logbookApi } from './logbook-endpoints';
import type { LogbookDeeds } from './logbook-sending';

type Dispatch = Store['dispatch'];
type Thunk = (dispatch: Dispatch) => void;

const show = (dispatch: Dispatch, id: string, change: (brew: LogbookBrew) => Partial<LogbookBrew>): void =>
  void dispatch(
    logbookApi.util.updateQueryData('getLogbookBrew', id, (brew) => ({ ...brew, ...change(brew as LogbookBrew) })),
  );

function enqueue<Kind extends keyof LogbookDeeds>(
  dispatch: Dispatch,
  kind: Kind,
  body: LogbookDeeds[Kind],
  about: string,
): void {
  dispatch(enqueued({ id: crypto.randomUUID(), kind, body, about, lane: `logbook:${body.id}` }));
}

const meanOf = (tastings: LogbookBrew['tastings']): number | null =>
  tastings.length > 0 ? tastings.reduce((sum, { score }) => sum + score, 0) / tastings.length : null;
type Brew = Pick<LogbookBrew, 'id' | 'drinkName'>;

/** Notes something of a brew. */
export const brewNoted =
  ({ id, drinkName }: Brew, note: string): Thunk =>
  (dispatch) => {
    show(dispatch, id, () => ({ note }));
    enqueue(dispatch, 'brew-noted', { id, note }, drinkName);
  };

/** Notes how somebody liked it. */
export const tasted =
  ({ id, drinkName }: Brew, tastingId: string, said: Tasting): Thunk =>
  (dispatch) => {
    show(dispatch, id, ({ tastings }) => {
      const all = [{ id: tastingId, ...said }, ...tastings.filter((each) => each.id !== tastingId)];
      return { tastings: all, taste: meanOf(all) };
    });
    enqueue(dispatch, 'tasted', { id, tastingId, ...said }, drinkName);
  };

/** Takes a tasting out again. */
export const tastingForgotten =
  ({ id, drinkName }: Brew, tastingId: string): Thunk =>
  (dispatch) => {
    show(dispatch, id, ({ tastings }) => {
      const all = tastings.filter((each) => each.id !== tastingId);
      return { tastings: all, taste: meanOf(all) };
    });
    enqueue(dispatch, 'tasting-forgotten', { id, tastingId }, drinkName);
  };
