import type { PlanRow } from '../plan-view';

/** How much of a plan its chart shows. */
export type Zoom = 'days' | 'week' | 'weeks' | 'all';

const DAY_ms = 86_400_000;
const LONGEST_ms: Readonly<Record<Zoom, number>> = {
  days: 2 * DAY_ms,
  week: 7 * DAY_ms,
  weeks: 14 * DAY_ms,
  all: Infinity,
};
/** Room before the first drink, as a share of what they take. */
const ROOM_BEFORE = 0.3;
const LEAST_ROOM_ms = 3_600_000;

type Bounds = Pick<PlanRow, 'begin' | 'end' | 'readyBy'>;

const lastOf = ({ end, readyBy }: Bounds): number => Math.max(end.getTime(), readyBy.getTime());
const firstOf = (rows: readonly Bounds[]): number => Math.min(...rows.map(({ begin }) => begin.getTime()));

/** The looks that differ, the closest first; one alone where everything is within two days. */
export function zoomsOf(rows: readonly Bounds[]): readonly Zoom[] {
  const whole_ms = Math.max(...rows.map(lastOf)) - firstOf(rows);
  return (['days', 'week', 'weeks', 'all'] as const).filter((zoom) => zoom === 'all' || LONGEST_ms[zoom] < whole_ms);
}

/** The closest look at which most drinks are seen whole: a steep of weeks does not hide a day's work. */
export function zoomFor(rows: readonly Bounds[]): Zoom {
  const first = firstOf(rows);
  const seen = (zoom: Zoom) => rows.filter((row) => lastOf(row) - first <= LONGEST_ms[zoom]).length;
  return zoomsOf(rows).find((zoom) => 2 * seen(zoom) > rows.length) ?? 'all';
}

/** From and to, with room to drag the first drink to an earlier time, but not before the plan begins. */
export function spanOf(rows: readonly Bounds[], begin: Date, zoom: Zoom): readonly [Date, Date] {
  const first = firstOf(rows);
  const last = Math.min(Math.max(...rows.map(lastOf)), first + LONGEST_ms[zoom]);
  const room_ms = Math.max(LEAST_ROOM_ms, ROOM_BEFORE * (last - first));
  return [new Date(Math.max(begin.getTime(), first - room_ms)), new Date(last)];
}
