import type { BottleRecord, MakeBrew } from '@wellhydra/contract';
import { movedTo, bottleUseBy } from '@wellhydra/core/keeping';
import type { Store } from '../store';
import { enqueued, entriesSent } from '../../state/sync/queue';
import type { Draft } from '../drinks/drafts';
import { bottlesApi } from './bottle-endpoints';
import type { BottleDeeds } from './bottle-sending';

type Dispatch = Store['dispatch'];
type Thunk = (dispatch: Dispatch, getState: Store['getState']) => void;

/** Shows at once what is still on its way: in the list, and on the bottle's own page. */
function show(dispatch: Dispatch, id: string, change: (bottle: BottleRecord) => Partial<BottleRecord>): void {
  const { updateQueryData } = bottlesApi.util;
  const inList = (list: { bottles: readonly BottleRecord[] }) => ({
    bottles: list.bottles.map((bottle) => (bottle.id === id ? { ...bottle, ...change(bottle) } : bottle)),
  });
  dispatch(updateQueryData('listBottles', undefined, (list) => inList(list as never) as never));
  dispatch(updateQueryData('getBottle', id, (bottle) => ({ ...bottle, ...change(bottle as BottleRecord) }) as never));
}

interface Deed<Kind extends keyof BottleDeeds> {
  readonly id: string;
  readonly kind: Kind;
  readonly body: BottleDeeds[Kind];
  readonly about: string;
  readonly quiet?: boolean;
}

function enqueue<Kind extends keyof BottleDeeds>(dispatch: Dispatch, { kind, body, ...rest }: Deed<Kind>): void {
  dispatch(enqueued({ ...rest, kind, body, lane: `bottle:${body.id}` }));
}

/** Pours from a bottle: seen at once, and sent as soon as it can be. */
export const pouredFrom =
  (bottle: BottleRecord, { pourId, volume_mL, at }: { pourId: string; volume_mL: number; at: Date }): Thunk =>
  (dispatch) => {
    show(dispatch, bottle.id, ({ remaining_mL, openedAt }) => ({
      remaining_mL: Math.max(0, remaining_mL - volume_mL),
      openedAt: openedAt ?? at.toISOString(),
    }));
    const body = { id: bottle.id, pourId, volume_mL, pouredAt: at.toISOString() };
    enqueue(dispatch, { id: pourId, kind: 'pour', body, about: bottle.drinkName });
  };

/** Takes a pour back: one that has not gone out yet never does. */
export const pourTakenBack =
  (bottle: BottleRecord, { pourId, volume_mL }: { pourId: string; volume_mL: number }): Thunk =>
  (dispatch, getState) => {
    show(dispatch, bottle.id, ({ remaining_mL, volume_mL: full }) => ({
      remaining_mL: Math.min(full, remaining_mL + volume_mL),
      openedAt: bottle.openedAt,
    }));
    const { entries, trouble } = getState().queue;
    // In trouble nothing is on its way: what waits can be taken out. Else both are sent, one after the other.
    if (trouble && entries.some(({ id }) => id === pourId)) dispatch(entriesSent([pourId]));
    else {
      const body = { id: bottle.id, pourId };
      enqueue(dispatch, { id: `${pourId}:undone`, kind: 'pour-undone', body, about: bottle.drinkName });
    }
  };

/** Puts a bottle somewhere else. */
export const bottleMoved =
  (bottle: BottleRecord, place: BottleRecord['place']): Thunk =>
  (dispatch) => {
    const at = new Date().toISOString();
    show(dispatch, bottle.id, ({ keeping, stands, madeAt, openedAt }) => {
      const moved = movedTo(keeping, stands, { place, since: at });
      const until = bottleUseBy(keeping, { madeAt, stands: moved, openedAt });
      return { place, stands: [...moved], useBy: until.useBy, useByReason: until.reason };
    });
    const body = { id: bottle.id, place, at };
    enqueue(dispatch, { id: crypto.randomUUID(), kind: 'bottle-moved', body, about: bottle.drinkName });
  };

/** Records that a drink was made and what it filled. */
export const brewMade =
  (made: {
    readonly brewId: string;
    readonly draft: Pick<Draft, 'id' | 'revision' | 'mine'>;
    readonly madeAt: Date;
    readonly filling: Pick<MakeBrew, 'bottles' | 'drunk_mL'>;
  }): Thunk =>
  (dispatch) => {
    const { brewId: id, draft, madeAt, filling } = made;
    const body = { id, drinkId: draft.id, drinkRevision: draft.revision, madeAt: madeAt.toISOString(), ...filling };
    enqueue(dispatch, { id, kind: 'brew-made', body, about: draft.mine.name, quiet: true });
  };
