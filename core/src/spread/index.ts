/** How far figures may be off, by seeded draws over what they were measured with. */
export { bandOdds } from './band-odds';
export type { BandOdds } from './band-odds';
export { DEFAULT_DRAWS, DEFAULT_SEED, measureSpread } from './measure-spread';
export type { Range, Spread, SpreadOptions } from './measure-spread';
export { quantile, quantilesOf } from './quantile';
export { standardNormal } from './standard-normal';
