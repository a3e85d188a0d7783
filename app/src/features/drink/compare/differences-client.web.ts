import { newestAnswer, type AnswerClient, type Hearer } from '../../../domain/workers/worker-client';
import type { DifferencesAnswer, DifferencesQuestion } from './answer-differences';

/** Two drinks that take longer are given up, ms. */
const LIMIT_ms = 15_000;

export function openDifferencesClient(hearer: Hearer<DifferencesAnswer>): AnswerClient<DifferencesQuestion> {
  return newestAnswer(() => new Worker(new URL('./differences.worker', import.meta.url)), hearer, LIMIT_ms);
}
