/** Why a worker has no answer: it broke down, or it was given up. */
export type WorkerFailure = 'failed' | 'takes-too-long';

/** What is said of a question without an answer. */
export const FAILURE_WORDS: Readonly<Record<WorkerFailure, string>> = {
  failed: 'This could not be worked out on this device. Load the page again.',
  'takes-too-long': 'This takes too long to work out. With fewer steps or choices it is quicker.',
};

export class WorkerError extends Error {
  constructor(readonly why: WorkerFailure) {
    super(FAILURE_WORDS[why]);
  }
}

/** Answers one question after the other. */
export interface AskedWorker<Question, Answer> {
  /** @throws WorkerError when the worker breaks down, or has not answered within its limit */
  readonly ask: (question: Question) => Promise<Answer>;
  readonly close: () => void;
}

/**
 * Asks a worker in turn. One that breaks down or does not come back is ended, and the next question has a new one.
 *
 * @param limit_ms how long one answer may take
 */
export function askInTurn<Question, Answer>(open: () => Worker, limit_ms: number): AskedWorker<Question, Answer> {
  let worker: Worker | null = null;
  let last: Promise<unknown> = Promise.resolve();
  let closed = false;

  const answerTo = (question: Question) =>
    new Promise<Answer>((resolve, reject) => {
      if (closed) return;
      const asked = (worker ??= open());
      const fail = (why: WorkerFailure) => {
        clearTimeout(timer);
        asked.terminate();
        worker = null;
        reject(new WorkerError(why));
      };
      const timer = setTimeout(() => fail('takes-too-long'), limit_ms);
      asked.onmessage = ({ data }: MessageEvent<Answer>) => {
        clearTimeout(timer);
        resolve(data);
      };
      asked.onerror = () => fail('failed');
      asked.onmessageerror = () => fail('failed');
      asked.postMessage(question);
    });

  return {
    ask: (question) => {
      const answer = last.then(() => answerTo(question));
      last = answer.catch(() => undefined);
      return answer;
    },
    close: () => {
      closed = true;
      worker?.terminate();
    },
  };
}

/** Asks for answers and hears them. */
export interface AnswerClient<Question> {
  readonly ask: (question: Question) => void;
  readonly close: () => void;
}

/** Who hears the answers, and why there is none. */
export interface Hearer<Answer> {
  readonly onAnswer: (answer: Answer) => void;
  readonly onFailure: (why: WorkerFailure) => void;
}

/** Answers from a worker; only the newest question is worth an answer. */
export function newestAnswer<Question, Answer>(
  open: () => Worker,
  { onAnswer, onFailure }: Hearer<Answer>,
  limit_ms: number,
): AnswerClient<Question> {
  const worker = askInTurn<Question, Answer>(open, limit_ms);
  let busy = false;
  let waiting: { readonly question: Question } | null = null;
  const send = async (question: Question): Promise<void> => {
    busy = true;
    await worker.ask(question).then(onAnswer, (error: unknown) => {
      if (!(error instanceof WorkerError)) throw error;
      onFailure(error.why);
    });
    busy = false;
    const next = waiting;
    waiting = null;
    if (next) await send(next.question);
  };
  return {
    ask: (question) => {
      if (busy) waiting = { question };
      else void send(question);
    },
    close: worker.close,
  };
}

/** The same where there are no workers: answered in place. */
export function answerInPlace<Question, Answer>(
  answer: (question: Question) => Answer,
  { onAnswer }: Hearer<Answer>,
): AnswerClient<Question> {
  return { ask: (question) => onAnswer(answer(question)), close: () => undefined };
}
