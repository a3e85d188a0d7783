import { createSelector, createSlice, type PayloadAction } from '@reduxjs/toolkit';
import type { BrewProgress, BrewRun, FinishBrew, StartBrew, StoredEvent } from '@wellhydra/contract';
import type { BrewEvent } from '@wellhydra/core/brew';
import { ownerEntered, ownerLeft, rowsWrittenElsewhere, withRows } from '../../state/sync/owner';
import { enqueued, type Entry, type Queue } from '../../state/sync/queue';

/** A brew as this device knows it. */
export interface DeviceBrew extends Omit<StartBrew, 'startedAt'> {
  readonly id: string;
  readonly startedAt: string;
  /** Its batch number; empty until the server has given one. */
  readonly batch: string;
  /** What the server has numbered, in that order. */
  readonly known: readonly StoredEvent[];
}

/** Something of a brew that is still to be sent; they go out one after the other. */
export type Waiting = { readonly id: string; readonly brew: string } & (
  | { readonly kind: 'start'; readonly body: StartBrew }
  | { readonly kind: 'event'; readonly body: BrewEvent }
  | { readonly kind: 'finish'; readonly body: FinishBrew }
);

export interface BrewsOnDevice {
  readonly byId: Readonly<Record<string, DeviceBrew>>;
  /** The brew that is on the screen of this tab. */
  readonly open?: string | undefined;
}

/** Brews with what of them is still to be sent. */
export interface Brews {
  readonly byId: BrewsOnDevice['byId'];
  readonly outbox: readonly Waiting[];
}

const NONE: BrewsOnDevice = { byId: {} };
const byIdOf = (brews: readonly DeviceBrew[]) => Object.fromEntries(brews.map((brew) => [brew.id, brew]));

const withKnown = (brew: DeviceBrew, events: readonly StoredEvent[]): DeviceBrew => {
  const last = brew.known.at(-1)?.number ?? 0;
  const fresh = events.filter(({ number }) => number > last);
  return fresh.length > 0 ? { ...brew, known: [...brew.known, ...fresh] } : brew;
};

/** A brew as the server tells it, with what this device knew of it already; the same one where nothing is new. */
function arrived(state: BrewsOnDevice, { id, batch, events, ...rest }: BrewRun): BrewsOnDevice {
  const { drinkId, drinkRevision, cook, startedAt, recipe } = rest;
  const before = state.byId[id] ?? { id, batch, drinkId, drinkRevision, cook, startedAt, recipe, known: [] };
  const after = withKnown(before.batch === batch ? before : { ...before, batch }, events);
  return after === state.byId[id] ? state : { ...state, byId: { ...state.byId, [id]: after } };
}

/** Everything that is under way; what this device knew and the server does not list any more is over. */
function allArrived(state: BrewsOnDevice, runs: readonly BrewRun[], waiting: readonly string[]): BrewsOnDevice {
  const listed = new Set(runs.map(({ id }) => id));
  const busy = new Set([...waiting, state.open]);
  const over = Object.keys(state.byId).filter((id) => !listed.has(id) && !busy.has(id));
  const kept = Object.fromEntries(Object.entries(state.byId).filter(([id]) => !over.includes(id)));
  return runs.reduce(arrived, over.length === 0 ? state : { ...state, byId: kept });
}

const slice = createSlice({
  name: 'brews',
  initialState: NONE,
  reducers: {
    brewBegun: (state, { payload: { id, start } }: PayloadAction<{ id: string; start: StartBrew }>) => ({
      ...state,
      byId: { ...state.byId, [id]: { id, ...start, batch: '', known: [] } },
    }),
    runArrived: (state, { payload }: PayloadAction<BrewRun>) => arrived(state, payload),
    /** The server has listed what is under way; `waiting` are brews of which something is still to be sent to it. */
    runsArrived: (
      state,
      { payload: { runs, waiting } }: PayloadAction<{ runs: readonly BrewRun[]; waiting: readonly string[] }>,
    ) => allArrived(state, runs, waiting),
    progressArrived: (state, { payload: { id, batch, events } }: PayloadAction<BrewProgress>) => {
      const brew = state.byId[id];
      return brew ? { ...state, byId: { ...state.byId, [id]: withKnown({ ...brew, batch }, events) } } : state;
    },
    /** It was begun here and is not to have been: nothing of it was sent. */
    brewForgotten: (state, { payload: id }: PayloadAction<string>) => {
      const { [id]: _gone, ...byId } = state.byId;
      return { ...state, byId };
    },
    brewOpened: (state, { payload }: PayloadAction<string | undefined>) => ({ ...state, open: payload }),
  },
  extraReducers: (builder) =>
    builder
      .addCase(ownerEntered, ({ open }, { payload: { rows } }) => ({
        byId: byIdOf(rows.brews as readonly DeviceBrew[]),
        open,
      }))
      .addCase(ownerLeft, () => NONE)
      .addCase(rowsWrittenElsewhere, (state, { payload }) => {
        if (payload.shelf !== 'brews') return state;
        const rows = payload.rows.map((row) => {
          const own = state.byId[row.id];
          return own ? withKnown(row as DeviceBrew, own.known) : row;
        });
        return { ...state, byId: byIdOf(withRows(Object.values(state.byId), { ...payload, rows })) };
      }),
});

export const { brewBegun, runArrived, runsArrived, progressArrived, brewForgotten, brewOpened } = slice.actions;
export const brewsReducer = slice.reducer;

const laneOf = (brew: string): string => `brew:${brew}`;

interface StateWithBrews {
  readonly brews: BrewsOnDevice;
  readonly queue: Queue;
}
type Thunk = (dispatch: (action: never) => unknown, getState: () => StateWithBrews) => void;

const enqueue =
  (entry: Omit<Entry, 'made' | 'lane' | 'about'>, brew: string): Thunk =>
  (dispatch, getState) => {
    const about = getState().brews.byId[brew]?.recipe.document.name ?? '';
    dispatch(enqueued({ ...entry, lane: laneOf(brew), about }) as never);
  };

/** Begins a brew here, and sends that it has begun. */
export const brewStarted =
  ({ id, start }: { readonly id: string; readonly start: StartBrew }): Thunk =>
  (dispatch, getState) => {
    dispatch(brewBegun({ id, start }) as never);
    enqueue({ id, kind: 'brew-start', body: { brew: id, start } }, id)(dispatch, getState);
  };
export const brewHappened = ({ brew, event }: { readonly brew: string; readonly event: BrewEvent }): Thunk =>
  enqueue({ id: event.id, kind: 'brew-event', body: { brew, event } }, brew);
export const brewFilled = ({ brew, finish }: { readonly brew: string; readonly finish: FinishBrew }): Thunk =>
  enqueue({ id: finish.eventId, kind: 'brew-finish', body: { brew, finish } }, brew);

/** What an entry of the queue says of a brew; undefined where it is about something else. */
export function waitingOf({ id, kind, body }: Entry): Waiting | undefined {
  const of = body as { brew: string; start: StartBrew; event: BrewEvent; finish: FinishBrew };
  if (kind === 'brew-start') return { id, brew: of.brew, kind: 'start', body: of.start };
  if (kind === 'brew-event') return { id, brew: of.brew, kind: 'event', body: of.event };
  return kind === 'brew-finish' ? { id, brew: of.brew, kind: 'finish', body: of.finish } : undefined;
}

/** Brews, and what of them waits. */
export const selectBrews: (state: StateWithBrews) => Brews = createSelector(
  [({ brews }: StateWithBrews) => brews.byId, ({ queue }: StateWithBrews) => queue.entries],
  (byId, entries) => ({ byId, outbox: entries.flatMap((entry) => waitingOf(entry) ?? []) }),
);

/** What happened to a brew: numbered by the server, then what is still on its way. */
export function eventsOf({ byId, outbox }: Brews, id: string): readonly BrewEvent[] {
  const known = byId[id]?.known ?? [];
  const seen = new Set(known.map((event) => event.id));
  const waiting = outbox.flatMap((each): BrewEvent[] => {
    if (each.brew !== id || seen.has(each.id) || each.kind === 'start') return [];
    return each.kind === 'event' ? [each.body] : [{ kind: 'finished', id: each.id, at: each.body.madeAt }];
  });
  return [...known, ...waiting];
}
