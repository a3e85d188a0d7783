import fc from 'fast-check';

/**
 * Property tests draw the same cases at every run, so that what is green is green; `SEED=7 npm test -- unit` draws
 * others, and `npm run fuzz` a hundred thousand.
 */
export const SEED = Number(process.env.SEED ?? 20261125);
fc.configureGlobal({ seed: SEED });

export default fc;
