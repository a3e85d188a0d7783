/** Steps that honest people do differently, and what each way changes. */
export { ALTERNATIVE_CODES, inThisWay, alternativesOf } from './alternatives';
export type { StepAlternatives, Way } from './alternatives';
export { wayEffects } from './way-effects';
export type { WayEffect } from './way-effects';
