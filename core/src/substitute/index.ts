/** One ingredient for another, keeping what matters. */
export { KEEPABLE, SWEETNESS, equalAmount } from './equal-amounts';
export type { Keeps } from './equal-amounts';
export { substitutesFor } from './substitutes';
export type { Substitute } from './substitutes';
