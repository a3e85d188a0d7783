import { answerSpread, type SpreadQuestion } from './answer-spread';

/** Draws the spread off the main thread, so that typing never waits for it. */
self.onmessage = ({ data }: MessageEvent<SpreadQuestion>) => {
  self.postMessage(answerSpread(data));
};
