/** Whole recipes: what they make, and what is wrong with them. */
export { CHECK_FORMAT, checkRecipe, questionsOf } from './check-recipe';
export type { CheckFinding } from './check-findings';
export type { LineRole } from './source-lines';
export { understandRecipe } from './understand-recipe';
export type { CheckOptions, UnderstoodRecipe } from './understand-recipe';
