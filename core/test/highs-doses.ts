import loadHighs from 'highs';
import { INGREDIENT_COST, distanceOf, type DoseProblem } from '../src/aim';

/** The same problem as a mixed-integer program, in the LP format: a peer for the search, in tests and benchmarks only. */

const number = (value: number): string => (value < 0 ? `- ${-value}` : `+ ${value}`);

const isEven = (grams: Float64Array): boolean =>
  grams.every((each, level) => Math.abs(each - level * grams[1]!) < 1e-9);

/** Each ingredient takes exactly one of its levels; scales in even steps are one integer variable each. */
export function asProgram({ matrix, wanted, levels, ceilings = [] }: DoseProblem): string {
  const even = levels.map(isEven);
  const gramsOf = (index: number): { name: string; grams: number }[] =>
    even[index]
      ? [{ name: `k${index}`, grams: levels[index]![1]! }]
      : [...levels[index]!].slice(1).map((grams, level) => ({ name: `b${index}_${level}`, grams }));
  const costs = levels.map((_, index) => `+ ${INGREDIENT_COST} z${index}`).join(' ');
  const lines = ['Minimize', ` obj: ${matrix.map((_, row) => `+ d${row}`).join(' ')} ${costs}`, 'Subject To'];
  matrix.forEach((row, figure) => {
    const sum = (sign: number) =>
      levels
        .flatMap((_, index) => gramsOf(index).map(({ name, grams }) => `${number(sign * row[index]! * grams)} ${name}`))
        .join(' ');
    lines.push(
      ` u${figure}: d${figure} ${sum(-1)} >= ${-wanted[figure]!}`,
      ` l${figure}: d${figure} ${sum(1)} >= ${wanted[figure]!}`,
    );
  });
  levels.forEach((grams, index) => {
    const parts = gramsOf(index);
    if (even[index]) lines.push(` m${index}: k${index} - ${grams.length - 1} z${index} <= 0`);
    else lines.push(` m${index}: ${parts.map(({ name }) => `+ ${name}`).join(' ')} - z${index} <= 0`);
  });
  ceilings.forEach((row, line) => {
    const terms = levels.flatMap((_, index) =>
      row[index]! > 0 ? gramsOf(index).map(({ name, grams }) => `${number(row[index]! * grams)} ${name}`) : [],
    );
    if (terms.length > 0) lines.push(` t${line}: ${terms.join(' ')} <= 1`);
  });
  lines.push('Bounds');
  levels.forEach((grams, index) => even[index] && lines.push(` 0 <= k${index} <= ${grams.length - 1}`));
  lines.push('General', ` ${levels.map((_, index) => (even[index] ? `k${index}` : '')).join(' ')}`, 'Binary');
  lines.push(
    ` ${levels.flatMap((_, index) => [`z${index}`, ...(even[index] ? [] : gramsOf(index).map(({ name }) => name))]).join(' ')}`,
  );
  return [...lines, 'End'].join('\n');
}

export interface PeerDoses {
  readonly cost: number;
  readonly status: string;
  /** Solving alone, without loading the solver. */
  readonly ms: number;
}

type Highs = Awaited<ReturnType<typeof loadHighs>>;

/**
 * What HiGHS finds, with its cost worked out from the doses and not taken from its report.
 *
 * @param highs an instance that may have solved before; a new one where it is left out
 * @param program the problem as HiGHS reads it, where it was written before
 */
export async function highsDoses(
  problem: DoseProblem,
  seconds = 60,
  highs?: Highs,
  program: string = asProgram(problem),
): Promise<PeerDoses> {
  const solver = highs ?? (await loadHighs());
  const began = performance.now();
  const { Columns, Status } = solver.solve(program, {
    time_limit: seconds,
    output_flag: false,
    mip_rel_gap: 1e-6,
  });
  const ms = performance.now() - began;
  const value = (name: string): number => {
    const column = Columns[name] as { Primal?: number } | undefined;
    return Math.round(column?.Primal ?? 0);
  };
  const grams = problem.levels.map((levels, index) => {
    const whole = isEven(levels) ? value(`k${index}`) : 0;
    if (whole > 0) return levels[whole]!;
    const level = [...levels].findIndex((_, at) => at > 0 && value(`b${index}_${at - 1}`) === 1);
    return level > 0 ? levels[level]! : 0;
  });
  return {
    cost: distanceOf(problem, grams) + INGREDIENT_COST * grams.filter((each) => each > 0).length,
    status: Status,
    ms,
  };
}
