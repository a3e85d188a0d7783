/** Pivots smaller than this share of their diagonal mark a column that the others already span. */
const DEPENDENT = 1e-10;
const TOLERANCE = 1e-11;

/** A least-squares problem by its normal equations: G = AᵀA and c = Aᵀb, with |b|². */
export interface NormalEquations {
  readonly size: number;
  /** Row by row, size x size. */
  readonly gram: Float64Array;
  readonly moments: Float64Array;
}

/** Solves the equations of the chosen columns by Cholesky; undefined when they depend on each other. */
function solveChosen(
  gram: Float64Array,
  moments: Float64Array,
  size: number,
  chosen: readonly number[],
): number[] | undefined {
  const n = chosen.length;
  const lower = new Float64Array(n * n);
  for (let row = 0; row < n; row += 1)
    for (let column = 0; column <= row; column += 1) {
      let sum = gram[chosen[row]! * size + chosen[column]!]!;
      for (let k = 0; k < column; k += 1) sum -= lower[row * n + k]! * lower[column * n + k]!;
      if (row !== column) lower[row * n + column] = sum / lower[column * n + column]!;
      else if (sum > DEPENDENT * gram[chosen[row]! * size + chosen[row]!]!) lower[row * n + row] = Math.sqrt(sum);
      else return undefined;
    }
  const x = new Array<number>(n);
  for (let row = 0; row < n; row += 1) x[row] = moments[chosen[row]!]!;
  for (let row = 0; row < n; row += 1) {
    for (let k = 0; k < row; k += 1) x[row]! -= lower[row * n + k]! * x[k]!;
    x[row]! /= lower[row * n + row]!;
  }
  for (let row = n - 1; row >= 0; row -= 1) {
    for (let k = row + 1; k < n; k += 1) x[row]! -= lower[k * n + row]! * x[k]!;
    x[row]! /= lower[row * n + row]!;
  }
  return x;
}

/**
 * Non-negative least squares, min |A x - b| with x ≥ 0, by the active-set method on the normal equations.
 *
 * @param equations of the problem
 * @param free which columns may be used; the others stay at 0
 * @returns x, one entry a column
 * Source: Lawson and Hanson, Solving Least Squares Problems (1974), chapter 23. Columns that depend on
 * the chosen ones are passed over, so a rank-deficient problem gives one of its solutions.
 */
export function nonNegativeLeastSquares(equations: NormalEquations, free: readonly boolean[]): Float64Array {
  const { size, gram, moments } = equations;
  const x = new Float64Array(size);
  const passedOver = new Set<number>();
  let chosen: number[] = [];
  for (let round = 0; round < 3 * size + 10; round += 1) {
    let entering = -1;
    let steepest = 0;
    for (let index = 0; index < size; index += 1) {
      if (!free[index] || x[index]! > 0 || passedOver.has(index) || chosen.includes(index)) continue;
      let slope = moments[index]!;
      for (const other of chosen) slope -= gram[index * size + other]! * x[other]!;
      const scaled = slope / Math.sqrt(gram[index * size + index]! || 1);
      if (scaled > steepest + TOLERANCE) {
        steepest = scaled;
        entering = index;
      }
    }
    if (entering < 0) return x;
    chosen.push(entering);
    for (;;) {
      const solution = solveChosen(gram, moments, size, chosen);
      if (!solution) {
        passedOver.add(entering);
        chosen = chosen.filter((index) => index !== entering);
        break;
      }
      if (solution.every((value) => value > 0)) {
        chosen.forEach((index, at) => (x[index] = solution[at]!));
        break;
      }
      let step = 1;
      chosen.forEach((index, at) => {
        if (solution[at]! <= 0) step = Math.min(step, x[index]! / (x[index]! - solution[at]!));
      });
      chosen.forEach((index, at) => (x[index]! += step * (solution[at]! - x[index]!)));
      const kept = chosen.filter((index) => x[index]! > TOLERANCE);
      // What was just taken in and leaves at once makes no progress.
      if (kept.length === chosen.length) kept.pop();
      if (!kept.includes(entering)) passedOver.add(entering);
      for (const index of chosen) if (!kept.includes(index)) x[index] = 0;
      chosen = kept;
      if (chosen.length === 0) break;
    }
  }
  return x;
}
