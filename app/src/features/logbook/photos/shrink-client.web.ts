import { askInTurn, type AskedWorker } from '../../../domain/workers/worker-client';
import type { ShrinkAnswer } from './shrink-picture';

/** A picture that takes longer is given up, ms. */
const LIMIT_ms = 30_000;

export const openShrinkClient = (): AskedWorker<Blob, ShrinkAnswer> =>
  askInTurn(() => new Worker(new URL('./shrink.worker', import.meta.url)), LIMIT_ms);
