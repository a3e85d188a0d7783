import type { DrinkRequest } from '@wellhydra/contract';
import { durationWords } from '@wellhydra/core/quantity';
import { momentWords } from '../../domain/words/moment-words';
import type { PlanRow } from './plan-view';
import { MINUTE_ms } from './problem/plan-problem';

/** A drink that would be begun at another time than was agreed. */
export interface Move {
  readonly id: string;
  readonly name: string;
  readonly words: string;
  readonly late: boolean;
}

/** A beginning that moves by less than this stays where it was. */
const SAME_ms = 5 * MINUTE_ms;

/** What a plan that is made anew changes of what was agreed, in the order of the clock. */
export function replanMoves(rows: readonly PlanRow[], requests: readonly DrinkRequest[], now: Date): readonly Move[] {
  return rows.flatMap(({ id, name, begin, end, readyBy }): Move[] => {
    const agreed = requests.find((each) => each.id === id)?.agreed;
    if (agreed === null || agreed === undefined) return [];
    if (Math.abs(begin.getTime() - Date.parse(agreed)) < SAME_ms) return [];
    const late_ms = end.getTime() - readyBy.getTime();
    const late = late_ms > SAME_ms;
    const ready = late
      ? `ready ${momentWords(end, now)}, ${durationWords(late_ms / MINUTE_ms)} late`
      : `ready ${momentWords(end, now)}, in time`;
    return [{ id, name, words: `begin ${momentWords(begin, now)}, ${ready}`, late }];
  });
}
