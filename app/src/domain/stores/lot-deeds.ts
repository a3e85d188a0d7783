import type { LotChange, LotRecord, SaveLot } from '@wellhydra/contract';
import { canBeTakenOut, enqueued, entriesTakenBack } from '../../state/sync/queue';
import type { Store } from '../store';
import { lotAfter, lotsAfter, type LotDeed } from './lot-waiting';
import { storesApi, type LotList } from './store-endpoints';

type Dispatch = Store['dispatch'];
type Thunk = (dispatch: Dispatch, getState: Store['getState']) => void;

/** Shows at once what is still on its way: in the list, and on the lot's own page. */
function show(dispatch: Dispatch, deed: LotDeed): void {
  const { updateQueryData } = storesApi.util;
  dispatch(
    updateQueryData('listLots', undefined, (list) => ({ lots: lotsAfter((list as LotList).lots, deed) }) as never),
  );
  dispatch(updateQueryData('getLot', deed.body.id, (lot) => lotAfter(lot as LotRecord, deed) as never));
}

/** @param id made by whoever does it, so that it can be taken back */
function done(dispatch: Dispatch, about: string, id: string, deed: LotDeed): void {
  show(dispatch, deed);
  dispatch(enqueued({ id, ...deed, about, lane: `lot:${deed.body.id}` }));
}

/** Puts a lot into the house, or says something else of one that is there. */
export const lotSaved =
  (id: string, said: SaveLot): Thunk =>
  (dispatch) =>
    done(dispatch, said.name, crypto.randomUUID(), { kind: 'lot-saved', body: { ...said, id } });

/** Weighs a lot, uses it up, or throws it away. */
export const lotChanged =
  ({ id, name }: LotRecord, changeId: string, change: LotChange): Thunk =>
  (dispatch) =>
    done(dispatch, name, changeId, { kind: 'lot-changed', body: { ...change, id, changeId } });

/** Takes that back; what was not sent yet is not sent at all. */
export const lotChangeUndone =
  ({ id, name, remaining_g }: LotRecord, changeId: string): Thunk =>
  (dispatch, getState) => {
    const deed: LotDeed = { kind: 'lot-change-undone', body: { id, changeId, was: { remaining_g } } };
    if (!canBeTakenOut(getState().queue, changeId)) return done(dispatch, name, `${changeId}:undone`, deed);
    show(dispatch, deed);
    dispatch(entriesTakenBack([changeId]));
  };
