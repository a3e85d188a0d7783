import { canBeTakenOut, enqueued, entriesTakenBack } from '../../state/sync/queue';
import { api } from '../../state/api';
import type { Store } from '../store';
import { drinksApi, type DrinkList, type DrinkVersions } from './drink-endpoints';
import { drinksAfter, versionsAfter, type DrinkDeed } from './drink-waiting';

type Dispatch = Store['dispatch'];
type Thunk = (dispatch: Dispatch, getState: Store['getState']) => void;

function done(dispatch: Dispatch, about: string, id: string, deed: DrinkDeed): void {
  const { updateQueryData } = drinksApi.util;
  const drinkId = deed.body.id;
  dispatch(
    updateQueryData(
      'listDrinks',
      undefined,
      (list) => ({ drinks: drinksAfter((list as DrinkList).drinks, deed) }) as never,
    ),
  );
  dispatch(
    updateQueryData(
      'listVersions',
      drinkId,
      (of) => ({ versions: versionsAfter((of as DrinkVersions).versions, drinkId, deed) }) as never,
    ),
  );
  dispatch(enqueued({ id, ...deed, about, lane: `drink:${drinkId}` }));
}

interface NamedDrink {
  readonly id: string;
  readonly name: string;
}

/** Deletes a drink: gone from the list at once. */
export const drinkDeleted =
  ({ id, name }: NamedDrink): Thunk =>
  (dispatch) =>
    done(dispatch, name, deletionOf(id), { kind: 'drink-deleted', body: { id } });
const deletionOf = (id: string): string => `${id}:deleted`;

/** Brings it back; where it was not sent yet that it is deleted, it never is. */
export const drinkRestored =
  ({ id, name }: NamedDrink): Thunk =>
  (dispatch, getState) => {
    if (!canBeTakenOut(getState().queue, deletionOf(id)))
      return done(dispatch, name, `${id}:restored`, { kind: 'drink-restored', body: { id } });
    dispatch(entriesTakenBack([deletionOf(id)]));
    dispatch(api.util.invalidateTags(['Drink']));
  };

/** Gives a version of a drink a name, or takes it away. */
export const versionNamed =
  ({ id, name }: NamedDrink, revision: number, label: string | null): Thunk =>
  (dispatch) =>
    done(dispatch, name, crypto.randomUUID(), { kind: 'version-named', body: { id, revision, label } });
