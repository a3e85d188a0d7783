import type { MeasureError } from '../quantity';

/** One value for each lane. Lane 0 is the drink as written; the others are draws. */
export type Column = Float64Array;

/** A column by lane. A plain loop: `map` on typed arrays costs ten times as much for a single lane. */
export function columnOf(lanes: number, value: (lane: number) => number): Column {
  const column = new Float64Array(lanes);
  for (let lane = 0; lane < lanes; lane += 1) column[lane] = value(lane);
  return column;
}

/** Where relative errors come from. With one lane there are none: the drink is run as written. */
export interface Chance {
  readonly lanes: number;
  /** A factor around 1 by a named cause: the same column each time it is asked for. */
  readonly shared: (key: string, cv: number) => Column;
  /** The product of several causes; causes named `own` are drawn anew each time. */
  readonly product: (errors: readonly MeasureError[]) => Column;
}

const ONE: Column = Float64Array.of(1);

/** Runs a drink as it is written, in a single lane. */
export const AS_WRITTEN: Chance = { lanes: 1, shared: () => ONE, product: () => ONE };

/**
 * Factors drawn from log-normal errors, in columns.
 *
 * @param draws number of drawn lanes, behind lane 0
 * @param normal a source of standard normal deviates
 */
export function drawnChance(draws: number, normal: () => number): Chance {
  const lanes = draws + 1;
  const deviates = new Map<string, Column>();
  const factors = new Map<string, Column>();
  const draw = (): Column => {
    const column = new Float64Array(lanes);
    for (let lane = 1; lane < lanes; lane += 1) column[lane] = normal();
    return column;
  };
  const deviatesOf = (key: string): Column => {
    let column = key === 'own' ? undefined : deviates.get(key);
    if (!column) {
      column = draw();
      if (key !== 'own') deviates.set(key, column);
    }
    return column;
  };
  const product = (errors: readonly MeasureError[]): Column => {
    const logs = new Float64Array(lanes);
    for (const { key, cv } of errors) {
      const column = deviatesOf(key);
      for (let lane = 1; lane < lanes; lane += 1) logs[lane]! += cv * column[lane]!;
    }
    for (let lane = 0; lane < lanes; lane += 1) logs[lane] = Math.exp(logs[lane]!);
    return logs;
  };
  return {
    lanes,
    product,
    shared: (key, cv) => {
      let column = factors.get(key);
      if (!column) factors.set(key, (column = product([{ key, cv }])));
      return column;
    },
  };
}
