import { answerInPlace, type AnswerClient, type Hearer } from '../../../domain/workers/worker-client';
import { answerDifferences, type DifferencesAnswer, type DifferencesQuestion } from './answer-differences';

/** Answers in place, for where there are no workers. */
export function openDifferencesClient(hearer: Hearer<DifferencesAnswer>): AnswerClient<DifferencesQuestion> {
  return answerInPlace(answerDifferences, hearer);
}
