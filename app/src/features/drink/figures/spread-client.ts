import type { AnswerClient } from '../newest-answer';
import { answerSpread, type SpreadAnswer, type SpreadQuestion } from './answer-spread';

/** Answers in place, for where there are no workers. */
export function openSpreadClient(onAnswer: (answer: SpreadAnswer) => void): AnswerClient<SpreadQuestion> {
  return { ask: (question) => onAnswer(answerSpread(question)), close: () => undefined };
}
