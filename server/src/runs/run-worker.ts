import type { MessagePort } from 'node:worker_threads';
import { RUN_JOBS, type RunJob } from './run-jobs';

interface Task {
  readonly job: RunJob;
  readonly input: never;
  /** Told when the job begins: until then the worker may still be starting. */
  readonly begins: MessagePort;
}

/** What a worker of the pool does: one job at a time. */
export default ({ job, input, begins }: Task): unknown => {
  begins.postMessage(null);
  return RUN_JOBS[job](input);
};
