/** Guessing a pinch, a yield, a thickness or the salt of a glass against real runs, finding slips, and how well one does. */
export { measureQuestionOf } from './amount-questions';
export { practiceQuestion } from './practice-question';
export { practiceStanding, practiseNext } from './practice-standing';
export type { PracticeAnswer, PracticeStanding } from './practice-standing';
export { PRACTICE_KINDS } from './question';
export type {
  AmountQuestion,
  PracticeKind,
  PracticeQuestion,
  PractisingKitchen,
  Random,
  SlipQuestion,
  UnweighedMeasure,
} from './question';
