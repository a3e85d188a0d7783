/** Several drinks in one kitchen: when to begin each so that all are ready as they are wanted. */
export { SLOT_min, planNeeds } from './plan-problem';
export type { PlanDrink, PlanNeeds, PlanProblem, PlanTask, Sleep } from './plan-problem';
export { LATE_WEIGHT, costOf } from './plan-cost';
export { planLanes } from './plan-lanes';
export type { Lane, LaneTask, PlanLanes } from './plan-lanes';
export { scheduleDrinks } from './schedule-drinks';
export type { BrokenPin } from './broken-pins';
export type { Schedule, Scheduled } from './schedule-drinks';
