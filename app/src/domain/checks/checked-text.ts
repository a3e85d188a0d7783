import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import { LONGEST_CHECK } from './limits';
import { keptRow } from '../../state/sync/kept-row';

/** The recipe that is being checked, as it is written now: it stays until it is cleared or becomes a drink. */
export interface CheckedText {
  readonly id: typeof CHECK_ID;
  readonly text: string;
  /** Where it comes from: the name of a file, or how it was put in; empty where it was typed. */
  readonly from: string;
}
export const CHECK_ID = 'check';

const NOTHING: CheckedText = { id: CHECK_ID, text: '', from: '' };

const slice = createSlice({
  name: 'check',
  initialState: NOTHING,
  reducers: {
    checkWritten: (state, { payload: text }: PayloadAction<string>) => ({ ...state, text }),
    /** What was dictated stands behind what is there. */
    checkHeard: (state, { payload: sentence }: PayloadAction<string>) => ({
      ...state,
      text: [state.text, sentence].filter(Boolean).join('\n').slice(0, LONGEST_CHECK),
    }),
    checkOpened: (state, { payload }: PayloadAction<{ readonly text: string; readonly from: string }>) => ({
      ...state,
      ...payload,
    }),
  },
  extraReducers: keptRow('checks', NOTHING),
});

export const { checkWritten, checkHeard, checkOpened } = slice.actions;
export const checkReducer = slice.reducer;
