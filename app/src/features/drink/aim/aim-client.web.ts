import { newestAnswer, type AnswerClient, type Hearer } from '../../../domain/workers/worker-client';
import type { AimAnswer, AimQuestion } from './answer-aim';

/** A search for doses that takes longer is given up, ms. */
const LIMIT_ms = 20_000;

export function openAimClient(hearer: Hearer<AimAnswer>): AnswerClient<AimQuestion> {
  return newestAnswer(() => new Worker(new URL('./aim.worker', import.meta.url)), hearer, LIMIT_ms);
}
