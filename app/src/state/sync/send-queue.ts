import {
  createListenerMiddleware,
  isAnyOf,
  type ListenerEffectAPI,
  type ThunkDispatch,
  type UnknownAction,
} from '@reduxjs/toolkit';
import { failureOf } from '../api';
import { noticeRaised } from '../notices';
import { ownerEntered, rowsWrittenElsewhere } from './owner';
import {
  enqueued,
  entriesPutBack,
  entriesSent,
  entriesSetAside,
  sendingTroubled,
  type Entry,
  type Queue,
} from './queue';
import { outcomeOf, type Trouble } from './trouble';

export interface StateWithQueue {
  readonly queue: Queue;
}
export type SendDispatch = ThunkDispatch<unknown, unknown, UnknownAction>;

/** How a kind of entry is sent. */
export interface Sender {
  /** So many that follow each other travel together. */
  readonly together?: number;
  /** Goes out when everything that was done before it has, whatever that was done to. */
  readonly afterAll?: boolean;
  /** Sends entries of one lane; resolves with the error, if there is one. */
  readonly send: (entries: readonly Entry[], dispatch: SendDispatch) => Promise<unknown>;
}

/** A sender of entries one by one, each by its body. */
export const oneByOne = <Body>(
  send: (body: Body, dispatch: SendDispatch) => Promise<{ readonly error?: unknown }>,
): Sender => ({
  send: async ([entry], dispatch) => (await send((entry as Entry).body as Body, dispatch)).error,
});

/** While nothing can be sent it is tried again this often, ms. */
export const RETRY_AFTER_ms = 2000;
/** What the server has failed on this often would hold up its lane for ever: it is set aside. */
const MOST_FAILURES = 5;

/** How each kind of entry is sent, by kind. */
export type Senders = Readonly<Record<string, Sender>>;
let arrived: (senders: Senders) => void;
/** They are no part of the first load: until they are here, everything waits. */
const arrival = new Promise<Senders>((resolve) => (arrived = resolve));
/** Says how everything is sent. */
export const sendWith = (senders: Senders): void => arrived(senders);

/** Sends what waits, a lane beside the other, each in order. */
export function queueSender() {
  let senders: Senders = {};
  const busy = new Set<string>();
  const failures = new Map<string, number>();
  let retry: ReturnType<typeof setTimeout> | undefined;

  /** What of a lane goes out next. */
  const nextOf = (entries: readonly Entry[], lane: string): readonly Entry[] => {
    const own = entries.filter((entry) => entry.lane === lane);
    const [first] = own;
    if (!first) return [];
    if (senders[first.kind]?.afterAll && entries.some(({ made }) => made < first.made)) return [];
    const end = own.findIndex(({ kind }) => kind !== first.kind);
    return own.slice(0, Math.min(senders[first.kind]?.together ?? 1, end < 0 ? own.length : end));
  };

  async function sendNext(
    batch: readonly Entry[],
    getState: () => StateWithQueue,
    dispatch: SendDispatch,
  ): Promise<Trouble | undefined> {
    const ids = batch.map(({ id }) => id);
    const sender = senders[batch[0]!.kind];
    const setAside = (which: readonly string[], message: string): undefined => {
      dispatch(entriesSetAside({ ids: which, message }));
      const { about, quiet } = batch[0]!;
      if (!quiet) dispatch(noticeRaised({ text: [about, message].filter(Boolean).join(': '), grave: true }));
    };
    if (!sender) return setAside(ids, 'This version of the application cannot send it.');
    const error = await sender.send(batch, dispatch);
    if (!error) {
      const { entries } = getState().queue;
      // Taken back while it was under way: it is stored, and whoever did it has to know.
      const late = batch.filter(({ id }) => !entries.some((entry) => entry.id === id));
      for (const { about } of late)
        dispatch(
          noticeRaised({ text: [about, 'That had been sent already.'].filter(Boolean).join(': '), grave: true }),
        );
      dispatch(entriesSent(ids));
      return undefined;
    }
    const failure = failureOf(error);
    const outcome = outcomeOf(failure);
    if (outcome.kind !== 'wait') return setAside(ids, failure.message);
    if (!outcome.perhapsItsOwn) return outcome.trouble;
    const [first] = ids as [string];
    const count = (failures.get(first) ?? 0) + 1;
    failures.set(first, count);
    if (count < MOST_FAILURES) return outcome.trouble;
    // Poison: one alone, so that what travelled with it has its own chance.
    return setAside([first], `The server failed on it ${count} times. ${failure.message}`);
  }

  async function sendLane(
    lane: string,
    getState: () => StateWithQueue,
    dispatch: SendDispatch,
  ): Promise<Trouble | undefined> {
    if (busy.has(lane)) return undefined;
    busy.add(lane);
    try {
      for (let batch = nextOf(getState().queue.entries, lane); batch.length > 0;) {
        const trouble = await sendNext(batch, getState, dispatch);
        if (trouble) return trouble;
        batch = nextOf(getState().queue.entries, lane);
      }
      return undefined;
    } finally {
      busy.delete(lane);
    }
  }

  /** Sends everything that waits until it is gone or in trouble; then it tries again by itself. */
  async function sendAll(getState: () => StateWithQueue, dispatch: SendDispatch): Promise<void> {
    clearTimeout(retry);
    senders = await arrival;
    const sendLanes = async () => {
      const lanes = [...new Set(getState().queue.entries.map(({ lane }) => lane))];
      return Promise.all(lanes.map((lane) => sendLane(lane, getState, dispatch)));
    };
    const inTrouble = (troubles: readonly (Trouble | undefined)[]) => troubles.find((each) => each !== undefined);
    // What had to wait for other lanes goes out once those are empty.
    const trouble = inTrouble(await sendLanes()) ?? inTrouble(await sendLanes());
    if (!trouble) return;
    dispatch(sendingTroubled(trouble));
    clearTimeout(retry);
    retry = setTimeout(() => void sendAll(getState, dispatch), RETRY_AFTER_ms);
  }

  const listener = createListenerMiddleware();
  type Api = Pick<ListenerEffectAPI<unknown, SendDispatch>, 'getState' | 'dispatch'>;
  const sendNow = ({ getState, dispatch }: Api) => sendAll(getState as () => StateWithQueue, dispatch as SendDispatch);
  listener.startListening({
    matcher: isAnyOf(enqueued, entriesPutBack, ownerEntered),
    effect: (_action, api) => sendNow(api as unknown as Api),
  });
  // What another tab left unsent is sent here, in case that tab is gone by then.
  listener.startListening({
    actionCreator: rowsWrittenElsewhere,
    effect: async ({ payload }, api) => {
      if (payload.shelf !== 'queue' || payload.rows.length === 0) return;
      api.cancelActiveListeners();
      await api.delay(RETRY_AFTER_ms);
      await sendNow(api as unknown as Api);
    },
  });
  return { middleware: listener.middleware, sendAll };
}
