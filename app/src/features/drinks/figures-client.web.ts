import { askInTurn, type AskedWorker } from '../../domain/workers/worker-client';
import type { FiguresQuestion } from './drink-figures';
import type { DrinkFigures } from './drinks-view';

/** A drink that takes longer does not hold up the rest of the list, ms. */
const LIMIT_ms = 4000;

export function openFiguresClient(): AskedWorker<FiguresQuestion, DrinkFigures> {
  return askInTurn(() => new Worker(new URL('./figures.worker', import.meta.url)), LIMIT_ms);
}
