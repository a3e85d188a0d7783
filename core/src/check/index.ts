/** Whole recipes: what they make, and what is wrong with them. */
export { CHECK_FORMAT, checkRecipe } from './check-recipe';
export type { CheckFinding } from './check-findings';
export type { CheckOptions } from './check-recipe';
export type { LineRole } from './source-lines';
