import type { MeasureError } from '../quantity';

/** One value for each sample. Sample 0 is the drink as written; the others are draws. */
export type Column = Float64Array;

/** A column by sample. A plain loop: `map` on typed arrays costs ten times as much for a single sample. */
export function columnOf(samples: number, value: (sample: number) => number): Column {
  const column = new Float64Array(samples);
  for (let sample = 0; sample < samples; sample += 1) column[sample] = value(sample);
  return column;
}

/** Where relative errors come from. With one sample there are none: the drink is run as written. */
export interface Chance {
  readonly samples: number;
  /** A factor around 1 by a named cause: the same column each time it is asked for. */
  readonly shared: (key: string, cv: number) => Column;
  /** The product of several causes; causes named `own` are drawn anew each time. */
  readonly product: (errors: readonly MeasureError[]) => Column;
}

const ONE: Column = Float64Array.of(1);

/** Runs a drink as it is written, in a single sample. */
export const AS_WRITTEN: Chance = { samples: 1, shared: () => ONE, product: () => ONE };

/**
 * Factors drawn from log-normal errors, in columns.
 *
 * @param draws number of drawn samples, behind sample 0
 * @param normal a source of standard normal deviates
 */
export function drawnChance(draws: number, normal: () => number): Chance {
  const samples = draws + 1;
  const deviates = new Map<string, Column>();
  const factors = new Map<string, Column>();
  const draw = (): Column => {
    const column = new Float64Array(samples);
    for (let sample = 1; sample < samples; sample += 1) column[sample] = normal();
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
    const logs = new Float64Array(samples);
    for (const { key, cv } of errors) {
      const column = deviatesOf(key);
      for (let sample = 1; sample < samples; sample += 1) logs[sample]! += cv * column[sample]!;
    }
    for (let sample = 0; sample < samples; sample += 1) logs[sample] = Math.exp(logs[sample]!);
    return logs;
  };
  return {
    samples,
    product,
    shared: (key, cv) => {
      let column = factors.get(key);
      if (!column) factors.set(key, (column = product([{ key, cv }])));
      return column;
    },
  };
}

/** Whether all samples are alike. */
export function isEven(column: Column): boolean {
  for (let sample = 1; sample < column.length; sample += 1) if (column[sample] !== column[0]) return false;
  return true;
}
