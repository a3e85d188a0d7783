import { newestAnswer, type AnswerClient, type Hearer } from '../../../domain/workers/worker-client';
import type { PlanAnswer, PlanQuestion } from './answer-plan';

/** A plan that takes longer is given up, ms. */
const LIMIT_ms = 30_000;

export function openPlanClient(hearer: Hearer<PlanAnswer>): AnswerClient<PlanQuestion> {
  return newestAnswer(() => new Worker(new URL('./plan.worker', import.meta.url)), hearer, LIMIT_ms);
}
