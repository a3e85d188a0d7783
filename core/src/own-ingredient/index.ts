/** Ingredients of the maker's own: from the label of a package, or from a formula. */
export { ingredientFromFormula, ingredientFromLabel } from './label-ingredient';
export { ownIngredient } from './own-ingredient';
export type { FormulaIngredient, PackageLabel } from './label-ingredient';
export { SALT_PER_SODIUM, labelDoubts, readLabelText } from './read-label-text';
export type { LabelDoubt, LabelFigure, LabelRead } from './read-label-text';
