import type { BottleChange, BottleRecord, Filling } from '@wellhydra/contract';
import { movedTo, bottleUseBy } from '@wellhydra/core/keeping';
import type { Intake } from '@wellhydra/core/people';
import type { Store } from '../store';
import { enqueued, entriesSent } from '../../state/sync/queue';
import type { Draft } from '../drinks/drafts';
import { weekStart } from '../people/drunk';
import { peopleApi, type Drunk } from '../people/people-endpoints';
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

/** A glass that is poured, or was. */
export interface Glass {
  readonly pourId: string;
  readonly volume_mL: number;
  readonly at: Date;
  /** Who drinks it; null for nobody in particular. */
  readonly personId?: string | null;
  readonly additions?: readonly string[];
  readonly brought?: Intake | null;
}

/** Shows what somebody had at once, beside what the server has said of this week. */
function showDrunk(dispatch: Dispatch, bottle: BottleRecord, glass: Glass, taken: boolean): void {
  const { pourId: id, volume_mL, at, personId, additions = [], brought = null } = glass;
  if (!personId) return;
  const { brewId, drinkId, drinkName, batch, kind, serving_mL, facts } = bottle;
  const pour = { id, bottleId: bottle.id, brewId, drinkId, personId, volume_mL, additions, brought };
  dispatch(
    peopleApi.util.updateQueryData('listDrunk', weekStart(new Date()), (list) => {
      const { pours, brews } = list as Drunk;
      const others = pours.filter((each) => each.id !== id);
      const all = taken ? [{ ...pour, pouredAt: at.toISOString() }, ...others] : others;
      return {
        pours: [...all].sort((a, b) => b.pouredAt.localeCompare(a.pouredAt)),
        brews: { ...brews, [brewId]: { drinkName, batch, kind, serving_mL, facts } },
      } as never;
    }),
  );
}

/** Pours from a bottle: seen at once, and sent as soon as it can be. */
export const pouredFrom =
  (bottle: BottleRecord, glass: Glass): Thunk =>
  (dispatch) => {
    const { pourId, volume_mL, at, personId = null, additions = [] } = glass;
    show(dispatch, bottle.id, ({ remaining_mL, openedAt }) => ({
      remaining_mL: Math.max(0, remaining_mL - volume_mL),
      openedAt: openedAt ?? at.toISOString(),
    }));
    showDrunk(dispatch, bottle, glass, true);
    const who = personId ? { personId } : {};
    const added = additions.length > 0 ? { additions } : {};
    const body = { id: bottle.id, pourId, volume_mL, pouredAt: at.toISOString(), ...who, ...added };
    enqueue(dispatch, { id: pourId, kind: 'pour', body, about: bottle.drinkName });
  };

/** Takes a pour back: one that has not gone out yet never does. */
export const pourTakenBack =
  (bottle: BottleRecord, glass: Glass): Thunk =>
  (dispatch, getState) => {
    const { pourId, volume_mL } = glass;
    show(dispatch, bottle.id, ({ remaining_mL, volume_mL: full }) => ({
      remaining_mL: Math.min(full, remaining_mL + volume_mL),
      openedAt: bottle.openedAt,
    }));
    showDrunk(dispatch, bottle, glass, false);
    const { entries, trouble } = getState().queue;
    // In trouble nothing is on its way: what waits can be taken out. Else both are sent, one after the other.
    if (trouble && entries.some(({ id }) => id === pourId)) dispatch(entriesSent([pourId]));
    else {
      const body = { id: bottle.id, pourId };
      enqueue(dispatch, { id: `${pourId}:undone`, kind: 'pour-undone', body, about: bottle.drinkName });
    }
  };

/** What a change shows on the bottle it is done to, before the server has said. */
function changeShown(bottle: BottleRecord, change: BottleChange): Partial<BottleRecord> {
  const opened = bottle.openedAt ?? change.at;
  switch (change.kind) {
    case 'opened':
      return { openedAt: opened };
    case 'discarded':
      return { remaining_mL: 0 };
    case 'corrected':
      return { remaining_mL: change.remaining_mL };
    case 'topped-up':
      return { remaining_mL: bottle.remaining_mL + change.volume_mL, openedAt: opened };
    case 'split':
      return { remaining_mL: Math.max(0, bottle.remaining_mL - change.into.volume_mL), openedAt: opened };
  }
}

/**
 * Opens a bottle, throws it away, corrects it, tops it up or splits it.
 *
 * @param changeId made by whoever does it, so that it can be taken back
 */
export const bottleChanged =
  (bottle: BottleRecord, changeId: string, change: BottleChange): Thunk =>
  (dispatch) => {
    show(dispatch, bottle.id, (shown) => changeShown(shown, change));
    if (change.kind === 'topped-up')
      show(dispatch, change.from, ({ remaining_mL }) => ({
        remaining_mL: Math.max(0, remaining_mL - change.volume_mL),
      }));
    const body = { ...change, id: bottle.id, changeId };
    enqueue(dispatch, { id: changeId, kind: 'bottle-changed', body, about: bottle.drinkName });
  };

/** Takes a change back; what it touched is as it was before. */
export const changeTakenBack =
  (bottle: BottleRecord, changeId: string): Thunk =>
  (dispatch, getState) => {
    show(dispatch, bottle.id, () => ({ remaining_mL: bottle.remaining_mL, openedAt: bottle.openedAt }));
    const { entries, trouble } = getState().queue;
    if (trouble && entries.some(({ id }) => id === changeId)) return void dispatch(entriesSent([changeId]));
    const body = { id: bottle.id, changeId };
    enqueue(dispatch, { id: `${changeId}:undone`, kind: 'change-undone', body, about: bottle.drinkName });
  };

/** Puts a bottle somewhere else. */
export const bottleMoved =
  (bottle: BottleRecord, place: BottleRecord['place'], spot: string | null = null): Thunk =>
  (dispatch) => {
    const at = new Date().toISOString();
    show(dispatch, bottle.id, ({ keeping, stands, madeAt, openedAt }) => {
      const moved = movedTo(keeping, stands, { place, since: at });
      const until = bottleUseBy(keeping, { madeAt, stands: moved, openedAt });
      return { place, spot, stands: [...moved], useBy: until.useBy, useByReason: until.reason };
    });
    const body = { id: bottle.id, place, at, ...(spot ? { spot } : {}) };
    enqueue(dispatch, { id: crypto.randomUUID(), kind: 'bottle-moved', body, about: bottle.drinkName });
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
    enqueue(dispatch, { id, kind: 'brew-made', body, about: draft.mine.name, quiet: true });
  };
