import { newestAnswer, type AnswerClient, type Hearer } from '../../domain/workers/worker-client';
import type { MeasuresAnswer, MeasuresQuestion } from './answer-measures';

/** Drawing that takes longer is given up, ms. */
const LIMIT_ms = 60_000;

export function openMeasuresClient(hearer: Hearer<MeasuresAnswer>): AnswerClient<MeasuresQuestion> {
  return newestAnswer(() => new Worker(new URL('./measures.worker', import.meta.url)), hearer, LIMIT_ms);
}
