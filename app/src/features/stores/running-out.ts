import type { BottleRecord } from '@wellhydra/contract';
import type { Analysis } from '@wellhydra/core/analyse';
import { runOutAtPace } from '@wellhydra/core/household';
import { takenOutOf } from '@wellhydra/core/stores';
import type { Had } from '../../domain/people/drunk';
import type { LastsView } from '../../domain/people/spoons';
import type { Wanting } from '../../domain/stores/to-buy';
import { dayWords } from '../../domain/words/moment-words';

const DAY_ms = 86_400_000;
/** What lasts longer than this is bought for another time. */
const AHEAD_ms = 14 * DAY_ms;

/** A drink that has to be made again soon. */
export interface RunningOut {
  readonly drinkId: string;
  readonly name: string;
  readonly words: string;
  /** What is planned beyond what there is, mL; null where only a pace is known. */
  readonly missing_mL: number | null;
}

interface Known {
  readonly lasts: readonly LastsView[];
  readonly bottles: readonly BottleRecord[];
  readonly had: readonly Had[];
  readonly names: ReadonlyMap<string, string>;
  readonly now: Date;
}

/** Drinks that run out: by what is planned by the spoon, and else by the pace of the last week; the soonest first. */
export function runningOut({ lasts, bottles, had, names, now }: Known): readonly RunningOut[] {
  const soon = now.getTime() + AHEAD_ms;
  const planned = lasts.flatMap(({ drinkId, drinkName, out }) =>
    out.kind === 'runs-out' && out.at.getTime() <= soon
      ? [{ drinkId, name: drinkName, at: out.at, missing_mL: out.missing_mL, by: 'by what is planned' }]
      : [],
  );
  const seen = new Set(lasts.map(({ drinkId }) => drinkId));
  const paced = [...new Set(bottles.map(({ drinkId }) => drinkId))].flatMap((drinkId) => {
    if (seen.has(drinkId)) return [];
    const left_mL = bottles
      .filter((bottle) => bottle.drinkId === drinkId)
      .reduce((sum, { remaining_mL }) => sum + remaining_mL, 0);
    const poured = had
      .filter(({ pour }) => pour.drinkId === drinkId)
      .map(({ pour }) => ({ at: new Date(pour.pouredAt), volume_mL: pour.volume_mL }));
    const at = runOutAtPace(left_mL, poured, now);
    const name = names.get(drinkId);
    return at && name && at.getTime() <= soon
      ? [{ drinkId, name, at, missing_mL: null, by: 'at the pace of the last week' }]
      : [];
  });
  return [...planned, ...paced]
    .sort((a, b) => a.at.getTime() - b.at.getTime())
    .map(({ drinkId, name, at, missing_mL, by }) => ({
      drinkId,
      name,
      missing_mL,
      words: `${name}: until ${dayWords(at)} ${by}`,
    }));
}

/** What making a drink again takes: one batch, or as many as what is planned asks for. */
export function wantedAgain({ name, missing_mL }: RunningOut, { trace, liquid }: Analysis): Wanting {
  const batch_mL = trace.pot.dry ? trace.pot.mass_g : (liquid?.volume_mL ?? 0);
  const batches = missing_mL !== null && batch_mL > 0 ? Math.max(1, Math.ceil(missing_mL / batch_mL)) : 1;
  const { used, prepared } = takenOutOf(trace);
  const times = (amounts: Readonly<Record<string, number>>): Record<string, number> =>
    Object.fromEntries(Object.entries(amounts).map(([ingredient, grams]) => [ingredient, grams * batches]));
  return {
    name: batches === 1 ? name : `${name}, ${batches} batches`,
    used: times(used),
    prepared: prepared.map((each) => ({
      name: each.name,
      amount_mL: each.amount_mL * batches,
      used: times(each.used),
    })),
  };
}
