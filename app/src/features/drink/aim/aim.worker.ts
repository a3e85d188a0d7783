import { answerAim, type AimQuestion } from './answer-aim';

/** Searches doses off the main thread. */
self.onmessage = ({ data }: MessageEvent<AimQuestion>) => {
  self.postMessage(answerAim(data));
};
