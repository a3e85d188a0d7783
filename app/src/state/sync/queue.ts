import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import { ownerEntered, ownerLeft, rowsWrittenElsewhere, withRows } from './owner';
import type { Trouble } from './trouble';

/** Something that was done here and is to be sent: once, after what was done before it to the same thing. */
export interface Entry {
  readonly id: string;
  /** What it is done to; entries of one lane go out one after the other, and hold up no other lane. */
  readonly lane: string;
  /** Names its sender. */
  readonly kind: string;
  readonly body: unknown;
  /** The drink it is about, for people. */
  readonly about: string;
  /** Whoever has made it is told of a refusal where they stand, and not by a notice. */
  readonly quiet?: boolean;
  /** Entries of all tabs in the order in which they were made. */
  readonly made: number;
}

/** What the server would not take, and why: kept until somebody has read it. */
export interface Aside {
  readonly id: string;
  readonly entry: Entry;
  readonly message: string;
}

export interface Queue {
  readonly entries: readonly Entry[];
  readonly aside: readonly Aside[];
  /** Why entries wait, if they do. */
  readonly trouble: Trouble | null;
}

const NONE: Queue = { entries: [], aside: [], trouble: null };
const inOrder = (entries: readonly Entry[]): readonly Entry[] => [...entries].sort((a, b) => a.made - b.made);

/** Whether something can be taken out again before it is sent: in trouble nothing is on its way. */
export const canBeTakenOut = ({ entries, trouble }: Queue, id: string): boolean =>
  trouble !== null && entries.some((entry) => entry.id === id);

let lastMade = 0;
/** A moment that no other entry of this tab has, ms. */
function nextMade(): number {
  lastMade = Math.max(Date.now(), lastMade + 0.001);
  return lastMade;
}

const slice = createSlice({
  name: 'queue',
  initialState: NONE,
  reducers: {
    enqueued: {
      prepare: (entry: Omit<Entry, 'made'>) => ({ payload: { ...entry, made: nextMade() } }),
      reducer: (state, { payload }: PayloadAction<Entry>) =>
        state.entries.some(({ id }) => id === payload.id) ? state : { ...state, entries: [...state.entries, payload] },
    },
    entriesSent: (state, { payload }: PayloadAction<readonly string[]>) => ({
      ...state,
      entries: state.entries.filter(({ id }) => !payload.includes(id)),
      trouble: null,
    }),
    /** Whoever did it has thought better of it: it is not sent. */
    entriesTakenBack: (state, { payload }: PayloadAction<readonly string[]>) => ({
      ...state,
      entries: state.entries.filter(({ id }) => !payload.includes(id)),
    }),
    /** It is to be sent after all, where it was in the order. */
    entriesPutBack: (state, { payload }: PayloadAction<readonly Entry[]>) => ({
      ...state,
      entries: inOrder([
        ...state.entries,
        ...payload.filter(({ id }) => !state.entries.some((each) => each.id === id)),
      ]),
    }),
    entriesSetAside: (
      state,
      { payload: { ids, message } }: PayloadAction<{ readonly ids: readonly string[]; readonly message: string }>,
    ) => ({
      ...state,
      entries: state.entries.filter(({ id }) => !ids.includes(id)),
      aside: [
        ...state.aside,
        ...state.entries.filter(({ id }) => ids.includes(id)).map((entry) => ({ id: entry.id, entry, message })),
      ],
      trouble: null,
    }),
    asideRead: (state, { payload }: PayloadAction<string>) => ({
      ...state,
      aside: state.aside.filter(({ id }) => id !== payload),
    }),
    sendingTroubled: (state, { payload }: PayloadAction<Trouble>) =>
      state.trouble === payload ? state : { ...state, trouble: payload },
  },
  extraReducers: (builder) =>
    builder
      .addCase(ownerEntered, (_state, { payload: { rows } }): Queue => ({
        entries: inOrder(rows.queue as readonly Entry[]),
        aside: rows.aside as readonly Aside[],
        trouble: null,
      }))
      .addCase(ownerLeft, () => NONE)
      .addCase(rowsWrittenElsewhere, (state, { payload }): Queue => {
        if (payload.shelf === 'queue')
          return { ...state, entries: inOrder(withRows(state.entries as readonly Entry[], payload)) };
        if (payload.shelf === 'aside') return { ...state, aside: withRows(state.aside as readonly Aside[], payload) };
        return state as Queue;
      }),
});

export const { enqueued, entriesSent, entriesTakenBack, entriesPutBack, entriesSetAside, asideRead, sendingTroubled } =
  slice.actions;
export const queueReducer = slice.reducer;
