import type { AnswerClient } from '../newest-answer';
import { answerAim, type AimAnswer, type AimQuestion } from './answer-aim';

/** Answers in place, for where there are no workers. */
export function openAimClient(onAnswer: (answer: AimAnswer) => void): AnswerClient<AimQuestion> {
  return { ask: (question) => onAnswer(answerAim(question)), close: () => undefined };
}
