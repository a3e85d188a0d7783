import { answerPlan, type PlanQuestion } from './answer-plan';

/** Plans off the main thread. */
self.onmessage = ({ data }: MessageEvent<PlanQuestion>) => {
  self.postMessage(answerPlan(data));
};
