import type { PracticeAnswer } from '@wellhydra/core/practice';
import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import { keptRow } from '../../state/sync/kept-row';

/** What somebody has guessed, the oldest first. */
export interface Practised {
  readonly id: typeof PRACTISED_ID;
  readonly answers: readonly PracticeAnswer[];
}
const PRACTISED_ID = 'practised';
/** So many are kept: enough for every kind to be told from before. */
const MOST_KEPT = 400;

const NOTHING: Practised = { id: PRACTISED_ID, answers: [] };

const slice = createSlice({
  name: 'practised',
  initialState: NOTHING,
  reducers: {
    guessed: (state, { payload }: PayloadAction<PracticeAnswer>) => ({
      ...state,
      answers: [...state.answers, payload].slice(-MOST_KEPT),
    }),
    practiceForgotten: () => NOTHING,
    /** As it was before it was forgotten. */
    practiceRestored: (state, { payload: answers }: PayloadAction<Practised['answers']>) => ({ ...state, answers }),
  },
  extraReducers: keptRow('checks', NOTHING),
});

export const { guessed, practiceForgotten, practiceRestored } = slice.actions;
export const practisedReducer = slice.reducer;
