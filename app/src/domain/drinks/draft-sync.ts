import { failureOf } from '../../state/api';
import { documentSender, type DocumentDispatch, type Try } from '../../state/sync/send-documents';
import { outcomeOf } from '../../state/sync/trouble';
import { drinksApi } from './drink-endpoints';
import { drinkCollided, drinkEdited, drinkSaved, drinkStarted, saveFailed, type Drafts } from './drafts';

/** Who goes on typing is saved this often all the same, ms. */
const SAVE_AT_LATEST_ms = 3000;

interface StateWithDrafts {
  readonly drafts: Drafts;
}

async function sendOnce(id: string, getState: () => StateWithDrafts, dispatch: DocumentDispatch): Promise<Try> {
  const draft = getState().drafts[id];
  if (!draft?.unsent) return 'done';
  const { saveDrink, getDrink } = drinksApi.endpoints;
  const saving = { id, expectedRevision: draft.revision, document: draft.mine };
  const { data, error } = await dispatch(saveDrink.initiate(saving));
  if (data) {
    dispatch(drinkSaved(data));
    return getState().drafts[id]?.unsent ? 'again' : 'done';
  }
  const outcome = outcomeOf(failureOf(error));
  if (outcome.kind === 'merge') {
    const now = await dispatch(getDrink.initiate(id, { forceRefetch: true, subscribe: false }));
    if (!now.data) return 'wait';
    dispatch(drinkCollided(now.data));
    return 'again';
  }
  const waits = outcome.kind === 'wait';
  dispatch(saveFailed({ id, stuck: waits ? outcome.trouble : 'refused' }));
  return waits ? 'wait' : 'refused';
}

/** Saves drinks by themselves, a moment after the last key, merged with what others saved meanwhile. */
export const draftSync = documentSender<StateWithDrafts>({
  edited: (action) => (drinkEdited.match(action) || drinkStarted.match(action) ? action.payload.id : undefined),
  unsent: ({ drafts }) =>
    Object.values(drafts).flatMap(({ id, unsent, stuck }) => (unsent && stuck !== 'refused' ? [id] : [])),
  sendOnce,
  atLatest_ms: SAVE_AT_LATEST_ms,
});
