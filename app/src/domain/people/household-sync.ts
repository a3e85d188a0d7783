import { sendDocument } from '../../state/sync/kitchen-document';
import { documentSender } from '../../state/sync/send-documents';
import {
  HOUSEHOLD_ID,
  householdCollided,
  householdEdited,
  householdFailed,
  householdSaved,
  householdUnsent,
  type HouseholdDraft,
} from './household';
import { peopleApi } from './people-endpoints';

interface StateWithPeople {
  readonly household: HouseholdDraft;
}
const { savePeople, getPeople } = peopleApi.endpoints;

/** Saves the people by themselves, fact by fact beside what others changed meanwhile. */
export const householdSync = documentSender<StateWithPeople>({
  edited: (action) => (householdEdited(action) ? HOUSEHOLD_ID : undefined),
  arrived: (action) => (getPeople.matchFulfilled(action) ? HOUSEHOLD_ID : undefined),
  unsent: ({ household }) => (householdUnsent(household) && household.stuck !== 'refused' ? [HOUSEHOLD_ID] : []),
  sendOnce: (_id, getState, dispatch) =>
    sendDocument({
      draftNow: () => getState().household,
      unsent: householdUnsent,
      save: (expectedRevision, people) => dispatch(savePeople.initiate({ expectedRevision, people })),
      fetch: () => dispatch(getPeople.initiate(undefined, { forceRefetch: true, subscribe: false })),
      saved: (record, sent) => void dispatch(householdSaved({ record, sent })),
      collided: (record) => void dispatch(householdCollided(record)),
      failed: (stuck, message) => void dispatch(householdFailed({ stuck, message })),
    }),
});
