import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import { readDurable, writeDurable } from '../../state/durable';
import { withChanges } from '../../state/shared-list';

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

export const PLAN_KEY = 'wellhydra.plan';
const NONE: Plans = { wishes: [], cooks: 1, bed_min: 22 * 60 + 30, up_min: 6 * 60 };

const storedPlans = (): Plans => ({ ...NONE, ...readDurable<Plans>(PLAN_KEY) });

const slice = createSlice({
  name: 'plans',
  initialState: storedPlans,
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
    /** Another tab of this device has written what it did. */
    plansReadAgain: storedPlans,
    plansCleared: () => NONE,
  },
});

export const { wishAdded, wishChanged, wishRemoved, planAgreed, hoursChosen, plansReadAgain, plansCleared } =
  slice.actions;
export const plansReducer = slice.reducer;

/** Writes what this tab has changed of what is wanted. */
export function keepPlansDurable(before: Plans, after: Plans): void {
  const idOf = ({ id }: Wish) => id;
  const wishes = withChanges(storedPlans().wishes, { before: before.wishes, after: after.wishes, idOf });
  writeDurable(PLAN_KEY, { ...after, wishes });
}
