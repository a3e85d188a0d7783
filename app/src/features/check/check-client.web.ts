import { newestAnswer, type AnswerClient, type Hearer } from '../../domain/workers/worker-client';
import type { CheckAnswer, CheckQuery } from './answer-check';

/** A recipe that takes longer is none, ms. */
const LIMIT_ms = 8000;

/** Checks recipes in a worker; only the newest text is worth an answer. */
export function openCheckClient(hearer: Hearer<CheckAnswer>): AnswerClient<CheckQuery> {
  return newestAnswer(() => new Worker(new URL('./check.worker', import.meta.url)), hearer, LIMIT_ms);
}
