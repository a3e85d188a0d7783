import { formatNumber } from '@wellhydra/core/quantity';

const HOUR_min = 60;
const DAY_min = 1440;

/** A time as people say it: "35 min", "1 h 20 min", "3 days". */
export function minutesWords(minutes: number): string {
  if (minutes < 0.75) return minutes <= 0 ? '0 min' : 'under 1 min';
  if (minutes < 2 * HOUR_min) return `${Math.round(minutes)} min`;
  if (minutes < 2 * DAY_min) {
    const hours = Math.floor(Math.round(minutes) / HOUR_min);
    const rest = Math.round(minutes) - hours * HOUR_min;
    return rest > 4 ? `${hours} h ${rest} min` : `${hours} h`;
  }
  return `${formatNumber(minutes / DAY_min, 2)} days`;
}
