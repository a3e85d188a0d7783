/** Asks for answers and hears them. */
export interface AnswerClient<Question> {
  readonly ask: (question: Question) => void;
  readonly close: () => void;
}

/** Answers from a worker; only the newest question is worth an answer. */
export function newestAnswer<Question, Answer>(
  worker: Worker,
  onAnswer: (answer: Answer) => void,
): AnswerClient<Question> {
  let busy = false;
  let waiting: Question | undefined;
  const send = (question: Question) => {
    busy = true;
    worker.postMessage(question);
  };
  worker.onmessage = ({ data }: MessageEvent<Answer>) => {
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
