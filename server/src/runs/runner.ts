import { MessageChannel } from 'node:worker_threads';
import { Piscina } from 'piscina';
import { Problem } from '../problem';
import { RUN_JOBS, type RunJob, type RunJobs } from './run-jobs';

/** Runs drinks, and draws labels, for the server. */
export interface Runner {
  /** @throws Problem `takes-too-long` when it is not done within its limit */
  readonly run: <Job extends RunJob>(
    job: Job,
    input: Parameters<RunJobs[Job]>[0],
  ) => Promise<Awaited<ReturnType<RunJobs[Job]>>>;
  readonly close: () => Promise<void>;
}

/** Runs in place, without a limit: where there is no worker, as in most tests. */
export const inPlaceRunner: Runner = {
  run: async (job, input) => (await RUN_JOBS[job](input as never)) as never,
  close: async () => undefined,
};

/** How long one run may take, how many go on at once, what each may take up, and how many may wait for their turn. */
export const RUN_LIMITS = { limit_ms: 3000, threads: 2, memory_MB: 256, waiting: 500 } as const;
/** Drawing takes as long as there are labels, which the contract limits: so many times what a run may take. */
const DRAWING_TAKES = 10;
const DRAWN: ReadonlySet<RunJob> = new Set<RunJob>(['labels', 'labelsPdf']);

/** Workers for one kind of work. `threads`: at least, and at most. */
function workers(file: string, [least, most]: readonly [number, number]) {
  const pool = new Piscina({
    filename: file,
    minThreads: least,
    maxThreads: most,
    idleTimeout: IDLE_ms,
    resourceLimits: { maxOldGenerationSizeMb: RUN_LIMITS.memory_MB },
  });
  return {
    /** The time of each counts from when it begins: waiting for a turn, or for a worker that starts, is not its own. */
    run: async (job: RunJob, input: unknown, limit_ms: number): Promise<unknown> => {
      if (pool.queueSize >= RUN_LIMITS.waiting) throw new Problem('too-many-requests');
      const { port1: begun, port2: begins } = new MessageChannel();
      const tooLong = new AbortController();
      let timer: ReturnType<typeof setTimeout> | undefined;
      begun.once('message', () => (timer = setTimeout(() => tooLong.abort(), limit_ms)));
      try {
        return await pool.run({ job, input, begins }, { signal: tooLong.signal, transferList: [begins] });
      } catch (error) {
        if (!tooLong.signal.aborted) throw error;
        throw DRAWN.has(job)
          ? new Problem('takes-too-long', undefined, 'So many labels take too long to draw; ask for fewer at once.')
          : new Problem('takes-too-long');
      } finally {
        clearTimeout(timer);
        begun.close();
      }
    },
    close: () => pool.destroy(),
  };
}
/** A worker that has nothing to do is kept for so long, ms. */
const IDLE_ms = 60_000;

/**
 * Runs in workers, so that nothing anybody writes can stop the server. A run that takes longer than its limit is ended
 * with its worker. What is drawn has a worker of its own: no brew waits for a sheet of labels.
 *
 * @param file bundle of `run-worker.ts`
 */
export function workerRunner(file: string, limit_ms: number = RUN_LIMITS.limit_ms): Runner {
  const [runs, drawing] = [workers(file, [1, RUN_LIMITS.threads]), workers(file, [0, 1])];
  return {
    run: async (job, input) =>
      (await (DRAWN.has(job)
        ? drawing.run(job, input, DRAWING_TAKES * limit_ms)
        : runs.run(job, input, limit_ms))) as never,
    close: async () => {
      await Promise.all([runs.close(), drawing.close()]);
    },
  };
}
