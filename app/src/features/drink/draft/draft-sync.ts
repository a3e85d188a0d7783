import { createListenerMiddleware, isAnyOf, type ThunkDispatch, type UnknownAction } from '@reduxjs/toolkit';
import type { DrinkRecord } from '@wellhydra/contract';
import { failureOf } from '../../../state/api';
import { drinksApi } from '../../drinks/drink-endpoints';
import { drinkCollided, drinkEdited, drinkSaved, drinkStarted, saveFailed, type Drafts } from './drafts';

/** Typing pauses this long before it is sent, ms. */
export const SAVE_AFTER_ms = 450;
/** Who goes on typing is saved this often all the same, ms. */
const SAVE_AT_LATEST_ms = 3000;
/** While the server does not answer, it is asked again this often, ms. */
export const RETRY_AFTER_ms = 3000;
const MOST_MERGES = 5;

interface StateWithDrafts {
  readonly drafts: Drafts;
}
type Dispatch = ThunkDispatch<StateWithDrafts, unknown, UnknownAction>;

/** Drinks on their way right now: one request each, so that revisions follow one another. */
const sending = new Set<string>();

async function sendOnce(
  id: string,
  getState: () => StateWithDrafts,
  dispatch: Dispatch,
): Promise<'done' | 'again' | 'stuck'> {
  const draft = getState().drafts[id];
  if (!draft?.unsent) return 'done';
  const result = await dispatch(
    drinksApi.endpoints.saveDrink.initiate({ id, expectedRevision: draft.revision, document: draft.mine }),
  );
  if (result.data) {
    dispatch(drinkSaved(result.data));
    return getState().drafts[id]?.unsent ? 'again' : 'done';
  }
  const { code, details } = failureOf(result.error);
  if (code === 'edited-elsewhere' && details) {
    dispatch(drinkCollided(details as DrinkRecord));
    return 'again';
  }
  const temporary =
    code === 'offline' ||
    code === 'database-unavailable' ||
    code === 'too-many-requests' ||
    code === 'unexpected' ||
    code === 'not-signed-in';
  dispatch(saveFailed({ id, stuck: temporary ? 'offline' : 'refused' }));
  return temporary ? 'stuck' : 'done';
}

/** Sends what is unsent of a drink, merging with what others saved meanwhile, until nothing is. */
export async function sendDraft(id: string, getState: () => StateWithDrafts, dispatch: Dispatch): Promise<void> {
  if (sending.has(id)) return;
  sending.add(id);
  let outcome: 'done' | 'again' | 'stuck' = 'again';
  try {
    for (let round = 0; round < MOST_MERGES && outcome === 'again'; round += 1)
      outcome = await sendOnce(id, getState, dispatch);
  } finally {
    sending.delete(id);
  }
  if (outcome !== 'done') setTimeout(() => void sendDraft(id, getState, dispatch), RETRY_AFTER_ms);
}

/** Sends every draft that a reload or a dead network left behind. */
export function sendLeftBehind(getState: () => StateWithDrafts, dispatch: Dispatch): void {
  for (const [id, { unsent, stuck }] of Object.entries(getState().drafts))
    if (unsent && stuck !== 'refused') void sendDraft(id, getState, dispatch);
}

/** Saves drinks by themselves, a moment after the last key. */
export const draftSync = createListenerMiddleware();

interface Typing {
  readonly since_ms: number;
  readonly newest: symbol;
}
const typing = new Map<string, Typing>();

draftSync.startListening({
  matcher: isAnyOf(drinkEdited, drinkStarted),
  effect: async (action, listener) => {
    const { id } = (action as ReturnType<typeof drinkEdited>).payload;
    const newest = Symbol(id);
    typing.set(id, { since_ms: typing.get(id)?.since_ms ?? Date.now(), newest });
    await listener.delay(SAVE_AFTER_ms);
    const now = typing.get(id);
    if (!now || (now.newest !== newest && Date.now() - now.since_ms < SAVE_AT_LATEST_ms)) return;
    typing.delete(id);
    void sendDraft(id, listener.getState as () => StateWithDrafts, listener.dispatch as Dispatch);
  },
});
