/** What people write, as steps: lines of a drink in free words. */
export { readLine } from './read-line';
export type { Choice, OpenQuestion, Question, Read, Reading } from './reading';
export { CERTAIN, typedLine } from './typed-line';
export type { TypedLine } from './typed-line';
export { completionsOf } from './completions';
export type { Completion } from './completions';
export { placeIn } from './slots';
export * from './en/recipe';
