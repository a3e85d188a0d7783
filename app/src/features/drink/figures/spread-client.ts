import { answerSpread, type SpreadAnswer, type SpreadQuestion } from './answer-spread';

/** Asks for spreads and hears the answers. */
export interface SpreadClient {
  readonly ask: (question: SpreadQuestion) => void;
  readonly close: () => void;
}

/** Answers in place, for where there are no workers. */
export function openSpreadClient(onAnswer: (answer: SpreadAnswer) => void): SpreadClient {
  return { ask: (question) => onAnswer(answerSpread(question)), close: () => undefined };
}
