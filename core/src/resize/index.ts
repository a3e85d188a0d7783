/** Making a drink larger or smaller, and what does not grow with it. */
export { POT_FILL, resizeFactor } from './resize-factor';
export type { ResizeFactor, ResizeGoal } from './resize-factor';
export { resizeHints } from './resize-hints';
export type { ResizeHint } from './resize-hints';
export { measurableLine } from './measurable-line';
export type { Measures } from './measurable-line';
export { scaleIngredientLine, scaleText } from './scale-line';
export { scaleSteps } from './scale-steps';
