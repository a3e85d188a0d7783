import { formatNumber } from './format-number';

const HOUR_min = 60;
const DAY_min = 1440;
const MONTH_days = 30;
const HOUR_s = 3600;
const DAY_s = 86_400;
/** A rest of an hour that is shorter says nothing, min. */
const LEAST_REST_min = 5;

/**
 * A time as people say it: "35 min", "1 h 20 min", "3 days".
 *
 * @param minutes 0 or more
 */
export function durationWords(minutes: number): string {
  if (minutes < 0.75) return minutes <= 0 ? '0 min' : 'under 1 min';
  if (minutes < 2 * HOUR_min) return `${Math.round(minutes)} min`;
  if (minutes < 2 * DAY_min) {
    const hours = Math.floor(Math.round(minutes) / HOUR_min);
    const rest = Math.round(minutes) - hours * HOUR_min;
    return rest >= LEAST_REST_min ? `${hours} h ${rest} min` : `${hours} h`;
  }
  return `${formatNumber(minutes / DAY_min, 2)} days`;
}

/**
 * A time on a shelf, no finer than it is known: "40 min", "8 h", "6 days", "6 months".
 *
 * @param days 0 or more
 */
export function shelfWords(days: number): string {
  if (days <= 0) return 'not at all';
  if (days < (2 * HOUR_min) / DAY_min) return `${Math.max(1, Math.round(days * DAY_min))} min`;
  if (days < 2) return `${Math.round(days * 24)} h`;
  if (days < 2 * MONTH_days) return `${Math.round(days)} days`;
  return `${Math.round(days / MONTH_days)} months`;
}

const two = (value: number): string => String(value).padStart(2, '0');

/**
 * A rest as a clock shows it: "12:05", "1:04:00", "3 d 4 h"; over time with a plus.
 *
 * @param rest_ms time left; 0 or less is over
 */
export function clockWords(rest_ms: number): string {
  const over = rest_ms <= 0;
  const seconds = over ? Math.floor(-rest_ms / 1000) : Math.ceil(rest_ms / 1000);
  const hours = Math.floor(seconds / HOUR_s);
  const minutes = Math.floor((seconds % HOUR_s) / 60);
  const words =
    seconds >= 2 * DAY_s
      ? `${Math.floor(seconds / DAY_s)} d ${Math.floor((seconds % DAY_s) / HOUR_s)} h`
      : hours > 0
        ? `${hours}:${two(minutes)}:${two(seconds % 60)}`
        : `${minutes}:${two(seconds % 60)}`;
  return over ? `+${words}` : words;
}
