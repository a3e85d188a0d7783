const hour = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit' });
const dayAndHour = new Intl.DateTimeFormat('en-GB', { weekday: 'short', hour: '2-digit', minute: '2-digit' });
const day = new Intl.DateTimeFormat('en-GB', { weekday: 'short', day: 'numeric', month: 'short' });
const DAY_ms = 86_400_000;
/** A weekday alone says which day it is for so long. */
const WEEK_ms = 6 * DAY_ms;
/** A scale of more than this is marked in days. */
const IN_DAYS_ms = 4 * DAY_ms;

/** "Thu 11:45"; further off than its weekday says, "Thu 24 Dec, 11:45". */
export const momentWords = (at: Date, now: Date): string =>
  Math.abs(at.getTime() - now.getTime()) > WEEK_ms ? `${day.format(at)}, ${hour.format(at)}` : dayAndHour.format(at);

/** "Thu 24 Dec". */
export const dayWords = (at: Date): string => day.format(at);

/** How the marks of a scale are called, by how much of time it shows. */
export function scaleWords(from: Date, to: Date): (at: Date) => string {
  const shown_ms = to.getTime() - from.getTime();
  if (shown_ms > IN_DAYS_ms) return day.format;
  return from.toDateString() === to.toDateString() ? hour.format : dayAndHour.format;
}
