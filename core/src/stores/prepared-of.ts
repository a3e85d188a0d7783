import type { Trace } from '../simulate';
import { isEnough } from './enough';
import { usedOf } from './used-of';

/** What a batch takes of a drink that was made before. */
export interface PreparedUse {
  readonly name: string;
  /** As its bottles are counted: mL, or grams where it is dry. */
  readonly amount_mL: number;
  /** What went into that much of it, g by ingredient. */
  readonly used: Readonly<Record<string, number>>;
}

/** What a batch takes out of the house: g by ingredient, and what was made before. */
export interface TakenOut {
  readonly used: Readonly<Record<string, number>>;
  readonly prepared: readonly PreparedUse[];
}

/** Drinks are used by their names, however those are written. */
export const calledAs = (name: string): string => name.trim().toLowerCase();

/**
 * What a batch takes of drinks that were made before, by the names they are used by.
 *
 * @param trace of the batch
 * @param steps indices of the steps that count; all where none are said
 */
export function preparedOf(trace: Pick<Trace, 'entries' | 'pot'>, steps?: ReadonlySet<number>): readonly PreparedUse[] {
  const taken = new Map<string, number>();
  for (const { prepared, step } of trace.entries)
    if (prepared && (!steps || steps.has(step)))
      taken.set(prepared.name, (taken.get(prepared.name) ?? 0) + prepared.amount_mL);
  return [...taken].map(([name, amount_mL]) => ({ name, amount_mL, used: usedOf(trace, { steps, within: name }) }));
}

/** What a batch takes out of the house. */
export const takenOutOf = (trace: Pick<Trace, 'entries' | 'pot'>): TakenOut => ({
  used: usedOf(trace),
  prepared: preparedOf(trace),
});

/** What of a drink that was made before is not there. */
export interface PreparedMissing extends PreparedUse {
  readonly there_mL: number;
}

/**
 * What of drinks that were made before is not there; of it, what would have to go into it.
 *
 * @param prepared what is wanted
 * @param there mL in bottles, by {@link calledAs}
 */
export function preparedMissing(
  prepared: readonly PreparedUse[],
  there: ReadonlyMap<string, number>,
): readonly PreparedMissing[] {
  return prepared.flatMap((each) => {
    const { name, amount_mL, used } = each;
    const there_mL = Math.min(amount_mL, there.get(calledAs(name)) ?? 0);
    if (isEnough(there_mL, amount_mL)) return [];
    const share = 1 - there_mL / amount_mL;
    const toMake = Object.entries(used).map(([ingredient, grams]) => [ingredient, grams * share] as const);
    return [{ name, amount_mL, there_mL, used: Object.fromEntries(toMake) }];
  });
}
