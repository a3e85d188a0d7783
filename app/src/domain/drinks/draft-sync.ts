import { documentSender, sendOrMerge, type DocumentDispatch, type Try } from '../../state/sync/send-documents';
import { drinksApi } from './drink-endpoints';
import { drinkArrived, drinkCollided, drinkEdited, drinkSaved, drinkStarted, saveFailed, type Drafts } from './drafts';

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
  return sendOrMerge({
    save: () => dispatch(saveDrink.initiate(saving)),
    saved: (stored) => {
      dispatch(drinkSaved(stored));
      return getState().drafts[id]?.unsent ?? false;
    },
    fetch: () => dispatch(getDrink.initiate(id, { forceRefetch: true, subscribe: false })),
    collided: (stored) => void dispatch(drinkCollided(stored)),
    failed: (stuck) => void dispatch(saveFailed({ id, stuck })),
  });
}

/** Saves drinks by themselves, a moment after the last key, merged with what others saved meanwhile. */
export const draftSync = documentSender<StateWithDrafts>({
  edited: (action) => (drinkEdited.match(action) || drinkStarted.match(action) ? action.payload.id : undefined),
  arrived: (action) => (drinkArrived.match(action) ? action.payload.id : undefined),
  unsent: ({ drafts }) =>
    Object.values(drafts).flatMap(({ id, unsent, stuck }) => (unsent && stuck !== 'refused' ? [id] : [])),
  sendOnce,
  atLatest_ms: SAVE_AT_LATEST_ms,
});
