import type { BottleChange, BottleRecord, Filling } from '@wellhydra/contract';
import type { Store } from '../store';
import { canBeTakenOut, enqueued, entriesTakenBack } from '../../state/sync/queue';
import type { Draft } from '../drinks/drafts';
import { weekStart } from '../people/drunk';
import { peopleApi, type Drunk } from '../people/people-endpoints';
import { bottlesApi, type BottleList } from './bottle-endpoints';
import { bottleAfter, drunkAfter, shelfAfter, type BottleDeed } from './bottle-waiting';

type Dispatch = Store['dispatch'];
type Thunk = (dispatch: Dispatch, getState: Store['getState']) => void;

const showOnShelf = (dispatch: Dispatch, deed: BottleDeed) =>
  dispatch(
    bottlesApi.util.updateQueryData(
      'listBottles',
      undefined,
      (list) => ({ bottles: shelfAfter((list as BottleList).bottles, deed) }) as never,
    ),
  );

/** Shows at once what is still on its way: in the lists, and on the bottle's own page. */
function show(dispatch: Dispatch, bottle: BottleRecord, deed: BottleDeed): void {
  const { updateQueryData } = bottlesApi.util;
  const touched =
    deed.kind === 'bottle-changed' && deed.body.kind === 'topped-up' ? [bottle.id, deed.body.from] : [bottle.id];
  const after = (each: BottleRecord) => bottleAfter(each, deed);
  showOnShelf(dispatch, deed);
  for (const id of touched) dispatch(updateQueryData('getBottle', id, (each) => after(each as BottleRecord) as never));
  if (deed.kind !== 'pour' && deed.kind !== 'pour-undone') return;
  dispatch(
    peopleApi.util.updateQueryData(
      'listDrunk',
      weekStart(new Date()),
      (drunk) => drunkAfter(drunk as Drunk, deed, () => bottle) as never,
    ),
  );
}

/** @param id made by whoever does it, so that it can be taken back */
function done(dispatch: Dispatch, bottle: BottleRecord, id: string, deed: BottleDeed): void {
  show(dispatch, bottle, deed);
  dispatch(enqueued({ id, ...deed, about: bottle.drinkName, lane: `bottle:${deed.body.id}` }));
}

/** Takes something back: what has not gone out yet never does. */
function takenBack(
  dispatch: Dispatch,
  getState: Store['getState'],
  { bottle, id, deed }: { readonly bottle: BottleRecord; readonly id: string; readonly deed: BottleDeed },
): void {
  // Else both are sent, one after the other.
  if (!canBeTakenOut(getState().queue, id)) return done(dispatch, bottle, `${id}:undone`, deed);
  show(dispatch, bottle, deed);
  dispatch(entriesTakenBack([id]));
}

/** A glass that is poured, or was. */
export interface Glass {
  readonly pourId: string;
  readonly volume_mL: number;
  readonly at: Date;
  /** Who drinks it; null for nobody in particular. */
  readonly personId?: string | null;
  readonly additions?: readonly string[];
}

/** Pours from a bottle: seen at once, and sent as soon as it can be. */
export const pouredFrom =
  (bottle: BottleRecord, { pourId, volume_mL, at, personId = null, additions = [] }: Glass): Thunk =>
  (dispatch) => {
    const who = personId ? { personId } : {};
    const added = additions.length > 0 ? { additions } : {};
    const body = { id: bottle.id, pourId, volume_mL, pouredAt: at.toISOString(), ...who, ...added };
    done(dispatch, bottle, pourId, { kind: 'pour', body });
  };

/** Takes a pour back. */
export const pourTakenBack =
  (bottle: BottleRecord, { pourId, volume_mL }: Glass): Thunk =>
  (dispatch, getState) => {
    const body = { id: bottle.id, pourId, was: { volume_mL, openedAt: bottle.openedAt } };
    takenBack(dispatch, getState, { bottle, id: pourId, deed: { kind: 'pour-undone', body } });
  };

/**
 * Opens a bottle, throws it away, corrects it, tops it up or splits it.
 *
 * @param changeId made by whoever does it, so that it can be taken back
 */
export const bottleChanged =
  (bottle: BottleRecord, changeId: string, change: BottleChange): Thunk =>
  (dispatch) =>
    done(dispatch, bottle, changeId, { kind: 'bottle-changed', body: { ...change, id: bottle.id, changeId } });

/** Takes a change back; what it touched is as it was before. */
export const changeTakenBack =
  (bottle: BottleRecord, changeId: string): Thunk =>
  (dispatch, getState) => {
    const { id, remaining_mL, openedAt } = bottle;
    const body = { id, changeId, was: { remaining_mL, openedAt } };
    takenBack(dispatch, getState, { bottle, id: changeId, deed: { kind: 'change-undone', body } });
  };

/** Puts a bottle somewhere else. */
export const bottleMoved =
  (bottle: BottleRecord, place: BottleRecord['place'], spot: string | null = null): Thunk =>
  (dispatch) => {
    const body = { id: bottle.id, place, at: new Date().toISOString(), ...(spot ? { spot } : {}) };
    done(dispatch, bottle, crypto.randomUUID(), { kind: 'bottle-moved', body });
  };

/** Takes a batch back, as if it had never been made: off the shelf at once, and sent as soon as it can be. */
export const batchTakenBack =
  ({ brewId: id, batch, drinkName }: Pick<BottleRecord, 'brewId' | 'batch' | 'drinkName'>): Thunk =>
  (dispatch) => {
    const deed: BottleDeed = { kind: 'batch-undone', body: { id, batch } };
    showOnShelf(dispatch, deed);
    dispatch(enqueued({ id: crypto.randomUUID(), ...deed, about: drinkName, lane: `bottle:${id}` }));
  };

/** Records that a drink was made and what it filled. */
export const brewMade =
  (made: {
    readonly brewId: string;
    readonly draft: Pick<Draft, 'id' | 'revision' | 'mine'>;
    readonly madeAt: Date;
    readonly filling: Filling;
  }): Thunk =>
  (dispatch) => {
    const { brewId: id, draft, madeAt, filling } = made;
    const body = { id, drinkId: draft.id, drinkRevision: draft.revision, madeAt: madeAt.toISOString(), ...filling };
    dispatch(enqueued({ id, kind: 'brew-made', body, about: draft.mine.name, lane: `bottle:${id}`, quiet: true }));
  };
