import { pastedRecipe } from './pasted-recipe';

/** Reads pasted recipes off the main thread. */
self.onmessage = ({ data }: MessageEvent<string>) => {
  self.postMessage(pastedRecipe(data));
};
