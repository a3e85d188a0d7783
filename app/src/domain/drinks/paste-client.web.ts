import { askInTurn, type AskedWorker } from '../workers/worker-client';
import type { PastedRecipe } from './pasted-words';

/** A text that takes longer to read is no recipe, ms. */
const LIMIT_ms = 8000;
let client: AskedWorker<string, PastedRecipe | null> | undefined;

/** Reads a pasted recipe in a worker. @throws WorkerError where there is no answer */
export function readPasted(text: string): Promise<PastedRecipe | null> {
  client ??= askInTurn<string, PastedRecipe | null>(
    () => new Worker(new URL('./paste.worker', import.meta.url)),
    LIMIT_ms,
  );
  return client.ask(text);
}
