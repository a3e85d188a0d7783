import { newestAnswer, type AnswerClient } from '../drink/newest-answer';
import type { PlanAnswer, PlanQuestion } from './answer-plan';

export function openPlanClient(onAnswer: (answer: PlanAnswer) => void): AnswerClient<PlanQuestion> {
  return newestAnswer(new Worker(new URL('./plan.worker', import.meta.url)), onAnswer);
}
