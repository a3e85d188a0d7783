import type { DrinkRequest, Plan, PlanRecord } from '@wellhydra/contract';
import { isSame, mergeFields } from '@wellhydra/core/merge';
import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import { ownerEntered, ownerLeft, rowsWrittenElsewhere } from '../../state/sync/owner';
import { keptWords, type Trouble } from '../../state/sync/trouble';
import type { Row } from '../../state/sync/vault';
import { plansApi } from './plan-endpoints';

const EMPTY: Plan = { requests: [], cooks: 1, bed_min: 22 * 60 + 30, up_min: 6 * 60 };
export const PLAN_ID = 'plan';

/** The plan of the kitchen as it is edited here, and what of it is stored. */
export interface PlanDraft {
  readonly id: typeof PLAN_ID;
  /** What was last stored, and its revision; 0 while nobody has planned anything. */
  readonly revision: number;
  readonly base: Plan;
  readonly mine: Plan;
  readonly stuck: Trouble | 'refused' | null;
  /** Why it is refused, if it is. */
  readonly message: string;
}

const NOTHING: PlanDraft = { id: PLAN_ID, revision: 0, base: EMPTY, mine: EMPTY, stuck: null, message: '' };

/** Whether something here is not yet stored. */
export const planUnsent = ({ base, mine }: PlanDraft): boolean => !isSame(base, mine);

/** What is stored now, with what is typed here merged into it. */
function withStored(draft: PlanDraft, { revision, plan }: PlanRecord): PlanDraft {
  const base = plan ?? EMPTY;
  const mine = planUnsent(draft) ? mergeFields(draft.base, draft.mine, base) : base;
  return { ...draft, revision, base, mine, stuck: null, message: '' };
}

/** What another tab has: its edits beside those of this one. */
const withOther = (draft: PlanDraft, other: PlanDraft): PlanDraft => {
  const newer =
    other.revision > draft.revision ? withStored(draft, { revision: other.revision, plan: other.base }) : draft;
  return planUnsent(other) ? { ...newer, mine: mergeFields(other.base, newer.mine, other.mine) } : newer;
};

const isPlan = (row: Row): row is PlanDraft => row.id === PLAN_ID;

/** What a device has kept: as one row, or as earlier versions did, the hours and each request as rows, never sent. */
function keptPlan(rows: readonly Row[]): PlanDraft {
  const kept = rows.find(isPlan);
  if (kept) return kept;
  if (rows.length === 0) return NOTHING;
  const { id: _hours, ...hours } = (rows.find(({ id }) => id === 'hours') ?? { id: '' }) as Row & Partial<Plan>;
  const requests = rows.filter(({ id }) => id !== 'hours') as unknown as readonly DrinkRequest[];
  return { ...NOTHING, mine: { ...EMPTY, ...hours, requests } };
}

const edited = (draft: PlanDraft, by: Partial<Plan>): PlanDraft => ({
  ...draft,
  mine: { ...draft.mine, ...by },
  stuck: null,
  message: '',
});

const slice = createSlice({
  name: 'plans',
  initialState: NOTHING,
  reducers: {
    requestAdded: (
      state,
      {
        payload,
      }: PayloadAction<Pick<DrinkRequest, 'id' | 'drinkId' | 'readyBy'> & Partial<Pick<DrinkRequest, 'pinned'>>>,
    ) => edited(state, { requests: [...state.mine.requests, { pinned: null, ...payload, agreed: null }] }),
    requestChanged: (state, { payload }: PayloadAction<Partial<DrinkRequest> & { readonly id: string }>) =>
      edited(state, {
        requests: state.mine.requests.map((each) => (each.id === payload.id ? { ...each, ...payload } : each)),
      }),
    requestRemoved: (state, { payload }: PayloadAction<string>) =>
      edited(state, { requests: state.mine.requests.filter(({ id }) => id !== payload) }),
    planAgreed: (state, { payload }: PayloadAction<Readonly<Record<string, string>>>) =>
      edited(state, {
        requests: state.mine.requests.map((each) => ({ ...each, agreed: payload[each.id] ?? each.agreed })),
      }),
    hoursChosen: (state, { payload }: PayloadAction<Partial<Pick<Plan, 'cooks' | 'bed_min' | 'up_min'>>>) =>
      edited(state, payload),
    planSaved: (state, { payload: { record, sent } }: PayloadAction<{ record: PlanRecord; sent: Plan }>) =>
      // What was typed meanwhile goes on from the new revision.
      ({ ...state, revision: record.revision, base: sent, stuck: null, message: '' }),
    planFailed: (state, { payload }: PayloadAction<{ stuck: NonNullable<PlanDraft['stuck']>; message: string }>) => ({
      ...state,
      ...payload,
    }),
    planCollided: (state, { payload }: PayloadAction<PlanRecord>) => withStored(state, payload),
  },
  extraReducers: (builder) =>
    builder
      .addCase(ownerEntered, (_state, { payload: { rows } }) => keptPlan(rows.plans))
      .addCase(ownerLeft, () => NOTHING)
      .addCase(rowsWrittenElsewhere, (state, { payload }) => {
        const other = payload.shelf === 'plans' ? payload.rows.find(isPlan) : undefined;
        return other ? withOther(state, other) : state;
      })
      // An answer that was asked for before the last save tells nothing new.
      .addMatcher(plansApi.endpoints.getPlan.matchFulfilled, (state, { payload }) =>
        payload.revision > state.revision ? withStored(state, payload) : state,
      ),
});

export const {
  requestAdded,
  requestChanged,
  requestRemoved,
  planAgreed,
  hoursChosen,
  planSaved,
  planFailed,
  planCollided,
} = slice.actions;
export const plansReducer = slice.reducer;

/** Every action by which somebody changes the plan. */
const EDITS = [requestAdded, requestChanged, requestRemoved, planAgreed, hoursChosen];
export const planEdited = (action: { readonly type: string }): boolean => EDITS.some((each) => each.match(action));

/** Nothing is said while all is stored, or on its way. */
export const planState = ({ stuck, message }: PlanDraft): string | null => stuck && keptWords(stuck, message);
