import loadHighs from 'highs';
import { SLOT_min, costOf, type PlanProblem } from '../src/plan';
import { Occupancy, shapeOf } from '../src/plan/slots';

/**
 * The same plan as a time-indexed mixed-integer program: one variable for each beginning of each drink, hands and
 * stoves bounded in every slot. A peer for the search, in tests and benchmarks only.
 */
export async function highsPlan(problem: PlanProblem, slots: number, seconds = 60) {
  const { drinks, cooks, stoves } = problem;
  const shapes = drinks.map(shapeOf);
  const alone = new Occupancy(problem, slots);
  const starts = shapes.map((shape) =>
    Array.from({ length: slots }, (_, start) => start).filter((start) => alone.fits(shape, start)),
  );
  const name = (index: number, start: number) => `x${index}_${start}`;
  const cost = (index: number, start: number) => costOf(drinks[index]!, (start + shapes[index]!.slots) * SLOT_min);
  const objective = starts
    .flatMap((each, index) => each.map((start) => `+ ${cost(index, start)} ${name(index, start)}`))
    .join(' ');
  const lines = ['Minimize', ` obj: ${objective}`, 'Subject To'];
  starts.forEach((each, index) =>
    lines.push(` once${index}: ${each.map((start) => `+ ${name(index, start)}`).join(' ')} = 1`),
  );
  for (const [need, most] of [
    ['hands', cooks],
    ['stove', stoves],
  ] as const)
    for (let slot = 0; slot < slots; slot += 1) {
      const terms = starts.flatMap((each, index) =>
        each.filter((start) => shapes[index]![need][slot - start]).map((start) => `+ ${name(index, start)}`),
      );
      if (terms.length > most) lines.push(` ${need}${slot}: ${terms.join(' ')} <= ${most}`);
    }
  drinks.forEach(({ after }, index) =>
    after.forEach((id, which) => {
      const other = drinks.findIndex((each) => each.id === id);
      const begin = starts[index]!.map((start) => `+ ${start} ${name(index, start)}`).join(' ');
      const end = starts[other]!.map((start) => `- ${start} ${name(other, start)}`).join(' ');
      lines.push(` after${index}_${which}: ${begin} ${end} >= ${shapes[other]!.slots}`);
    }),
  );
  lines.push('Binary', ` ${starts.flatMap((each, index) => each.map((start) => name(index, start))).join(' ')}`, 'End');
  const highs = await loadHighs();
  const began = performance.now();
  const { Columns, Status } = highs.solve(lines.join('\n'), {
    time_limit: seconds,
    output_flag: false,
    mip_rel_gap: 1e-9,
  });
  const ms = performance.now() - began;
  const chosen = starts.map((each, index) =>
    each.find((start) => ((Columns[name(index, start)] as { Primal: number } | undefined)?.Primal ?? 0) > 0.5),
  );
  const total = chosen.reduce(
    (sum: number, start, index) => sum + (start === undefined ? Infinity : cost(index, start)),
    0,
  );
  return { cost: total, status: Status, ms };
}
