/** So many days of a plan in which it is taken in one way. */
export type SpoonPhase =
  { readonly days: number; readonly every_h: number } | { readonly days: number; readonly timesADay: number };

/** A small dose taken for days: "1 tsp every two hours today, then three a day for a week". */
export interface SpoonPlan {
  /** Who takes it; by id, so that two edits at once are merged. */
  readonly people: Readonly<Record<string, true>>;
  readonly drinkId: string;
  readonly amount_mL: number;
  /** When it was begun, ISO 8601. */
  readonly begins: string;
  readonly phases: readonly SpoonPhase[];
  /** Hours of the day in which somebody is woken by nothing, minutes from midnight: the first dose, and the latest. */
  readonly from_min: number;
  readonly to_min: number;
  /** Doses that were left out on purpose: person and moment, as {@link doseKey} writes them. */
  readonly skipped: Readonly<Record<string, true>>;
  /** When it was ended before its time. */
  readonly ended: string | null;
}

const MINUTE_ms = 60_000;
const HOUR_ms = 60 * MINUTE_ms;
/** Times are said in quarters of an hour. */
const QUARTER_min = 15;

/** A dose of one person. */
export const doseKey = (personId: string, at: Date): string => `${personId}@${at.toISOString()}`;

const onDay = (day: Date, minutes: number): Date =>
  new Date(day.getFullYear(), day.getMonth(), day.getDate(), 0, minutes);

/** Minutes of a day at which a phase is taken: in equal steps from the first to the latest. */
function minutesOf(phase: SpoonPhase, from_min: number, to_min: number, begun_min: number | null): readonly number[] {
  if ('every_h' in phase) {
    const first = begun_min === null ? from_min : Math.max(from_min, begun_min);
    const step = 60 * phase.every_h;
    const count = Math.floor((to_min - first) / step + 1e-9) + 1;
    return Array.from({ length: Math.max(0, count) }, (_each, index) => first + index * step);
  }
  const { timesADay } = phase;
  const span = to_min - from_min;
  const all = Array.from({ length: timesADay }, (_each, index) => {
    const at = timesADay === 1 ? from_min : from_min + (index * span) / (timesADay - 1);
    return Math.round(at / QUARTER_min) * QUARTER_min;
  });
  return begun_min === null ? all : all.filter((minutes) => minutes >= begun_min);
}

/**
 * All doses of a plan in order, in local time: none in the night, none before it begins or after it was ended. Days are
 * calendar days; the first one is that on which it begins, whatever is left of it.
 *
 * @param plan its hours from 0 to 1439 with the first before the latest, its phases of at least one day
 * @throws RangeError where a moment is none
 */
export function spoonDoses({ begins, phases, from_min, to_min, ended }: SpoonPlan): readonly Date[] {
  const begun = new Date(begins);
  if (Number.isNaN(begun.getTime())) throw new RangeError(`spoonDoses: "${begins}" is no moment`);
  const until_ms = ended === null ? Infinity : Date.parse(ended);
  const doses: Date[] = [];
  let day = 0;
  for (const phase of phases)
    for (let of = 0; of < phase.days; of += 1, day += 1) {
      const date = new Date(begun.getFullYear(), begun.getMonth(), begun.getDate() + day);
      const begun_min =
        day === 0 ? Math.ceil((60 * begun.getHours() + begun.getMinutes()) / QUARTER_min) * QUARTER_min : null;
      for (const minutes of minutesOf(phase, from_min, to_min, begun_min)) {
        const at = onDay(date, minutes);
        if (at.getTime() <= until_ms) doses.push(at);
      }
    }
  return doses;
}

/** A dose that was left out longer ago than this tells nobody anything any more, ms. */
const FORGOTTEN_ms = 14 * 24 * HOUR_ms;

/** A plan in which somebody leaves a dose out; what was left out long ago is forgotten. */
export function withSkipped(plan: SpoonPlan, personId: string, at: Date): SpoonPlan {
  const since_ms = at.getTime() - FORGOTTEN_ms;
  const lately = Object.keys(plan.skipped).filter((key) => Date.parse(key.split('@')[1] ?? '') >= since_ms);
  return { ...plan, skipped: Object.fromEntries([...lately, doseKey(personId, at)].map((key) => [key, true])) };
}

export type DoseIs = 'done' | 'skipped' | 'missed' | 'due' | 'ahead';
export interface Dose {
  readonly at: Date;
  readonly is: DoseIs;
}

/** A dose can be taken this long before its time, ms. */
const EARLY_ms = 30 * MINUTE_ms;
/** It counts as missed after this long at most, ms. */
const LATE_ms = 2 * HOUR_ms;

/** Gives each pour to the dose it is nearest to, the nearest pairs first, as long as it lies within half a gap. */
function taken(doses: readonly Date[], pours: readonly Date[]): ReadonlySet<number> {
  const pairs = doses.flatMap((dose, index) => {
    const gap_ms = Math.min(
      dose.getTime() - (doses[index - 1]?.getTime() ?? -Infinity),
      (doses[index + 1]?.getTime() ?? Infinity) - dose.getTime(),
    );
    const within_ms = Math.max(EARLY_ms, Math.min(gap_ms / 2, 3 * HOUR_ms));
    return pours.flatMap((pour, of) => {
      const off_ms = Math.abs(pour.getTime() - dose.getTime());
      return off_ms <= within_ms ? [{ index, of, off_ms }] : [];
    });
  });
  const [filled, used] = [new Set<number>(), new Set<number>()];
  for (const { index, of } of pairs.sort((a, b) => a.off_ms - b.off_ms)) {
    if (filled.has(index) || used.has(of)) continue;
    filled.add(index);
    used.add(of);
  }
  return filled;
}

/**
 * How somebody's doses stand.
 *
 * @param plan the plan
 * @param personId who
 * @param pours when they had of that drink, however it was poured
 * @param now local time
 */
export function doseStandings(plan: SpoonPlan, personId: string, pours: readonly Date[], now: Date): readonly Dose[] {
  const doses = spoonDoses(plan);
  const done = taken(doses, pours);
  return doses.map((at, index): Dose => {
    if (done.has(index)) return { at, is: 'done' };
    if (plan.skipped[doseKey(personId, at)]) return { at, is: 'skipped' };
    const next_ms = (doses[index + 1]?.getTime() ?? Infinity) - at.getTime();
    const missed_ms = at.getTime() + Math.min(LATE_ms, next_ms / 2);
    if (now.getTime() > missed_ms) return { at, is: 'missed' };
    return { at, is: now.getTime() >= at.getTime() - EARLY_ms ? 'due' : 'ahead' };
  });
}

/** When what is left of a drink is used up. */
export type RunOut =
  | { readonly kind: 'lasts'; readonly left_mL: number }
  | { readonly kind: 'runs-out'; readonly at: Date; readonly missing_mL: number };

/** Less than this clings to the glass, mL. */
const CLINGS_mL = 0.5;

/**
 * When what is left is used up by what is still to be taken of it.
 *
 * @param left_mL in all bottles of the drink
 * @param ahead what is to be taken, by all plans for it, in any order
 * @returns the moment of the first dose that there is not enough for, or what is left at the end
 */
export function runOut(left_mL: number, ahead: readonly { readonly at: Date; readonly volume_mL: number }[]): RunOut {
  let left = left_mL;
  const inOrder = [...ahead].sort((a, b) => a.at.getTime() - b.at.getTime());
  const all_mL = inOrder.reduce((sum, { volume_mL }) => sum + volume_mL, 0);
  for (const { at, volume_mL } of inOrder) {
    left -= volume_mL;
    if (left < -CLINGS_mL) return { kind: 'runs-out', at, missing_mL: all_mL - left_mL };
  }
  return { kind: 'lasts', left_mL: Math.max(0, left) };
}

/** Pace is told from this many days, ms. */
const PACE_ms = 7 * 24 * HOUR_ms;

/**
 * When what is left is used up at the pace of the last week, where nobody has planned anything.
 *
 * @param left_mL in all bottles of the drink
 * @param pours of the drink
 * @returns the moment; null where too little was poured to tell
 */
export function runOutAtPace(
  left_mL: number,
  pours: readonly { readonly at: Date; readonly volume_mL: number }[],
  now: Date,
): Date | null {
  const lately = pours.filter(({ at }) => now.getTime() - at.getTime() <= PACE_ms && at <= now);
  const first_ms = Math.min(...lately.map(({ at }) => at.getTime()));
  const poured_mL = lately.reduce((sum, { volume_mL }) => sum + volume_mL, 0);
  // Two pours of one evening tell no pace: at least a day is counted.
  const over_ms = Math.max(24 * HOUR_ms, now.getTime() - first_ms);
  if (lately.length < 2 || poured_mL <= 0) return null;
  return new Date(now.getTime() + (left_mL / poured_mL) * over_ms);
}
