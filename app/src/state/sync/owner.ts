import type { Session } from '@wellhydra/contract';
import { createAction, createSlice } from '@reduxjs/toolkit';
import type { Owner, Row, Rows, Shelf } from './vault';

/** Somebody is in, and this is what this device has kept for them. */
export const ownerEntered = createAction<{ readonly owner: Owner; readonly rows: Rows }>('owner/entered');
/** Whoever was in has gone: nothing of theirs is shown any more, and all of it stays on the device. */
export const ownerLeft = createAction('owner/left');
/** Another tab of this device has written for the same owner. */
export const rowsWrittenElsewhere = createAction<{
  readonly shelf: Shelf;
  readonly rows: readonly Row[];
  readonly gone: readonly string[];
  /** What the device had of them when this tab last looked. */
  readonly known: readonly Row[];
}>('owner/rowsWrittenElsewhere');
/** The device cannot keep anything: the page has to stay open until all is sent. */
export const storageFailed = createAction('owner/storageFailed');
export const storageWorks = createAction('owner/storageWorks');

/** The server does not answer a query, and what it last answered is shown: of then, ms. */
export const seenShown = createAction<{ readonly query: string; readonly at: number }>('owner/seenShown');
/** Nothing of before is shown any more in answer to a query. */
export const seenOver = createAction<string>('owner/seenOver');

export interface OwnerState {
  readonly owner: Owner | null;
  readonly storageFull: boolean;
  /** Queries in answer to which something of before is shown, and when that was answered, ms. */
  readonly seen: Readonly<Record<string, number>>;
}

export const ownerOf = ({ account, kitchen }: Session): Owner => `${account.id}/${kitchen.id}`;

const slice = createSlice({
  name: 'owner',
  initialState: { owner: null, storageFull: false, seen: {} } as OwnerState,
  reducers: {},
  extraReducers: (builder) =>
    builder
      .addCase(ownerEntered, (state, { payload }) => ({ ...state, owner: payload.owner }))
      .addCase(ownerLeft, (state) => ({ ...state, owner: null, seen: {} }))
      .addCase(seenShown, (state, { payload: { query, at } }) => ({ ...state, seen: { ...state.seen, [query]: at } }))
      .addCase(seenOver, (state, { payload: query }) => {
        if (!(query in state.seen)) return state;
        const { [query]: _over, ...seen } = state.seen;
        return { ...state, seen };
      })
      .addCase(storageFailed, (state) => ({ ...state, storageFull: true }))
      .addCase(storageWorks, (state) => (state.storageFull ? { ...state, storageFull: false } : state)),
});
export const ownerReducer = slice.reducer;

/** The rows of a shelf after another tab has written to it. */
export function withRows<R extends Row>(
  before: readonly R[],
  { rows, gone }: { readonly rows: readonly Row[]; readonly gone: readonly string[] },
): readonly R[] {
  const fresh = new Map(rows.map((row) => [row.id, row as R]));
  const known = new Set(before.map(({ id }) => id));
  return [
    ...before.filter(({ id }) => !gone.includes(id)).map((row) => fresh.get(row.id) ?? row),
    ...[...fresh.values()].filter(({ id }) => !known.has(id)),
  ];
}
