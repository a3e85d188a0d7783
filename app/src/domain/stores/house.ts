import type { BottleRecord, LotRecord } from '@wellhydra/contract';
import { calledAs } from '@wellhydra/core/stores';

/** What is in the house to make drinks of. */
export interface House {
  readonly lots: readonly LotRecord[];
  /** What was made before and stands in bottles, mL by what it is called. */
  readonly made: ReadonlyMap<string, number>;
}

/** Bottles that drinks can be made of: none that is past its date. */
export const usableBottles = (bottles: readonly BottleRecord[], now: Date): readonly BottleRecord[] =>
  bottles.filter(({ remaining_mL, useBy }) => remaining_mL > 0 && Date.parse(useBy) >= now.getTime());

/** What is in the house, of its lots and its bottles. */
export function houseOf(lots: readonly LotRecord[], bottles: readonly BottleRecord[], now: Date): House {
  const made = new Map<string, number>();
  for (const { drinkName, remaining_mL } of usableBottles(bottles, now))
    made.set(calledAs(drinkName), (made.get(calledAs(drinkName)) ?? 0) + remaining_mL);
  return { lots, made };
}
