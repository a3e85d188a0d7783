import type { BrewTimer } from '@wellhydra/core/brew';

/** What is left of a timer, ms; below 0 once it has rung. A clock that ticks a moment late does not add to it. */
export const restOf = ({ startedAt, endsAt }: BrewTimer, pausedAt: string | null, now: Date): number =>
  Date.parse(endsAt) - Math.max(Date.parse(startedAt), pausedAt === null ? now.getTime() : Date.parse(pausedAt));

const hours = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit' });
/** When it rings, by the clock on the wall. */
export const untilWords = ({ endsAt }: BrewTimer): string => hours.format(new Date(endsAt));

const two = (value: number): string => String(value).padStart(2, '0');
const DAY_s = 86_400;

/** A rest as a clock shows it: "12:05", "1:04:00", "3 d 4 h"; over time with a plus. */
export function clockWords(rest_ms: number): string {
  const over = rest_ms <= 0;
  const seconds = over ? Math.floor(-rest_ms / 1000) : Math.ceil(rest_ms / 1000);
  const hours = Math.floor(seconds / 3600);
  const minutes = Math.floor((seconds % 3600) / 60);
  const words =
    seconds >= 2 * DAY_s
      ? `${Math.floor(seconds / DAY_s)} d ${Math.floor((seconds % DAY_s) / 3600)} h`
      : hours > 0
        ? `${hours}:${two(minutes)}:${two(seconds % 60)}`
        : `${minutes}:${two(seconds % 60)}`;
  return over ? `+${words}` : words;
}
