/** What people write, as steps: lines of a drink in free words. */
export { readLine } from './read-line';
export type { Choice, OpenQuestion, Question, Read, Reading } from './reading';
export { answersOf } from './answers';
export { CERTAIN, typedLine } from './typed-line';
export type { TypedLine } from './typed-line';
export { completionsOf } from './completions';
export type { Completion } from './completions';
export { placeIn } from './slots';
export {
  ANY_CUP,
  AT_SERVING,
  BATCH_SIZE,
  BUT,
  BY_THE_WAY,
  CLAIMS,
  EVERYTHING,
  FOR_ONE,
  FOR_WASHING,
  FOR_WHOM,
  FURNITURE,
  GROUPS,
  INGREDIENT_HEADS,
  JAR_SIZE,
  KEEPS,
  KIND_WORDS,
  LARGE_TABLESPOON,
  MADE_READY,
  MAKE_SO_MANY,
  METHOD_HEADS,
  NOT_FOR,
  OTHER_HEADS,
  PART_HEAD,
  PRONOUNS,
  REASON,
  SCOOP_IS,
  SERVED,
  SERVES,
  SERVING_HEADS,
  SERVING_LEAD,
  STORY,
  TABLESPOON,
  TAKEN,
  TELLING,
  VESSEL_SIZE,
  WHOLE_PARTS,
} from './en/recipe';
