import type { AskedWorker } from '../../domain/workers/worker-client';
import { drinkFigures, type FiguresQuestion } from './drink-figures';
import type { DrinkFigures } from './drinks-view';

/** Answers in place, for where there are no workers. */
export function openFiguresClient(): AskedWorker<FiguresQuestion, DrinkFigures> {
  return { ask: async (question) => drinkFigures(question), close: () => undefined };
}
