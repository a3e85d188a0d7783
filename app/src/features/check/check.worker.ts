import { answerCheck, type CheckQuery } from './answer-check';

/** Checks recipes off the main thread. */
self.onmessage = ({ data }: MessageEvent<CheckQuery>) => {
  self.postMessage(answerCheck(data));
};
