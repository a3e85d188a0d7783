import { WorkerError, askInTurn, type AskedWorker } from '../../../domain/workers/worker-client';
import { shrinkPicture, type ShrinkAnswer } from './shrink-picture';

/** A picture that takes longer is given up, ms. */
const LIMIT_ms = 30_000;

/** Shrinks in a worker; in place where there is none, as without a network on a device that never had it. */
export function openShrinkClient(): AskedWorker<Blob, ShrinkAnswer> {
  const { ask, close } = askInTurn<Blob, ShrinkAnswer>(
    () => new Worker(new URL('./shrink.worker', import.meta.url)),
    LIMIT_ms,
  );
  return {
    ask: (file) =>
      ask(file).catch((error: unknown) => {
        if (error instanceof WorkerError && error.why === 'failed') return shrinkPicture(file);
        throw error;
      }),
    close,
  };
}
