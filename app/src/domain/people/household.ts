import type { HouseholdRecord } from '@wellhydra/contract';
import { NOBODY, withMadeFor, withRow, withoutPerson, type Household } from '@wellhydra/core/household';
import { createSlice, type PayloadAction, type UnknownAction } from '@reduxjs/toolkit';
import { failureOf } from '../../state/api';
import { hearDocument, keptRow, kitchenDocument, type KitchenDocument } from '../../state/sync/kitchen-document';
import { peopleApi } from './people-endpoints';

export const HOUSEHOLD_ID = 'household';
/** The people of the kitchen as they are edited here, and what of it is stored. */
export type HouseholdDraft = KitchenDocument<Household>;
const document = kitchenDocument<Household>(HOUSEHOLD_ID, NOBODY);
const { nothing: NOTHING, edited } = document;
const stored = ({ revision, people }: HouseholdRecord) => ({ revision, content: people });

/** Whether something here is not yet stored. */
export const householdUnsent = document.unsent;
export const householdOfTabs = document.withOther;

type Part = Exclude<keyof Household, 'madeFor'>;
/** A row of a part of the household, by its id. */
interface RowOf<P extends Part> {
  readonly part: P;
  readonly id: string;
  readonly row: Household[P][string];
}
export type HouseholdRow = { [P in Part]: RowOf<P> }[Part];

const { matchRejected } = peopleApi.endpoints.getPeople;
const isLocked = (action: UnknownAction): boolean =>
  matchRejected(action) && action.payload !== undefined && failureOf(action.payload).code === 'people-locked';

const slice = createSlice({
  name: 'household',
  initialState: NOTHING,
  reducers: {
    /** Somebody, a plan, a test or a sheet is new, or is as it says now. */
    householdRowSaved: (state, { payload: { part, id, row } }: PayloadAction<HouseholdRow>) =>
      edited(state as HouseholdDraft, withRow(state.mine as Household, part, id, row)),
    householdRowRemoved: (
      state,
      { payload: { part, id } }: PayloadAction<{ part: Exclude<Part, 'people'>; id: string }>,
    ) => {
      const { [id]: _gone, ...rest } = state.mine[part];
      return edited(state as HouseholdDraft, { [part]: rest });
    },
    /** Whom a drink is made for; nobody of them is everybody. */
    drinkMadeFor: (state, { payload: { drinkId, people } }: PayloadAction<{ drinkId: string; people: string[] }>) =>
      edited(state as HouseholdDraft, withMadeFor(state.mine as Household, drinkId, people)),
    /** With somebody goes all that was kept of them. */
    personRemoved: (state, { payload: id }: PayloadAction<string>) =>
      edited(state as HouseholdDraft, withoutPerson(state.mine as Household, id)),
    /** As it was before: what was taken out is back. */
    householdRestored: (state, { payload }: PayloadAction<Household>) => edited(state as HouseholdDraft, payload),
    householdReverted: (state) => document.reverted(state as HouseholdDraft),
    householdSaved: (
      state,
      { payload: { record, sent } }: PayloadAction<{ record: HouseholdRecord; sent: Household }>,
    ) => document.saved(state as HouseholdDraft, record.revision, sent),
    householdFailed: (
      state,
      { payload }: PayloadAction<{ stuck: NonNullable<HouseholdDraft['stuck']>; message: string }>,
    ) => document.failed(state as HouseholdDraft, payload),
    householdCollided: (state, { payload }: PayloadAction<HouseholdRecord>) =>
      document.collided(state as HouseholdDraft, stored(payload)),
  },
  extraReducers: (builder) => {
    hearDocument(builder, {
      document,
      shelf: 'people',
      kept: keptRow(document),
      fetched: peopleApi.endpoints.getPeople.matchFulfilled,
      stored,
      sent: peopleApi.endpoints.savePeople.matchPending,
      content: ({ people }) => people,
    });
    // Under a passphrase that this device has not said: it forgets what it had, but for what is not stored yet.
    builder.addMatcher(isLocked, (state) => (householdUnsent(state as HouseholdDraft) ? state : (NOTHING as never)));
  },
});

export const {
  householdRowSaved,
  householdRowRemoved,
  drinkMadeFor,
  personRemoved,
  householdRestored,
  householdReverted,
  householdSaved,
  householdFailed,
  householdCollided,
} = slice.actions;
export const householdReducer = slice.reducer;

/** Every action by which somebody changes the people. */
const EDITS = [householdRowSaved, householdRowRemoved, drinkMadeFor, personRemoved, householdRestored];
export const householdEdited = (action: { readonly type: string }): boolean => EDITS.some((each) => each.match(action));
