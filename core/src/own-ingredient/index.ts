/** Ingredients of the maker's own: from the label of a package, or from a formula. */
export { ingredientFromFormula, ingredientFromLabel } from './label-ingredient';
export { ownIngredient } from './own-ingredient';
export type { FormulaIngredient, PackageLabel } from './label-ingredient';
