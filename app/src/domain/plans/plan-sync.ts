import { sendDocument } from '../../state/sync/kitchen-document';
import { documentSender } from '../../state/sync/send-documents';
import { plansApi } from './plan-endpoints';
import { PLAN_ID, planCollided, planEdited, planFailed, planSaved, planUnsent, type PlanDraft } from './plans';

interface StateWithPlan {
  readonly plans: PlanDraft;
}
const { savePlan, getPlan } = plansApi.endpoints;

/** Saves the plan by itself, request by request beside what others changed meanwhile. */
export const planSync = documentSender<StateWithPlan>({
  edited: (action) => (planEdited(action) ? PLAN_ID : undefined),
  arrived: (action) => (getPlan.matchFulfilled(action) ? PLAN_ID : undefined),
  unsent: ({ plans }) => (planUnsent(plans) && plans.stuck !== 'refused' ? [PLAN_ID] : []),
  sendOnce: (_id, getState, dispatch) =>
    sendDocument({
      draftNow: () => getState().plans,
      unsent: planUnsent,
      save: (expectedRevision, plan) => dispatch(savePlan.initiate({ expectedRevision, plan })),
      fetch: () => dispatch(getPlan.initiate(undefined, { forceRefetch: true, subscribe: false })),
      saved: (record, sent) => void dispatch(planSaved({ record, sent })),
      collided: (record) => void dispatch(planCollided(record)),
      failed: (stuck, message) => void dispatch(planFailed({ stuck, message })),
    }),
});
