import { createListenerMiddleware, isAnyOf, type ThunkDispatch, type UnknownAction } from '@reduxjs/toolkit';
import type { BrewEvent } from '@wellhydra/core/brew';
import { failureOf } from '../../state/api';
import { brewsApi } from './brew-endpoints';
import {
  brewFilled,
  brewHappened,
  brewStarted,
  brewsReadAgain,
  progressArrived,
  runArrived,
  sendingFailed,
  waitingRefused,
  waitingSent,
  type Brews,
  type Waiting,
} from './brews';

interface StateWithBrews {
  readonly brews: Brews;
}
type GetState = () => StateWithBrews;
type Dispatch = ThunkDispatch<StateWithBrews, unknown, UnknownAction>;

/** While the server does not answer, it is asked again this often, ms. */
export const RETRY_AFTER_ms = 2000;
/** Answers after which sending again can help. */
const TEMPORARY = new Set(['offline', 'database-unavailable', 'too-many-requests', 'unexpected', 'not-signed-in']);
const MOST_EVENTS = 100;

/** What goes out next: events of one brew that follow each other travel together. */
function nextOut(outbox: readonly Waiting[]): readonly Waiting[] {
  const [first] = outbox;
  if (!first || first.kind !== 'event') return first ? [first] : [];
  const end = outbox.findIndex(({ kind, brew }) => kind !== 'event' || brew !== first.brew);
  return outbox.slice(0, Math.min(MOST_EVENTS, end < 0 ? outbox.length : end));
}

async function send(batch: readonly Waiting[], dispatch: Dispatch) {
  const [first] = batch as readonly [Waiting];
  const { brew: id } = first;
  if (first.kind === 'start') {
    const { data, error } = await dispatch(brewsApi.endpoints.startRun.initiate({ id, ...first.body }));
    if (data) dispatch(runArrived(data));
    return error;
  }
  if (first.kind === 'finish') {
    const { error } = await dispatch(brewsApi.endpoints.finishRun.initiate({ id, ...first.body }));
    return error;
  }
  const events = batch.map(({ body }) => body as BrewEvent);
  const { data, error } = await dispatch(brewsApi.endpoints.postEvents.initiate({ id, events }));
  if (data) dispatch(progressArrived(data));
  return error;
}

let sending = false;
let retry: ReturnType<typeof setTimeout> | undefined;

/** Sends everything that waits, in order, until it is empty or nobody answers; then it tries again by itself. */
export async function emptyOutbox(getState: GetState, dispatch: Dispatch): Promise<void> {
  if (sending) return;
  sending = true;
  clearTimeout(retry);
  try {
    for (let batch = nextOut(getState().brews.outbox); batch.length > 0; batch = nextOut(getState().brews.outbox)) {
      const ids = batch.map(({ id }) => id);
      const error = await send(batch, dispatch);
      if (!error) {
        dispatch(waitingSent(ids));
        continue;
      }
      const { code, message } = failureOf(error);
      if (TEMPORARY.has(code)) {
        dispatch(sendingFailed({ signedOut: code === 'not-signed-in' }));
        retry = setTimeout(() => void emptyOutbox(getState, dispatch), RETRY_AFTER_ms);
        return;
      }
      dispatch(waitingRefused({ ids, message }));
    }
  } finally {
    sending = false;
  }
}

/** Sends what happens as it happens. */
export const outboxSync = createListenerMiddleware();

outboxSync.startListening({
  matcher: isAnyOf(brewStarted, brewHappened, brewFilled),
  effect: (_action, { getState, dispatch }) => emptyOutbox(getState as GetState, dispatch as Dispatch),
});

/** What another tab left unsent is sent here, in case that tab is gone by then. */
outboxSync.startListening({
  actionCreator: brewsReadAgain,
  effect: async (_action, { getState, dispatch, delay, cancelActiveListeners }) => {
    cancelActiveListeners();
    await delay(RETRY_AFTER_ms);
    await emptyOutbox(getState as GetState, dispatch as Dispatch);
  },
});
