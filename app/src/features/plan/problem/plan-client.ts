import { answerInPlace, type AnswerClient, type Hearer } from '../../../domain/workers/worker-client';
import { answerPlan, type PlanAnswer, type PlanQuestion } from './answer-plan';

/** Answers in place, for where there are no workers. */
export function openPlanClient(hearer: Hearer<PlanAnswer>): AnswerClient<PlanQuestion> {
  return answerInPlace(answerPlan, hearer);
}
