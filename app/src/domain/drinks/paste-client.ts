import { pastedRecipe } from './pasted-recipe';
import type { PastedRecipe } from './pasted-words';

/** Reads a pasted recipe where there are no workers. */
export const readPasted = (text: string): Promise<PastedRecipe | null> => Promise.resolve(pastedRecipe(text));
