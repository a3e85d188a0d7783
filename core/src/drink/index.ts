/** The drink file: what a drink is, how it is read and written, and how two edits of it are merged. */
export {
  DEFAULT_SERVINGS,
  DRINK_FORMAT,
  DRINK_KINDS,
  FLAG_QUALIFIERS,
  STOVE_VERBS,
  TEXT_QUALIFIERS,
  VERBS,
} from './drink';
export type { Drink, DrinkKind, DrinkStep, Verb } from './drink';
export { batchSteps, documentDrink, drinkDocumentOf, preparationLibrary } from './document-drink';
export { DRINK_SCHEMA } from './drink-schema';
export { mergeDrinks, sameDocument } from './merge-drinks';
export type { DrinkDocument, EditedStep } from './drink-document';
export type { MergeConflict, MergedDrink } from './merge-drinks';
export type { OwnIngredientFields } from './own-ingredient-fields';
export { readDrink, writeDrink } from './read-drink';
export type { DrinkProblem } from './drink-json';
export type { ReadDrink } from './read-drink';
export { EMPTY_BOARD, meanScore, mergeBoards } from './variant-board';
export { variantDocument } from './variant-document';
export type { Slot, TasteScore, Variant, VariantBoard } from './variant-board';
export { lineFromStep, stepFromLine } from './step-line';
