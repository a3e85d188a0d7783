import type { BottleRecord, BrewRun } from '@wellhydra/contract';
import { brewState } from '@wellhydra/core/brew';
import { dueView } from '../bottles/bottles-view';

/** What there is of a drink by now. */
export interface LeftView {
  readonly words: string;
  readonly has: 'some' | 'under-way' | 'none';
}

const counted = (count: number, one: string, many: string): string => `${count} ${count === 1 ? one : many}`;

/**
 * What there is of each drink, by its id: its bottles and until when the first of them is good, or how far its brew has
 * come.
 */
export function leftViews(
  bottles: readonly Pick<BottleRecord, 'drinkId' | 'remaining_mL' | 'useBy'>[],
  runs: readonly Pick<BrewRun, 'drinkId' | 'events'>[],
  now: Date,
): ReadonlyMap<string, LeftView> {
  const left = new Map<string, LeftView>();
  for (const { drinkId, events } of runs) {
    const { stage, left: done } = brewState(events);
    if (stage === 'finished' || stage === 'abandoned') continue;
    left.set(drinkId, { words: `being made, ${counted(done.size, 'step', 'steps')} done`, has: 'under-way' });
  }
  const own = bottles.filter(({ remaining_mL }) => remaining_mL > 0);
  for (const drinkId of new Set(own.map((bottle) => bottle.drinkId))) {
    const all = own.filter((bottle) => bottle.drinkId === drinkId);
    const good = all.filter(({ useBy }) => Date.parse(useBy) >= now.getTime());
    const first = (good.length > 0 ? good : all).map(({ useBy }) => useBy).sort()[0]!;
    const words = `${counted((good.length > 0 ? good : all).length, 'bottle', 'bottles')}, ${dueView(first, now).words}`;
    left.set(drinkId, { words, has: 'some' });
  }
  return left;
}

export const NONE_LEFT: LeftView = { words: 'none made', has: 'none' };
