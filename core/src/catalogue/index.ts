/** Ingredients: what is in them, how they lie in a spoon, what a piece weighs, and who says so. */
export { CATALOGUE, catalogued, ingredientById } from './catalogue';
export { countElements, molarMass } from './chemical-formula';
export type { BulkDensity, Confidence, Ingredient, Role, State, Texture } from './ingredient';
export { INGREDIENT_NAMES, findIngredient, namedIn, normaliseName, searchIngredients } from './ingredient-names';
export { SOURCES } from './data/sources';
export type { CompoundRow, PieceRow } from './ingredient-row';
export { compoundComposition, waterComposition } from './row-compositions';
