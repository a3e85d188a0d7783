/**
 * Doses for a target: choose a level for each ingredient so that Σ |A x - b| + 0.01 (ingredients used) is least.
 * Rows are figures, scaled so that 1 is the whole of the target.
 */
export interface DoseProblem {
  /** figures x ingredients, row by row: relative amount a gram brings. */
  readonly matrix: readonly Float64Array[];
  /** What is still wanted of each figure, relative. */
  readonly wanted: Float64Array;
  /** Grams that can be measured of each ingredient, ascending, from 0. */
  readonly levels: readonly Float64Array[];
  /** Lines that no choice may cross: shares of a line that a gram takes up; all together take up at most 1. */
  readonly ceilings?: readonly Float64Array[];
}

/** Rounding that is not over a line. */
export const WITHIN = 1 + 1e-9;

/** Whether given grams stay under every line. */
export function isAllowed({ ceilings = [] }: DoseProblem, grams: ArrayLike<number>): boolean {
  return ceilings.every((row) => {
    let sum = 0;
    for (let index = 0; index < row.length; index += 1) sum += row[index]! * grams[index]!;
    return sum <= WITHIN;
  });
}

/** Σ |A x - b| of given grams. */
export function distanceOf(problem: DoseProblem, grams: ArrayLike<number>): number {
  let sum = 0;
  problem.matrix.forEach((row, figure) => {
    let miss = -problem.wanted[figure]!;
    for (let index = 0; index < row.length; index += 1) miss += row[index]! * grams[index]!;
    sum += Math.abs(miss);
  });
  return sum;
}
