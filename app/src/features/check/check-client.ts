import { answerInPlace, type AnswerClient, type Hearer } from '../../domain/workers/worker-client';
import { answerCheck, type CheckAnswer, type CheckQuery } from './answer-check';

/** Checks recipes where there are no workers. */
export const openCheckClient = (hearer: Hearer<CheckAnswer>): AnswerClient<CheckQuery> =>
  answerInPlace(answerCheck, hearer);
