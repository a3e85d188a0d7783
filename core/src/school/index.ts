/** Steps that honest people do differently, and what each way changes. */
export { SCHOOL_CODES, inThisWay, schoolOf } from './schools';
export type { School, Way } from './schools';
export { wayEffects } from './way-effects';
export type { WayEffect } from './way-effects';
