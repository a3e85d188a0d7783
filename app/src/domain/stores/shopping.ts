import type { ShoppingRecord } from '@wellhydra/contract';
import { MOST_TO_BUY, NOTHING_TO_BUY, type ShoppingItem, type ShoppingList } from '@wellhydra/core/shopping';
import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import { hearDocument, keptRow, kitchenDocument, type KitchenDocument } from '../../state/sync/kitchen-document';
import { shoppingApi } from './shopping-endpoints';

export const SHOPPING_ID = 'shopping';
/** What is to be bought as it is edited here, and what of it is stored. */
export type ShoppingDraft = KitchenDocument<ShoppingList>;
const document = kitchenDocument<ShoppingList>(SHOPPING_ID, NOTHING_TO_BUY);
const { nothing: NOTHING, edited } = document;
const stored = ({ revision, shopping }: ShoppingRecord) => ({ revision, content: shopping });
export const shoppingUnsent = document.unsent;
export const shoppingOfTabs = document.withOther;

/** A list with more on it; what was bought longest ago makes room. */
function withItems(items: ShoppingList['items'], more: ShoppingList['items']): ShoppingList['items'] {
  const all = Object.entries({ ...items, ...more });
  const order = ([, { ticked }]: (typeof all)[number]) => ticked ?? '9999';
  return Object.fromEntries([...all].sort((a, b) => order(b).localeCompare(order(a))).slice(0, MOST_TO_BUY));
}

const slice = createSlice({
  name: 'shopping',
  initialState: NOTHING,
  reducers: {
    /** Put on the list, or as they say now. */
    itemsSaved: (state, { payload }: PayloadAction<Readonly<Record<string, ShoppingItem>>>) =>
      edited(state as ShoppingDraft, { items: withItems(state.mine.items, payload) }),
    itemsRemoved: (state, { payload: ids }: PayloadAction<readonly string[]>) =>
      edited(state as ShoppingDraft, {
        items: Object.fromEntries(Object.entries(state.mine.items).filter(([id]) => !ids.includes(id))),
      }),
    shoppingReverted: (state) => document.reverted(state as ShoppingDraft),
    /** As it was before: what was reverted is back. */
    shoppingRestored: (state, { payload }: PayloadAction<ShoppingList>) => edited(state as ShoppingDraft, payload),
    shoppingSaved: (state, { payload }: PayloadAction<{ record: ShoppingRecord; sent: ShoppingList }>) =>
      document.saved(state as ShoppingDraft, payload.record.revision, payload.sent),
    shoppingFailed: (
      state,
      { payload }: PayloadAction<{ stuck: NonNullable<ShoppingDraft['stuck']>; message: string }>,
    ) => document.failed(state as ShoppingDraft, payload),
    shoppingCollided: (state, { payload }: PayloadAction<ShoppingRecord>) =>
      document.collided(state as ShoppingDraft, stored(payload)),
  },
  extraReducers: (builder) =>
    hearDocument(builder, {
      document,
      shelf: 'shopping',
      kept: keptRow(document),
      fetched: shoppingApi.endpoints.getShopping.matchFulfilled,
      stored,
      sent: shoppingApi.endpoints.saveShopping.matchPending,
      content: ({ shopping }) => shopping,
    }),
});

export const {
  itemsSaved,
  itemsRemoved,
  shoppingReverted,
  shoppingRestored,
  shoppingSaved,
  shoppingFailed,
  shoppingCollided,
} = slice.actions;
export const shoppingReducer = slice.reducer;
const EDITS = [itemsSaved, itemsRemoved, shoppingRestored];
export const shoppingEdited = (action: { readonly type: string }): boolean => EDITS.some((each) => each.match(action));
