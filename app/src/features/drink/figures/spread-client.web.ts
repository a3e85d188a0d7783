import { newestAnswer, type AnswerClient } from '../newest-answer';
import type { SpreadAnswer, SpreadQuestion } from './answer-spread';

export function openSpreadClient(onAnswer: (answer: SpreadAnswer) => void): AnswerClient<SpreadQuestion> {
  return newestAnswer(new Worker(new URL('./spread.worker', import.meta.url)), onAnswer);
}
