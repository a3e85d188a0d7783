/** Two edits of one document become one. */
export { isFields, isRows, isSame, mergeFields } from './merge-fields';
export type { Fields } from './merge-fields';
