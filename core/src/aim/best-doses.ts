import { WITHIN, distanceOf, isAllowed, type DoseProblem } from './dose-problem';
import { nonNegativeLeastSquares } from './non-negative-least-squares';

/** What one more ingredient costs, as relative distance: one more thing to weigh is worth a hundredth. */
export const INGREDIENT_COST = 0.01;
/** Nodes after which the search gives up proving that nothing better exists. */
export const MOST_NODES = 400_000;

export interface BestDoses {
  readonly grams: Float64Array;
  /** Σ |A x - b|, and the same with the cost of the ingredients. */
  readonly distance: number;
  readonly cost: number;
  /** True when the search was exhausted: nothing that can be measured is better. */
  readonly proven: boolean;
  readonly nodes: number;
}

/** Index of the level nearest to a number of grams. */
function nearestLevel(levels: Float64Array, grams: number): number {
  let low = 0;
  let high = levels.length - 1;
  while (high - low > 1) {
    const middle = (low + high) >> 1;
    if (levels[middle]! <= grams) low = middle;
    else high = middle;
  }
  return grams - levels[low]! <= levels[high]! - grams ? low : high;
}

/**
 * A node of the search without its levels: the best grams of what is free, and what no levels can beat. The bound is
 * convex in a dose, least at the best grams; the sharper one is not, so it says nothing of neighbouring levels.
 */
interface Relaxation {
  readonly x: Float64Array;
  readonly moments: Float64Array;
  readonly bound: number;
  readonly sharper: number;
}

class DoseSearch {
  private readonly size: number;
  private readonly gram: Float64Array;
  private readonly columns: readonly Float64Array[];
  private best: Float64Array;
  private bestCost: number;
  /** Distance between neighbouring levels, in relative figures. */
  private readonly gaps: Float64Array;
  nodes = 0;
  exhausted = true;

  constructor(
    private readonly problem: DoseProblem,
    private readonly mostNodes: number,
  ) {
    const { matrix, levels } = problem;
    this.size = levels.length;
    this.columns = levels.map((_, index) => Float64Array.from(matrix, (row) => row[index]!));
    this.gram = new Float64Array(this.size * this.size);
    for (let a = 0; a < this.size; a += 1)
      for (let b = 0; b < this.size; b += 1)
        this.gram[a * this.size + b] = this.columns[a]!.reduce(
          (sum, value, row) => sum + value * this.columns[b]![row]!,
          0,
        );
    this.gaps = Float64Array.from(
      levels,
      (each, index) => ((each[1] ?? 0) - each[0]!) * Math.sqrt(this.gram[index * this.size + index]!),
    );
    // Nothing at all is under every line.
    this.best = new Float64Array(this.size);
    this.bestCost = distanceOf(problem, this.best);
  }

  /** The relaxation of what is still free: its grams, and a bound below any choice of levels. */
  private relax(free: readonly boolean[], rest: Float64Array): Relaxation {
    const { size, columns, gram } = this;
    const rows = rest.length;
    const moments = new Float64Array(size);
    for (let index = 0; index < size; index += 1) {
      if (!free[index]) continue;
      const column = columns[index]!;
      let sum = 0;
      for (let row = 0; row < rows; row += 1) sum += column[row]! * rest[row]!;
      moments[index] = sum;
    }
    const x = nonNegativeLeastSquares({ size, gram, moments }, free);
    const miss = rest.slice();
    for (let index = 0; index < size; index += 1) {
      const grams = x[index]!;
      if (grams === 0) continue;
      const column = columns[index]!;
      for (let row = 0; row < rows; row += 1) miss[row]! -= column[row]! * grams;
    }
    let squares = 0;
    let largest = 0;
    let settled = 0;
    for (let row = 0; row < rows; row += 1) {
      const left = Math.abs(miss[row]!);
      if (!this.isOpen(row, free)) {
        settled += left;
        continue;
      }
      squares += left * left;
      largest = Math.max(largest, left);
    }
    if (largest === 0) return { x, moments, bound: settled, sharper: settled };
    // What nothing can change any more counts as it is. The residual of the others over its largest entry is feasible
    // for the dual of the absolute distance; and stays so where it is -1 for what is over already, since more of
    // anything only adds to that.
    const bound = settled + squares / largest;
    let sharper = bound;
    for (let row = 0; row < rows; row += 1)
      if (rest[row]! < 0 && this.isOpen(row, free)) sharper -= rest[row]! * (1 - Math.abs(miss[row]!) / largest);
    return { x, moments, bound, sharper };
  }

  /** Whether something that is free still brings of a figure. */
  private isOpen(row: number, free: readonly boolean[]): boolean {
    for (let index = 0; index < this.size; index += 1) if (free[index] && this.columns[index]![row] !== 0) return true;
    return false;
  }

  private take(grams: Float64Array): void {
    const cost =
      distanceOf(this.problem, grams) + INGREDIENT_COST * grams.reduce((count, each) => count + (each > 0 ? 1 : 0), 0);
    if (cost < this.bestCost - 1e-12 && isAllowed(this.problem, grams)) {
      this.bestCost = cost;
      this.best = grams.slice();
    }
  }

  /** A start: the relaxation rounded, and each dose then moved while that helps. */
  private improve(grams: Float64Array): void {
    const { levels } = this.problem;
    const at = levels.map((each, index) => nearestLevel(each, grams[index]!));
    const current = Float64Array.from(levels, (each, index) => each[at[index]!]!);
    this.take(current);
    for (let round = 0; round < 20; round += 1) {
      let cost = this.bestCost;
      for (let index = 0; index < this.size; index += 1)
        for (const move of [-at[index]!, -2, -1, 1, 2]) {
          const level = at[index]! + move;
          if (level < 0 || level >= levels[index]!.length) continue;
          const tried = current.slice();
          tried[index] = levels[index]![level]!;
          this.take(tried);
          if (this.bestCost < cost - 1e-12) {
            cost = this.bestCost;
            current.set(this.best);
            at[index] = level;
          }
        }
      if (cost >= this.bestCost - 1e-12 && round > 0) break;
    }
  }

  /**
   * The ingredient to decide next: of those the relaxation uses, the one whose levels lie farthest apart,
   * since it has the fewest to try. Of those it does not use, any.
   */
  private nextIngredient(free: readonly boolean[], x: Float64Array): number {
    let next = -1;
    let widest = -1;
    for (let index = 0; index < this.size; index += 1) {
      if (!free[index]) continue;
      const gap = x[index]! > 0 ? this.gaps[index]! : 0;
      if (gap > widest) {
        widest = gap;
        next = index;
      }
    }
    return next;
  }

  /**
   * How many more ingredients any solution below a cost must use, up to 3: with none, one or two of them the
   * distance alone would be more. The absolute distance is never below the Euclidean one.
   */
  private fewestMore(free: readonly boolean[], rest: Float64Array, moments: Float64Array, budget: number): number {
    const { size, gram } = this;
    let whole = 0;
    let absolute = 0;
    for (const value of rest) {
      whole += value * value;
      absolute += Math.abs(value);
    }
    if (absolute < budget) return 0;
    const reaches = (left: number, count: number): boolean =>
      Math.sqrt(Math.max(0, left)) + count * INGREDIENT_COST < budget;
    for (let a = 0; a < size; a += 1)
      if (free[a] && moments[a]! > 0 && reaches(whole - moments[a]! ** 2 / gram[a * size + a]!, 1)) return 1;
    for (let a = 0; a < size; a += 1)
      for (let b = a + 1; b < size; b += 1) {
        if (!free[a] || !free[b]) continue;
        const [aa, ab, bb] = [gram[a * size + a]!, gram[a * size + b]!, gram[b * size + b]!];
        const determinant = aa * bb - ab * ab;
        if (determinant <= 1e-12 * aa * bb) continue;
        const explained =
          (bb * moments[a]! ** 2 - 2 * ab * moments[a]! * moments[b]! + aa * moments[b]! ** 2) / determinant;
        if (reaches(whole - explained, 2)) return 2;
      }
    return 3;
  }

  /** The highest level of an ingredient that stays under every line beside what is decided. */
  private highestLevel(index: number, fixed: Float64Array): number {
    const levels = this.problem.levels[index]!;
    let most = Infinity;
    for (const row of this.problem.ceilings ?? []) {
      if (!(row[index]! > 0)) continue;
      let taken = 0;
      for (let other = 0; other < row.length; other += 1) taken += row[other]! * fixed[other]!;
      most = Math.min(most, (WITHIN - taken) / row[index]!);
    }
    if (levels.at(-1)! <= most) return levels.length - 1;
    const nearest = nearestLevel(levels, most);
    return levels[nearest]! > most ? Math.max(0, nearest - 1) : nearest;
  }

  private descend(free: boolean[], rest: Float64Array, fixed: Float64Array, used: number, relaxed: Relaxation): void {
    this.nodes += 1;
    if (this.nodes > this.mostNodes) {
      this.exhausted = false;
      return;
    }
    const { x, moments, sharper } = relaxed;
    const more = this.fewestMore(free, rest, moments, this.bestCost - INGREDIENT_COST * used);
    if (sharper + INGREDIENT_COST * (used + more) >= this.bestCost - 1e-12) return;
    const next = this.nextIngredient(free, x);
    if (next < 0) return this.take(fixed);
    if (more === 0) this.take(fixed);
    free[next] = false;
    const levels = this.problem.levels[next]!;
    const highest = this.highestLevel(next, fixed);
    const middle = Math.min(nearestLevel(levels, x[next]!), highest);
    // The bound is convex in the dose: in each direction the first level that is too dear ends the row.
    for (
      let level = middle;
      level <= highest && this.tryLevel(next, levels[level]!, free, rest, fixed, used);
      level += 1
    );
    for (let level = middle - 1; level > 0 && this.tryLevel(next, levels[level]!, free, rest, fixed, used); level -= 1);
    if (middle > 0) this.tryLevel(next, 0, free, rest, fixed, used);
    free[next] = true;
  }

  /** @returns whether the level was worth descending into, so that its neighbour is worth trying */
  private tryLevel(
    index: number,
    grams: number,
    free: boolean[],
    rest: Float64Array,
    fixed: Float64Array,
    used: number,
  ): boolean {
    const column = this.columns[index]!;
    const after = rest.map((value, row) => value - column[row]! * grams);
    const count = used + (grams > 0 ? 1 : 0);
    const relaxed = this.relax(free, after);
    if (relaxed.bound + INGREDIENT_COST * count >= this.bestCost - 1e-12) return grams === 0;
    fixed[index] = grams;
    this.descend(free, after, fixed, count, relaxed);
    fixed[index] = 0;
    return true;
  }

  run(): BestDoses {
    const nothing = new Float64Array(this.size);
    // What stays under no line, not even a little of it, is left out: the relaxation would count on it to the end.
    const free = this.problem.levels.map((_, index) => this.highestLevel(index, nothing) > 0);
    const root = this.relax(free, this.problem.wanted);
    this.improve(root.x);
    this.descend(free, this.problem.wanted.slice(), nothing, 0, root);
    return {
      grams: this.best,
      distance: distanceOf(this.problem, this.best),
      cost: this.bestCost,
      proven: this.exhausted,
      nodes: this.nodes,
    };
  }
}

/**
 * The doses that can be measured and come nearest to a target, by branch and bound: one ingredient after
 * the other takes each of its levels, as long as the least-squares relaxation of the others leaves room
 * for something better than the best found.
 *
 * @param problem figures and levels
 * @param mostNodes nodes after which it gives up proving that nothing better exists
 * @returns the best doses; proven best unless the nodes were not enough
 */
export function bestDoses(problem: DoseProblem, mostNodes = MOST_NODES): BestDoses {
  return new DoseSearch(problem, mostNodes).run();
}
