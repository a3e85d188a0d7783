import type { AnswerClient } from '../drink/newest-answer';
import { answerPlan, type PlanAnswer, type PlanQuestion } from './answer-plan';

/** Answers in place, for where there are no workers. */
export function openPlanClient(onAnswer: (answer: PlanAnswer) => void): AnswerClient<PlanQuestion> {
  return { ask: (question) => onAnswer(answerPlan(question)), close: () => undefined };
}
