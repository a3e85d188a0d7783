/** What speaks against a reading. */
export interface Doubt {
  readonly steps: number;
  /** Words that nothing was made of. */
  readonly unread: number;
  /** Words that were spelled otherwise. */
  readonly slips: number;
  /** Something must be asked. */
  readonly asked: boolean;
  /** Something goes in of which no amount is said. */
  readonly bare: boolean;
}

/**
 * Log-odds that a careful person would read the same, fitted to lines whose meaning is known, with slips of the key,
 * words between and lines put together: `npm run calibrate` fits them anew and says how well they hold.
 */
export const FITTED = { clear: 3.4, eachUnread: -1.7 };
/**
 * Set by hand. A word that was spelled otherwise is nearly always meant so, and is shown before it is taken; what must be
 * asked may be meant either way, so it is never taken without an answer.
 */
const EACH_SLIP = -1.5;
const ASKED = -2.2;
const BARE = -2;

/** Chance that a careful person would read the same, 0 to 1. */
export function chanceOf({ steps, unread, slips, asked, bare }: Doubt, fitted = FITTED): number {
  if (steps === 0) return 0;
  const logOdds =
    fitted.clear + fitted.eachUnread * unread + EACH_SLIP * slips + (asked ? ASKED : 0) + (bare ? BARE : 0);
  return 1 / (1 + Math.exp(-logOdds));
}
