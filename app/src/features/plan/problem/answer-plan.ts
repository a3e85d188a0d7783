import { scheduleDrinks, type PlanProblem, type Schedule } from '@wellhydra/core/plan';

export interface PlanQuestion {
  readonly problem: PlanProblem;
  /** Moment from which the problem counts its minutes. */
  readonly begin: string;
}
export interface PlanAnswer extends PlanQuestion {
  readonly schedule: Schedule;
}

export const answerPlan = (question: PlanQuestion): PlanAnswer => ({
  ...question,
  schedule: scheduleDrinks(question.problem),
});
