/** Whole recipes: what they make, and what is wrong with them. */
export { CHECK_FORMAT, checkRecipe } from './check-recipe';
export type { RecipeCheck } from './check-recipe';
export type { CheckFinding } from './finding';
export { plainText } from './plain-text';
export { questionsOf } from './questions';
export type { CheckQuestion } from './questions';
export type { LineRole } from './roles';
export { understandRecipe } from './understand-recipe';
export type { CheckOptions, UnderstoodRecipe } from './understand-recipe';
