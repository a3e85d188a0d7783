import { newestAnswer, type AnswerClient, type Hearer } from '../../../domain/workers/worker-client';
import type { SpreadAnswer, SpreadQuestion } from './answer-spread';

/** A spread that takes longer is given up, ms. */
const LIMIT_ms = 15_000;

export function openSpreadClient(hearer: Hearer<SpreadAnswer>): AnswerClient<SpreadQuestion> {
  return newestAnswer(() => new Worker(new URL('./spread.worker', import.meta.url)), hearer, LIMIT_ms);
}
