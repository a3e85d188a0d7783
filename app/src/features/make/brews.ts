import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import type { BrewProgress, BrewRun, FinishBrew, StartBrew, StoredEvent } from '@wellhydra/contract';
import type { BrewEvent } from '@wellhydra/core/brew';
import { readDurable, writeDurable } from '../../state/durable';
import { withChanges } from '../../state/shared-list';
import { brewsApi } from './brew-endpoints';

/** A brew as this device knows it. */
export interface DeviceBrew extends Omit<StartBrew, 'startedAt'> {
  readonly id: string;
  readonly startedAt: string;
  /** Its batch number; empty until the server has given one. */
  readonly batch: string;
  /** What the server has numbered, in that order. */
  readonly known: readonly StoredEvent[];
}

/** Something that is still to be sent; they go out one after the other. */
export type Waiting =
  | { readonly id: string; readonly brew: string; readonly kind: 'start'; readonly body: StartBrew }
  | { readonly id: string; readonly brew: string; readonly kind: 'event'; readonly body: BrewEvent }
  | { readonly id: string; readonly brew: string; readonly kind: 'finish'; readonly body: FinishBrew };

/** What the server would not take, why, and of which drink: the brew itself may be gone by then. */
export interface Refused {
  readonly waiting: Waiting;
  readonly message: string;
  readonly drink: string;
}

export interface Brews {
  readonly byId: Readonly<Record<string, DeviceBrew>>;
  readonly outbox: readonly Waiting[];
  /** Kept until somebody has seen it. */
  readonly refused: readonly Refused[];
  /** True while sending failed for want of an answer. */
  readonly unreachable: boolean;
  /** True while the server answers that nobody is signed in here. */
  readonly signedOut?: boolean;
  /** The brew that is on the screen of this tab. */
  readonly open?: string | undefined;
}

export const BREWS_KEY = 'wellhydra.brews';
const NONE: Brews = { byId: {}, outbox: [], refused: [], unreachable: false };

const storedBrews = (): Brews => ({ ...NONE, ...readDurable<Brews>(BREWS_KEY) });

const withKnown = (brew: DeviceBrew, events: readonly StoredEvent[]): DeviceBrew => {
  const last = brew.known.at(-1)?.number ?? 0;
  const fresh = events.filter(({ number }) => number > last);
  return fresh.length > 0 ? { ...brew, known: [...brew.known, ...fresh] } : brew;
};

/** A brew as the server tells it, with what this device knew of it already; the same one where nothing is new. */
function arrived(state: Brews, { id, batch, events, ...rest }: BrewRun): Brews {
  const { drinkId, drinkRevision, cook, startedAt, recipe } = rest;
  const before = state.byId[id] ?? { id, batch, drinkId, drinkRevision, cook, startedAt, recipe, known: [] };
  const after = withKnown(before.batch === batch ? before : { ...before, batch }, events);
  return after === state.byId[id] ? state : { ...state, byId: { ...state.byId, [id]: after } };
}

/** Everything that is under way; what this device knew and the server does not list any more is over. */
function allArrived(state: Brews, runs: readonly BrewRun[]): Brews {
  const listed = new Set(runs.map(({ id }) => id));
  const busy = new Set([...state.outbox.map(({ brew }) => brew), state.open]);
  const over = Object.keys(state.byId).filter((id) => !listed.has(id) && !busy.has(id));
  const kept = Object.fromEntries(Object.entries(state.byId).filter(([id]) => !over.includes(id)));
  return runs.reduce(arrived, over.length === 0 ? state : { ...state, byId: kept });
}

const slice = createSlice({
  name: 'brews',
  initialState: storedBrews,
  reducers: {
    brewStarted: (state, { payload: { id, start } }: PayloadAction<{ id: string; start: StartBrew }>) => ({
      ...state,
      byId: { ...state.byId, [id]: { id, ...start, batch: '', known: [] } },
      outbox: [...state.outbox, { id, brew: id, kind: 'start' as const, body: start }],
    }),
    brewHappened: (state, { payload: { brew, event } }: PayloadAction<{ brew: string; event: BrewEvent }>) => ({
      ...state,
      outbox: [...state.outbox, { id: event.id, brew, kind: 'event' as const, body: event }],
    }),
    brewFilled: (state, { payload: { brew, finish } }: PayloadAction<{ brew: string; finish: FinishBrew }>) => ({
      ...state,
      outbox: [...state.outbox, { id: finish.eventId, brew, kind: 'finish' as const, body: finish }],
    }),
    runArrived: (state, { payload }: PayloadAction<BrewRun>) => arrived(state, payload),
    progressArrived: (state, { payload: { id, batch, events } }: PayloadAction<BrewProgress>) => {
      const brew = state.byId[id];
      return brew ? { ...state, byId: { ...state.byId, [id]: withKnown({ ...brew, batch }, events) } } : state;
    },
    waitingSent: (state, { payload }: PayloadAction<readonly string[]>) => ({
      ...state,
      unreachable: false,
      signedOut: false,
      outbox: state.outbox.filter(({ id }) => !payload.includes(id)),
    }),
    sendingFailed: (state, { payload: { signedOut } }: PayloadAction<{ readonly signedOut: boolean }>) =>
      state.unreachable && state.signedOut === signedOut ? state : { ...state, unreachable: true, signedOut },
    waitingRefused: (
      state,
      { payload: { ids, message } }: PayloadAction<{ ids: readonly string[]; message: string }>,
    ) => ({
      ...state,
      unreachable: false,
      signedOut: false,
      outbox: state.outbox.filter(({ id }) => !ids.includes(id)),
      refused: [
        ...state.refused,
        ...state.outbox
          .filter(({ id }) => ids.includes(id))
          .map((waiting): Refused => ({
            waiting,
            message,
            drink: state.byId[waiting.brew]?.recipe.document.name ?? '',
          })),
      ],
    }),
    refusalSeen: (state, { payload }: PayloadAction<string>) => ({
      ...state,
      refused: state.refused.filter(({ waiting }) => waiting.id !== payload),
    }),
    brewOpened: (state, { payload }: PayloadAction<string | undefined>) => ({ ...state, open: payload }),
    /** Another tab of this device has written what it did. */
    brewsReadAgain: ({ unreachable, signedOut = false, open }) => ({ ...storedBrews(), unreachable, signedOut, open }),
    /** Somebody else signs in here. */
    brewsCleared: () => NONE,
  },
  extraReducers: (builder) => {
    // Each answer, and not each that differs: what was kept because it was still to be sent goes with a later one.
    builder.addMatcher(brewsApi.endpoints.listRuns.matchFulfilled, (state, { payload }) =>
      allArrived(state as Brews, payload.brews),
    );
  },
});

export const {
  brewStarted,
  brewHappened,
  brewFilled,
  runArrived,
  progressArrived,
  waitingSent,
  sendingFailed,
  waitingRefused,
  refusalSeen,
  brewOpened,
  brewsReadAgain,
  brewsCleared,
} = slice.actions;
export const brewsReducer = slice.reducer;

/**
 * Writes what this tab has changed of the brews, and of what is to be sent, where a reload, another tab, or a day
 * without a server finds it.
 */
export function keepBrewsDurable(before: Brews, after: Brews): void {
  const stored = storedBrews();
  const list = <Item>(of: (brews: Brews) => readonly Item[], idOf: (item: Item) => string) =>
    withChanges(of(stored), { before: of(before), after: of(after), idOf });
  const brews = list<DeviceBrew>(
    ({ byId }) => Object.values(byId),
    ({ id }) => id,
  );
  const outbox = list<Waiting>(
    (each) => each.outbox,
    ({ id }) => id,
  );
  const refused = list<Refused>(
    (each) => each.refused,
    ({ waiting }) => waiting.id,
  );
  const byId = Object.fromEntries(brews.map((brew) => [brew.id, withKnown(brew, stored.byId[brew.id]?.known ?? [])]));
  const empty = brews.length === 0 && outbox.length === 0 && refused.length === 0;
  writeDurable(BREWS_KEY, empty ? undefined : { byId, outbox, refused, unreachable: after.unreachable });
}

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
