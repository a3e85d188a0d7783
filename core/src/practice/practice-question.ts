import { measureQuestion, reductionQuestion, saltQuestion, yieldQuestion } from './amount-questions';
import type { PracticeKind, PracticeQuestion, Random } from './question';
import { slipQuestion } from './slip-question';

const MAKERS: Readonly<Record<PracticeKind, (random: Random) => PracticeQuestion>> = {
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
 */
export const practiceQuestion = (kind: PracticeKind, random: Random): PracticeQuestion => MAKERS[kind](random);
