import { sendDocument } from '../../state/sync/kitchen-document';
import { documentSender } from '../../state/sync/send-documents';
import {
  SHOPPING_ID,
  shoppingCollided,
  shoppingEdited,
  shoppingFailed,
  shoppingSaved,
  shoppingUnsent,
  type ShoppingDraft,
} from './shopping';
import { shoppingApi } from './shopping-endpoints';

interface StateWithShopping {
  readonly shopping: ShoppingDraft;
}
const { saveShopping, getShopping } = shoppingApi.endpoints;

/** Saves what is to be bought by itself, item by item beside what others ticked meanwhile. */
export const shoppingSync = documentSender<StateWithShopping>({
  edited: (action) => (shoppingEdited(action) ? SHOPPING_ID : undefined),
  arrived: (action) => (getShopping.matchFulfilled(action) ? SHOPPING_ID : undefined),
  unsent: ({ shopping }) => (shoppingUnsent(shopping) && shopping.stuck !== 'refused' ? [SHOPPING_ID] : []),
  sendOnce: (_id, getState, dispatch) =>
    sendDocument({
      draftNow: () => getState().shopping,
      unsent: shoppingUnsent,
      save: (expectedRevision, shopping) => dispatch(saveShopping.initiate({ expectedRevision, shopping })),
      fetch: () => dispatch(getShopping.initiate(undefined, { forceRefetch: true, subscribe: false })),
      saved: (record, sent) => void dispatch(shoppingSaved({ record, sent })),
      collided: (record) => void dispatch(shoppingCollided(record)),
      failed: (stuck, message) => void dispatch(shoppingFailed({ stuck, message })),
    }),
});
