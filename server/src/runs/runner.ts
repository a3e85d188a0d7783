import { Piscina } from 'piscina';
import { Problem } from '../problem';
import { RUN_JOBS, type RunJob, type RunJobs } from './run-jobs';

/** Runs drinks for the server. */
export interface Runner {
  /** @throws Problem `takes-too-long` when it is not done within its limit */
  readonly run: <Job extends RunJob>(job: Job, input: Parameters<RunJobs[Job]>[0]) => Promise<ReturnType<RunJobs[Job]>>;
  readonly close: () => Promise<void>;
}

/** Runs in place, without a limit: where there is no worker, as in most tests. */
export const inPlaceRunner: Runner = {
  run: async (job, input) => RUN_JOBS[job](input as never) as never,
  close: async () => undefined,
};

/** How long one run may take, how many go on at once, what each may take up, and how many may wait for their turn. */
export const RUN_LIMITS = { limit_ms: 3000, threads: 2, memory_MB: 256, waiting: 500 } as const;

/**
 * Runs in workers, so that nothing anybody writes can stop the server. A run that takes longer than its limit is ended
 * with its worker.
 *
 * @param file bundle of `run-worker.ts`
 */
export function workerRunner(file: string, limit_ms: number = RUN_LIMITS.limit_ms): Runner {
  const pool = new Piscina({
    filename: file,
    minThreads: 1,
    maxThreads: RUN_LIMITS.threads,
    resourceLimits: { maxOldGenerationSizeMb: RUN_LIMITS.memory_MB },
  });
  // Each has its turn before its own time counts; a turn comes after as many limits as there are before it at most.
  return {
    run: async (job, input) => {
      if (pool.queueSize >= RUN_LIMITS.waiting) throw new Problem('too-many-requests');
      const tooLong = new AbortController();
      const waits = 1 + Math.ceil(pool.queueSize / RUN_LIMITS.threads);
      const timer = setTimeout(() => tooLong.abort(), waits * limit_ms);
      try {
        return (await pool.run({ job, input }, { signal: tooLong.signal })) as never;
      } catch (error) {
        if (tooLong.signal.aborted) throw new Problem('takes-too-long');
        throw error;
      } finally {
        clearTimeout(timer);
      }
    },
    close: () => pool.destroy(),
  };
}
