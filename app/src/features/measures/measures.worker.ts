import { answerMeasures, type MeasuresQuestion } from './answer-measures';

/** Draws every drink with and without a measure off the main thread. */
self.onmessage = ({ data }: MessageEvent<MeasuresQuestion>) => {
  self.postMessage(answerMeasures(data));
};
