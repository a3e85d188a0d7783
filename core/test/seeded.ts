import fc from 'fast-check';

/**
 * Property tests draw the same cases at every run, so that what is green is green; `SEED=7 npm test -- unit` draws
 * others, and `npm run fuzz` a hundred thousand.
 */
fc.configureGlobal({ seed: Number(process.env.SEED ?? 20261125) });

export default fc;
