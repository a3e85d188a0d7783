/** A making of a drink: what happened, what was read, what that means for the rest and for the next time. */
export { applyReadings } from './apply-readings';
export { READING_RANGES, READ_QUANTITIES } from '../brew-event';
export type { BrewEvent, BrewHappening, ReadQuantity } from '../brew-event';
export { adviceFor } from './brew-advice';
export type { AmountAdvice, BrewAdvice } from './brew-advice';
export { brewChecks, checkLeft, pendingCheck } from './brew-checks';
export { mendingWater } from './mending-water';
export type { BrewCheck, CheckKind } from './brew-checks';
export { brewRecipe, expectedAt, madeSteps, runBrew } from './brew-run';
export type { BrewRecipe, BrewRun, Expected, MadeStep } from './brew-run';
export { POT_FULL, gatherList } from './gather';
export type { GatherList, Gathered } from './gather';
export { habitLearner, learnHabits } from './learn-habits';
export type { HabitLearner, HabitLearning, HabitPoint, LearnedFrom } from './learn-habits';
export { brewTimeline } from './brew-timeline';
export type { BrewTimeline, TimelineStep } from './brew-timeline';
export { brewState } from './brew-state';
export type { Addition, BrewStage, BrewState, BrewTimer, LeftStep, Reading } from './brew-state';
