import { documentSender, sendOrMerge, type DocumentDispatch, type Try } from '../../state/sync/send-documents';
import { plansApi } from './plan-endpoints';
import { PLAN_ID, planCollided, planEdited, planFailed, planSaved, planUnsent, type PlanDraft } from './plans';

interface StateWithPlan {
  readonly plans: PlanDraft;
}

async function sendOnce(_id: string, getState: () => StateWithPlan, dispatch: DocumentDispatch): Promise<Try> {
  const draft = getState().plans;
  if (!planUnsent(draft)) return 'done';
  const { savePlan, getPlan } = plansApi.endpoints;
  return sendOrMerge({
    save: () => dispatch(savePlan.initiate({ expectedRevision: draft.revision, plan: draft.mine })),
    saved: (record) => {
      dispatch(planSaved({ record, sent: draft.mine }));
      return planUnsent(getState().plans);
    },
    fetch: () => dispatch(getPlan.initiate(undefined, { forceRefetch: true, subscribe: false })),
    collided: (record) => void dispatch(planCollided(record)),
    failed: (stuck, message) => void dispatch(planFailed({ stuck, message })),
  });
}

/** Saves the plan by itself, request by request beside what others changed meanwhile. */
export const planSync = documentSender<StateWithPlan>({
  edited: (action) => (planEdited(action) ? PLAN_ID : undefined),
  unsent: ({ plans }) => (planUnsent(plans) && plans.stuck !== 'refused' ? [PLAN_ID] : []),
  sendOnce,
});
