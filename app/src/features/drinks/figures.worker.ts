import { drinkFigures, type FiguresQuestion } from './drink-figures';

/** Runs drinks of the list off the main thread. */
self.onmessage = ({ data }: MessageEvent<FiguresQuestion>) => {
  self.postMessage(drinkFigures(data));
};
