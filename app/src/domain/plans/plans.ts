import { createSelector, createSlice, type PayloadAction } from '@reduxjs/toolkit';
import { ownerEntered, ownerLeft, rowsWrittenElsewhere, withRows } from '../../state/sync/owner';
import type { Row } from '../../state/sync/vault';

/** A drink that somebody wants by a time. */
export interface Wish {
  readonly id: string;
  readonly drinkId: string;
  /** Moment, ISO 8601. */
  readonly readyBy: string;
  /** When it is to be begun, where somebody has said so. */
  readonly pinned: string | null;
  /** When the plan that was agreed on begins it. */
  readonly agreed: string | null;
}

/** What is wanted, and who is up when. Times of day are minutes from midnight. */
export interface Plans {
  readonly wishes: readonly Wish[];
  readonly cooks: number;
  readonly bed_min: number;
  readonly up_min: number;
}

const NONE: Plans = { wishes: [], cooks: 1, bed_min: 22 * 60 + 30, up_min: 6 * 60 };

/** The hours as a row of their own beside the wishes. */
const HOURS_ID = 'hours';
type HoursRow = Row & Pick<Plans, 'cooks' | 'bed_min' | 'up_min'>;
const isHours = (row: Row): row is HoursRow => row.id === HOURS_ID;

function withPlanRows(
  state: Plans,
  change: { readonly rows: readonly Row[]; readonly gone: readonly string[] },
): Plans {
  const hours = change.rows.find(isHours);
  const rows = change.rows.filter((row) => !isHours(row));
  const { cooks, bed_min, up_min } = hours ?? state;
  return { wishes: withRows(state.wishes, { ...change, rows }), cooks, bed_min, up_min };
}

/** The same row while the hours are the same. */
const hoursRow = createSelector(
  [({ cooks }: Plans) => cooks, ({ bed_min }: Plans) => bed_min, ({ up_min }: Plans) => up_min],
  (cooks, bed_min, up_min): HoursRow => ({ id: HOURS_ID, cooks, bed_min, up_min }),
);

/** What is wanted, row by row. */
export const plansToKeep = (plans: Plans): readonly Row[] => [...plans.wishes, hoursRow(plans)];

const slice = createSlice({
  name: 'plans',
  initialState: NONE,
  reducers: {
    wishAdded: (
      state,
      { payload }: PayloadAction<Pick<Wish, 'id' | 'drinkId' | 'readyBy'> & Partial<Pick<Wish, 'pinned'>>>,
    ) => ({
      ...state,
      wishes: [...state.wishes, { pinned: null, ...payload, agreed: null }],
    }),
    wishChanged: (state, { payload }: PayloadAction<Partial<Wish> & { readonly id: string }>) => ({
      ...state,
      wishes: state.wishes.map((wish) => (wish.id === payload.id ? { ...wish, ...payload } : wish)),
    }),
    wishRemoved: (state, { payload }: PayloadAction<string>) => ({
      ...state,
      wishes: state.wishes.filter(({ id }) => id !== payload),
    }),
    planAgreed: (state, { payload }: PayloadAction<Readonly<Record<string, string>>>) => ({
      ...state,
      wishes: state.wishes.map((wish) => ({ ...wish, agreed: payload[wish.id] ?? wish.agreed })),
    }),
    hoursChosen: (state, { payload }: PayloadAction<Partial<Pick<Plans, 'cooks' | 'bed_min' | 'up_min'>>>) => ({
      ...state,
      ...payload,
    }),
  },
  extraReducers: (builder) =>
    builder
      .addCase(ownerEntered, (_state, { payload: { rows } }) => withPlanRows(NONE, { rows: rows.plans, gone: [] }))
      .addCase(ownerLeft, () => NONE)
      .addCase(rowsWrittenElsewhere, (state, { payload }) =>
        payload.shelf === 'plans' ? withPlanRows(state as Plans, payload) : (state as Plans),
      ),
});

export const { wishAdded, wishChanged, wishRemoved, planAgreed, hoursChosen } = slice.actions;
export const plansReducer = slice.reducer;
