import type { LotChange, LotRecord, SaveLot } from '@wellhydra/contract';
import { enqueued, entriesSent } from '../../state/sync/queue';
import type { Store } from '../store';
import type { LotDeeds } from './lot-sending';
import { storesApi } from './store-endpoints';

type Dispatch = Store['dispatch'];
type Thunk = (dispatch: Dispatch, getState: Store['getState']) => void;

/** Shows at once what is still on its way: in the list, and on the lot's own page. */
function show(dispatch: Dispatch, lot: LotRecord): void {
  dispatch(
    storesApi.util.updateQueryData('listLots', undefined, ({ lots }) => ({
      lots: lots.some(({ id }) => id === lot.id)
        ? lots.map((each) => (each.id === lot.id ? lot : each))
        : [...lots, lot],
    })),
  );
  dispatch(storesApi.util.updateQueryData('getLot', lot.id, () => lot));
}

function enqueue<Kind extends keyof LotDeeds>(
  dispatch: Dispatch,
  entry: { readonly id: string; readonly kind: Kind; readonly body: LotDeeds[Kind]; readonly about: string },
): void {
  dispatch(enqueued({ ...entry, lane: `lot:${entry.body.id}` }));
}

/** Puts a lot into the house, or says something else of one that is there. */
export const lotSaved =
  (id: string, said: SaveLot, before?: LotRecord): Thunk =>
  (dispatch) => {
    const remaining_g = before ? Math.max(0, before.remaining_g + said.amount_g - before.amount_g) : said.amount_g;
    show(dispatch, { ...said, id, remaining_g });
    enqueue(dispatch, { id: crypto.randomUUID(), kind: 'lot-saved', body: { ...said, id }, about: said.name });
  };

/** What is left of a lot after a change, g. */
const leftAfter = (lot: LotRecord, change: LotChange): number =>
  change.kind === 'weighed'
    ? change.remaining_g
    : change.kind === 'used'
      ? Math.max(0, lot.remaining_g - change.grams)
      : 0;

/** Weighs a lot, uses it up, or throws it away. */
export const lotChanged =
  (lot: LotRecord, changeId: string, change: LotChange): Thunk =>
  (dispatch) => {
    show(dispatch, { ...lot, remaining_g: leftAfter(lot, change) });
    enqueue(dispatch, {
      id: changeId,
      kind: 'lot-changed',
      body: { ...change, id: lot.id, changeId },
      about: lot.name,
    });
  };

/** Takes that back; what was not sent yet is not sent at all. */
export const lotChangeUndone =
  (lot: LotRecord, changeId: string): Thunk =>
  (dispatch, getState) => {
    show(dispatch, lot);
    const { entries, trouble } = getState().queue;
    if (trouble && entries.some(({ id }) => id === changeId)) return void dispatch(entriesSent([changeId]));
    const body = { id: lot.id, changeId };
    enqueue(dispatch, { id: `${changeId}:undone`, kind: 'lot-change-undone', body, about: lot.name });
  };
