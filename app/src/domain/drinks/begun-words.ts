import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import { keptRow } from '../../state/sync/kept-row';

/** What somebody has written to begin a drink with: it stays until it is cleared or becomes one. */
export interface BegunWords {
  readonly id: 'new-drink';
  readonly text: string;
}

const NOTHING: BegunWords = { id: 'new-drink', text: '' };

const slice = createSlice({
  name: 'begun',
  initialState: NOTHING,
  reducers: {
    begunWritten: (state, { payload: text }: PayloadAction<string>) => ({ ...state, text }),
  },
  extraReducers: keptRow('checks', NOTHING),
});

export const { begunWritten } = slice.actions;
export const begunReducer = slice.reducer;
