/** Two edits of one document become one. */
export { baseOf, isFields, isRows, isSame, mergeFields } from './merge-fields';
export type { Fields, SentDocument } from './merge-fields';
