import { rowOf } from '../lookup';
import { unreadable, type Unreadable } from './outcome';
import { scanNumber } from './scan-number';

/** Minutes in each unit of time, by its spellings. */
export const TIME_UNITS_min: Readonly<Record<string, number>> = {
  s: 1 / 60,
  sec: 1 / 60,
  secs: 1 / 60,
  second: 1 / 60,
  seconds: 1 / 60,
  min: 1,
  mins: 1,
  minute: 1,
  minutes: 1,
  h: 60,
  hr: 60,
  hrs: 60,
  hour: 60,
  hours: 60,
  d: 1440,
  day: 1440,
  days: 1440,
  week: 10080,
  weeks: 10080,
};

export interface Duration {
  readonly kind: 'duration';
  readonly minutes: number;
}

/** No drink of a kitchen takes longer than ten years. */
const LONGEST_min = 3653 * 1440;

/**
 * Reads a length of time: "2 min", "1 1/2 h", "3-4 days" (its middle).
 *
 * @returns minutes, above 0; or what was not understood
 */
export function readDuration(written: string): Duration | Unreadable {
  const text = written.trim().toLowerCase();
  const number = scanNumber(text, 0);
  if (!number) return unreadable('no-amount', written, 'Write a time, such as 2 min.', ['2 min']);
  const unit = text.slice(number.end).trim();
  const factor = rowOf(TIME_UNITS_min, unit);
  if (factor === undefined)
    return unreadable('unknown-unit', unit || written, 'Write the time in min, h or days.', [
      `${text.slice(0, number.end)} min`,
    ]);
  const minutes = ((number.low + number.high) / 2) * factor;
  if (!(minutes <= LONGEST_min))
    return unreadable('too-large', written, 'That is longer than ten years. Write a shorter time.');
  if (!(number.low > 0)) return unreadable('not-positive', written, 'A time has to be more than nothing.');
  return { kind: 'duration', minutes };
}
