import type { SpreadAnswer, SpreadQuestion } from './answer-spread';
import type { SpreadClient } from './spread-client';

/** Answers from a worker; only the newest question is worth an answer. */
export function openSpreadClient(onAnswer: (answer: SpreadAnswer) => void): SpreadClient {
  const worker = new Worker(new URL('./spread.worker', import.meta.url));
  let busy = false;
  let waiting: SpreadQuestion | undefined;
  const send = (question: SpreadQuestion) => {
    busy = true;
    worker.postMessage(question);
  };
  worker.onmessage = ({ data }: MessageEvent<SpreadAnswer>) => {
    busy = false;
    onAnswer(data);
    if (waiting) send(waiting);
    waiting = undefined;
  };
  return {
    ask: (question) => {
      if (busy) waiting = question;
      else send(question);
    },
    close: () => worker.terminate(),
  };
}
