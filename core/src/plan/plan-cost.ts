import type { PlanDrink } from './plan-problem';

/** A minute late weighs as much as so many minutes of standing about. */
export const LATE_WEIGHT = 20;
/** Made earlier than it keeps, a drink is spoilt: as bad as late. */
const STALE_WEIGHT = 20;

/**
 * What a drink costs that is done at a slot: minutes it stands about before it is wanted, twenty times the minutes
 * it is late, and twenty times those by which it is made too early to be still fresh.
 */
export function costOf({ readyBy_min, keeps_min }: PlanDrink, end_min: number): number {
  const early = readyBy_min - end_min;
  if (early < 0) return LATE_WEIGHT * -early;
  return early + STALE_WEIGHT * Math.max(0, early - keeps_min);
}
