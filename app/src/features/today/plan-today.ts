import type { DrinkRequest } from '@wellhydra/contract';
import { durationWords } from '@wellhydra/core/quantity';
import type { Brews } from '../../domain/brews/brews';
import { missedWords } from '../../domain/plans/missed';
import { momentWords } from '../../domain/words/moment-words';

/** A drink of the plan that was agreed on, as Today shows it. */
export interface PlannedToday {
  readonly id: string;
  readonly drinkId: string;
  readonly name: string;
  readonly at: Date;
  /** It was to be begun, and is not. */
  readonly missed: boolean;
  readonly words: string;
}

const MINUTE_ms = 60_000;
/** So far ahead the plan is shown here. */
const AHEAD_ms = 24 * 60 * MINUTE_ms;
/** A brew that was begun this long before it was agreed to is the one that was meant. */
const EARLY_ms = 6 * 60 * MINUTE_ms;

/** What of the plan is to be begun within a day, and what was missed, in the order of the clock. */
export function planToday(
  requests: readonly DrinkRequest[],
  names: ReadonlyMap<string, string>,
  { byId }: Pick<Brews, 'byId'>,
  now: Date,
): readonly PlannedToday[] {
  const brews = Object.values(byId);
  return requests
    .flatMap(({ id, drinkId, agreed, readyBy }): PlannedToday[] => {
      const name = names.get(drinkId);
      if (agreed === null || name === undefined) return [];
      const at = new Date(agreed);
      const begun = brews.some(
        (brew) => brew.drinkId === drinkId && Date.parse(brew.startedAt) > at.getTime() - EARLY_ms,
      );
      const left_ms = at.getTime() - now.getTime();
      if (begun || left_ms > AHEAD_ms) return [];
      const missed = missedWords(agreed, now);
      const ahead =
        left_ms < MINUTE_ms ? 'begin now' : `begin in ${durationWords(left_ms / MINUTE_ms)}, ${momentWords(at, now)}`;
      const when = missed ?? ahead;
      return [
        {
          id,
          drinkId,
          name,
          at,
          missed: missed !== null,
          words: `${when} · wanted ${momentWords(new Date(readyBy), now)}`,
        },
      ];
    })
    .sort((a, b) => a.at.getTime() - b.at.getTime());
}
