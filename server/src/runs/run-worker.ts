import { RUN_JOBS, type RunJob } from './run-jobs';

/** What a worker of the pool does: one job at a time. */
export default ({ job, input }: { readonly job: RunJob; readonly input: never }): unknown => RUN_JOBS[job](input);
