import { measureQuestion, reductionQuestion, saltQuestion, yieldQuestion } from './amount-questions';
import type { PracticeKind, PracticeQuestion, PractisingKitchen, Random } from './question';
import { slipQuestion } from './slip-question';

type Maker = (random: Random, kitchen?: PractisingKitchen) => PracticeQuestion;

const MAKERS: Readonly<Record<PracticeKind, Maker>> = {
  measure: measureQuestion,
  reduction: reductionQuestion,
  yield: yieldQuestion,
  salt: saltQuestion,
  slip: slipQuestion,
};

/**
 * A question of a kind, about an invented recipe; what is true of it comes of a run.
 *
 * @param random uniform between 0 and 1: the same numbers make the same question
 * @param kitchen whose measures are asked for before any others
 */
export const practiceQuestion = (kind: PracticeKind, random: Random, kitchen?: PractisingKitchen): PracticeQuestion =>
  MAKERS[kind](random, kitchen);
