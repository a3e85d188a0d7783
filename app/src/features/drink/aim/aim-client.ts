import { answerInPlace, type AnswerClient, type Hearer } from '../../../domain/workers/worker-client';
import { answerAim, type AimAnswer, type AimQuestion } from './answer-aim';

/** Answers in place, for where there are no workers. */
export function openAimClient(hearer: Hearer<AimAnswer>): AnswerClient<AimQuestion> {
  return answerInPlace(answerAim, hearer);
}
