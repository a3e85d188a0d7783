/** Aim: doses for a target that can really be measured, with a search whose optimality is known. */
export { aimAt, doseLines, doseProblem } from './aim-at';
export type { Aim, AimResult, Dose, ReachedFigure } from './aim-at';
export { aimedDrink, aimedSteps, weighedLine } from './aimed-drink';
export { remediesFor } from './remedies';
export type { Remedy } from './remedies';
export { AIM_FIGURES, bandsOf, figuresOf } from './aim-figures';
export type { AimFigure } from './aim-figures';
export { INGREDIENT_COST, bestDoses } from './best-doses';
export type { BestDoses } from './best-doses';
export { distanceOf, isAllowed } from './dose-problem';
export type { DoseProblem } from './dose-problem';
export { INSTRUMENTS } from './measurable-levels';
export type { Instrument } from './measurable-levels';
export { LINE_OF_PERSON, isLimitKey } from './person-limits';
export type { LimitKey, PersonLimit } from './person-limits';
export { nonNegativeLeastSquares } from './non-negative-least-squares';
export { AIM_FORMAT, readAim } from './read-aim';
export type { AimProblem, ReadAim } from './read-aim';
