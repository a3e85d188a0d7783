import { createSlice, nanoid, type PayloadAction } from '@reduxjs/toolkit';

/** A short message at the edge of the screen, with at most one thing to do about it. */
export interface Notice {
  readonly id: string;
  readonly text: string;
  readonly grave?: boolean;
  /** Names an action that can be taken back or repeated; the screen that raised it knows how. */
  readonly action?: { readonly label: string; readonly run: string };
}

const slice = createSlice({
  name: 'notices',
  initialState: [] as Notice[],
  reducers: {
    noticeRaised: {
      reducer: (state, { payload }: PayloadAction<Notice>) => [...state.slice(-1), payload],
      prepare: (notice: Omit<Notice, 'id'>) => ({ payload: { ...notice, id: nanoid() } }),
    },
    noticeDismissed: (state, { payload }: PayloadAction<string>) => state.filter(({ id }) => id !== payload),
  },
});

export const { noticeRaised, noticeDismissed } = slice.actions;
export const noticesReducer = slice.reducer;
