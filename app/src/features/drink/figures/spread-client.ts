import { answerInPlace, type AnswerClient, type Hearer } from '../../../domain/workers/worker-client';
import { answerSpread, type SpreadAnswer, type SpreadQuestion } from './answer-spread';

/** Answers in place, for where there are no workers. */
export function openSpreadClient(hearer: Hearer<SpreadAnswer>): AnswerClient<SpreadQuestion> {
  return answerInPlace(answerSpread, hearer);
}
