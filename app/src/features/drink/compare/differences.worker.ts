import { answerDifferences, type DifferencesQuestion } from './answer-differences';

/** Runs a drink for each of its differences off the main thread. */
self.onmessage = ({ data }: MessageEvent<DifferencesQuestion>) => {
  self.postMessage(answerDifferences(data));
};
