import { answerInPlace, type AnswerClient, type Hearer } from '../../domain/workers/worker-client';
import { answerMeasures, type MeasuresAnswer, type MeasuresQuestion } from './answer-measures';

/** Answers in place, for where there are no workers. */
export function openMeasuresClient(hearer: Hearer<MeasuresAnswer>): AnswerClient<MeasuresQuestion> {
  return answerInPlace(answerMeasures, hearer);
}
