/** Slips in a drink: what disagrees, what goes wrong on the way, what was taken for granted. */
export type { Finding, FindingContext, FindingRule } from './finding';
export { findingsOf } from './findings-of';
