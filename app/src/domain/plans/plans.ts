import type { DrinkRequest, Plan, PlanRecord } from '@wellhydra/contract';
import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import { documentState, hearDocument, kitchenDocument, type KitchenDocument } from '../../state/sync/kitchen-document';
import type { Row } from '../../state/sync/vault';
import { plansApi } from './plan-endpoints';

const EMPTY: Plan = { requests: [], cooks: 1, bed_min: 22 * 60 + 30, up_min: 6 * 60 };
export const PLAN_ID = 'plan';

/** The plan of the kitchen as it is edited here, and what of it is stored. */
export type PlanDraft = KitchenDocument<Plan>;
const document = kitchenDocument<Plan>(PLAN_ID, EMPTY);
const { nothing: NOTHING, edited } = document;
const stored = ({ revision, plan }: PlanRecord) => ({ revision, content: plan });

/** Whether something here is not yet stored. */
export const planUnsent = document.unsent;
export const planOfTabs = document.withOther;

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
    planReverted: (state) => document.reverted(state),
    /** As it was before: what was reverted is back. */
    planRestored: (state, { payload }: PayloadAction<Plan>) => edited(state, payload),
    planSaved: (state, { payload: { record, sent } }: PayloadAction<{ record: PlanRecord; sent: Plan }>) =>
      document.saved(state, record.revision, sent),
    planFailed: (state, { payload }: PayloadAction<{ stuck: NonNullable<PlanDraft['stuck']>; message: string }>) =>
      document.failed(state, payload),
    planCollided: (state, { payload }: PayloadAction<PlanRecord>) => document.collided(state, stored(payload)),
  },
  extraReducers: (builder) =>
    hearDocument(builder, {
      document,
      shelf: 'plans',
      kept: keptPlan,
      fetched: plansApi.endpoints.getPlan.matchFulfilled,
      stored,
      sent: plansApi.endpoints.savePlan.matchPending,
      content: ({ plan }) => plan,
    }),
});

export const {
  requestAdded,
  requestChanged,
  requestRemoved,
  planAgreed,
  hoursChosen,
  planReverted,
  planRestored,
  planSaved,
  planFailed,
  planCollided,
} = slice.actions;
export const plansReducer = slice.reducer;

/** Every action by which somebody changes the plan. */
const EDITS = [requestAdded, requestChanged, requestRemoved, planAgreed, hoursChosen, planRestored];
export const planEdited = (action: { readonly type: string }): boolean => EDITS.some((each) => each.match(action));

export const planState = documentState;
