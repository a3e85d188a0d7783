import { createListenerMiddleware, type ThunkDispatch, type UnknownAction } from '@reduxjs/toolkit';
import { failureOf } from '../api';
import { ownerEntered, rowsWrittenElsewhere } from './owner';
import { outcomeOf, type Trouble } from './trouble';

export type DocumentDispatch = ThunkDispatch<unknown, unknown, UnknownAction>;

/** Typing pauses this long before it is sent, ms. */
export const SAVE_AFTER_ms = 450;
/** While it cannot be sent, it is tried again this often, ms. */
export const RETRY_AFTER_ms = 3000;
const MOST_MERGES = 5;
/** What another tab has typed is sent here only when that tab has not done it by then, ms. */
const FOR_ANOTHER_TAB_ms = 8000;

/** How a try went: nothing is left, more was typed or merged meanwhile, it has to wait, or it is refused as it is. */
export type Try = 'done' | 'again' | 'wait' | 'refused';

interface Revised {
  readonly revision: number;
}

/** One document on its way to the server. */
export interface Sending<Stored extends Revised> {
  /** Asks the server to store it. */
  readonly save: () => Promise<{ readonly data?: Stored; readonly error?: unknown }>;
  /** It is stored; whether more was typed meanwhile. */
  readonly saved: (stored: Stored) => boolean;
  /** What is stored now, asked for anew. */
  readonly fetch: () => Promise<{ readonly data?: Stored }>;
  /** Somebody else was first: merged with theirs. */
  readonly collided: (stored: Stored) => void;
  /** It could not be stored: it waits, or is refused as it is. */
  readonly failed: (stuck: Trouble | 'refused', message: string) => void;
}

/** Sends a document once, and says how it went. An older revision is merged, never sent over a newer one. */
export async function sendOrMerge<Stored extends Revised>({
  save,
  saved,
  fetch,
  collided,
  failed,
}: Sending<Stored>): Promise<Try> {
  const { data, error } = await save();
  if (data) return saved(data) ? 'again' : 'done';
  const failure = failureOf(error);
  const outcome = outcomeOf(failure);
  if (outcome.kind === 'merge') {
    const { revision = 0 } = (failure.details ?? {}) as Partial<Revised>;
    // One that was asked for before may be answered in its place, with what was there before the other's save.
    let now = await fetch();
    if (now.data && now.data.revision < revision) now = await fetch();
    if (!now.data) return 'wait';
    collided(now.data);
    return 'again';
  }
  const waits = outcome.kind === 'wait';
  failed(waits ? outcome.trouble : 'refused', failure.message);
  return waits ? 'wait' : 'refused';
}

/** A kind of document that people edit here: stored as a whole, merged with what others saved meanwhile. */
export interface DocumentKind<State> {
  /** Whether an action has changed documents of this kind, and which. */
  readonly edited: (action: UnknownAction) => string | undefined;
  /** Which document an action brings as it is stored now; where something is typed, the two are merged. */
  readonly arrived?: (action: UnknownAction) => string | undefined;
  /** Who goes on typing is saved this often all the same, ms; where it is left out, only when the keys pause. */
  readonly atLatest_ms?: number;
  /** Those that have something the server has not, and can be sent. */
  readonly unsent: (state: State) => readonly string[];
  /** Sends one once; what comes of it is told to the store. */
  readonly sendOnce: (id: string, getState: () => State, dispatch: DocumentDispatch) => Promise<Try>;
}

/** Saves documents of one kind by themselves, a moment after the last key. */
export function documentSender<State>({
  edited,
  arrived = () => undefined,
  unsent,
  sendOnce,
  atLatest_ms = Infinity,
}: DocumentKind<State>) {
  /** On their way right now: one request each, so that revisions follow one another. */
  const sending = new Set<string>();

  async function send(id: string, getState: () => State, dispatch: DocumentDispatch): Promise<void> {
    if (sending.has(id)) return;
    sending.add(id);
    let outcome: Try = 'again';
    try {
      for (let round = 0; round < MOST_MERGES && outcome === 'again'; round += 1)
        outcome = await sendOnce(id, getState, dispatch);
    } finally {
      sending.delete(id);
    }
    // Whatever came meanwhile, nothing that is unsent is forgotten: it is looked after once more.
    if (outcome !== 'refused')
      setTimeout(() => void (unsent(getState()).includes(id) && send(id, getState, dispatch)), RETRY_AFTER_ms);
  }

  /** Sends every document that a reload or a dead network left behind. */
  const sendAll = (getState: () => State, dispatch: DocumentDispatch): void => {
    for (const id of unsent(getState())) void send(id, getState, dispatch);
  };

  const listener = createListenerMiddleware();
  const typing = new Map<string, { readonly since_ms: number; readonly newest: symbol }>();
  listener.startListening({
    predicate: (action) => edited(action as UnknownAction) !== undefined,
    effect: async (action, { delay, getState, dispatch }) => {
      const id = edited(action as UnknownAction) as string;
      const newest = Symbol(id);
      typing.set(id, { since_ms: typing.get(id)?.since_ms ?? Date.now(), newest });
      await delay(SAVE_AFTER_ms);
      const now = typing.get(id);
      if (!now || (now.newest !== newest && Date.now() - now.since_ms < atLatest_ms)) return;
      typing.delete(id);
      void send(id, getState as () => State, dispatch as DocumentDispatch);
    },
  });
  // What was refused is another one once something of somebody else is in it. All else is on its way already, here or
  // in the tab that it is typed in.
  listener.startListening({
    predicate: (action, now, before) => {
      const id = arrived(action as UnknownAction);
      return id !== undefined && unsent(now as State).includes(id) && !unsent(before as State).includes(id);
    },
    effect: (action, { getState, dispatch }) =>
      send(arrived(action as UnknownAction) as string, getState as () => State, dispatch as DocumentDispatch),
  });
  listener.startListening({
    actionCreator: ownerEntered,
    effect: (_action, { getState, dispatch }) => sendAll(getState as () => State, dispatch as DocumentDispatch),
  });
  listener.startListening({
    actionCreator: rowsWrittenElsewhere,
    effect: async (_action, { getState, dispatch, delay, cancelActiveListeners }) => {
      cancelActiveListeners();
      await delay(FOR_ANOTHER_TAB_ms);
      sendAll(getState as () => State, dispatch as DocumentDispatch);
    },
  });
  return { middleware: listener.middleware, sendAll };
}
