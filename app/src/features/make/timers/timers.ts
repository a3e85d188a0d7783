import type { BrewTimer } from '@wellhydra/core/brew';

/** What is left of a timer, ms; below 0 once it has rung. A clock that ticks a moment late does not add to it. */
export const restOf = ({ startedAt, endsAt }: BrewTimer, pausedAt: string | null, now: Date): number =>
  Date.parse(endsAt) - Math.max(Date.parse(startedAt), pausedAt === null ? now.getTime() : Date.parse(pausedAt));

const hours = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit' });
/** When it rings, by the clock on the wall. */
export const untilWords = ({ endsAt }: BrewTimer): string => hours.format(new Date(endsAt));
