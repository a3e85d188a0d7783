import type { BottleRecord, BrewRun } from '@wellhydra/contract';

const HOUR_ms = 3_600_000;
/** Spans are said in the largest unit of which there are two, each with its length in hours. */
const UNITS = [
  ['month', 730.5],
  ['day', 24],
  ['hour', 1],
] as const;

/** "19 hours", "11 days". The list is the first that is loaded: it does without what core has for more. */
function spanWords(span_ms: number): string {
  const hours = Math.max(0, span_ms / HOUR_ms);
  const [unit, length_h] = UNITS.find(([, length]) => hours >= 2 * length) ?? UNITS[2];
  return new Intl.NumberFormat('en-GB', { style: 'unit', unit, unitDisplay: 'long' }).format(
    Math.floor(hours / length_h),
  );
}

/** What there is of a drink by now. */
export interface LeftView {
  readonly words: string;
  readonly has: 'some' | 'under-way' | 'none';
}

const counted = (count: number, one: string, many: string): string => `${count} ${count === 1 ? one : many}`;

/**
 * What there is of each drink, by its id: its bottles and until when the first of them is good, or that it is being
 * made.
 */
export function leftViews(
  bottles: readonly Pick<BottleRecord, 'drinkId' | 'remaining_mL' | 'useBy'>[],
  runs: readonly Pick<BrewRun, 'drinkId' | 'stage'>[],
  now: Date,
): ReadonlyMap<string, LeftView> {
  const left = new Map<string, LeftView>();
  for (const { drinkId, stage } of runs)
    if (stage !== 'finished' && stage !== 'abandoned')
      left.set(drinkId, { words: stage === 'paused' ? 'being made, paused' : 'being made', has: 'under-way' });
  const own = bottles.filter(({ remaining_mL }) => remaining_mL > 0);
  for (const drinkId of new Set(own.map((bottle) => bottle.drinkId))) {
    const all = own.filter((bottle) => bottle.drinkId === drinkId);
    const good = all.filter(({ useBy }) => Date.parse(useBy) >= now.getTime());
    const first = (good.length > 0 ? good : all).map(({ useBy }) => useBy).sort()[0]!;
    const left_ms = Date.parse(first) - now.getTime();
    const due = left_ms >= 0 ? spanWords(left_ms) : 'past its date';
    const words = `${counted((good.length > 0 ? good : all).length, 'bottle', 'bottles')}, ${due}`;
    left.set(drinkId, { words, has: 'some' });
  }
  return left;
}

export const NONE_LEFT: LeftView = { words: 'none made', has: 'none' };
