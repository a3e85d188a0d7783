import { newestAnswer, type AnswerClient } from '../newest-answer';
import type { AimAnswer, AimQuestion } from './answer-aim';

export function openAimClient(onAnswer: (answer: AimAnswer) => void): AnswerClient<AimQuestion> {
  return newestAnswer(new Worker(new URL('./aim.worker', import.meta.url)), onAnswer);
}
