/** Two drinks side by side: what differs in their steps, and what that does. */
export { compareFigures } from './compare-figures';
export type { FigureDifference } from './compare-figures';
export { compareSteps } from './compare-steps';
export type { StepDifference } from './compare-steps';
export { readPastedDrink } from './read-pasted-drink';
export type { PastedDrink } from './read-pasted-drink';
export { mostAlike } from './most-alike';
export { mostMoved, takenOver } from './take-over';
export type { MostMoved } from './take-over';
