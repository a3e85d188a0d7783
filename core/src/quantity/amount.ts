import type { Unit } from './unit';

export type Heap = 'level' | 'heaped';
/** What spoons are at hand: a set of measuring spoons, or table cutlery. */
export type SpoonKind = 'measuring' | 'cutlery';

/** How much of something, as written. */
export interface Amount {
  /** The middle of the range, or the number itself; above 0, in units of `unit`. */
  readonly value: number;
  readonly low: number;
  readonly high: number;
  readonly decimals: number;
  readonly unit: Unit;
  readonly heap?: Heap;
  readonly spoons?: SpoonKind;
}

/** The amount in the base unit of its dimension: g, mL, cm or pieces. */
export function baseValue(amount: Amount): number {
  return amount.value * amount.unit.size;
}
