import type { AskedWorker } from '../../../domain/workers/worker-client';
import { shrinkPicture, type ShrinkAnswer } from './shrink-picture';

/** Shrinks in place, for where there are no workers. */
export const openShrinkClient = (): AskedWorker<Blob, ShrinkAnswer> => ({
  ask: shrinkPicture,
  close: () => undefined,
});
