import loadHighs from 'highs';
import { SLOT_min, costOf, type PlanProblem } from '../src/plan';
import { NO_POT, Occupancy, shapeOf, type Shape } from '../src/plan/slots';

/**
 * The same plan as a time-indexed mixed-integer program: one variable for each beginning of each drink in each pot
 * that holds it; hands, burners, each pot and the fridge bounded in every slot. A peer for the search, in tests and
 * benchmarks only.
 *
 * @param warm an instance that has solved before; a new one where it is left out
 */
export async function highsPlan(
  problem: PlanProblem,
  slots: number,
  seconds = 60,
  warm?: Awaited<ReturnType<typeof loadHighs>>,
) {
  const { drinks, cooks, burners, pots_mL, fridge_mL } = problem;
  const shapes = drinks.map(shapeOf);
  const alone = new Occupancy(problem, slots);
  const largest = Math.max(...pots_mL);
  const options = shapes.map((shape) => {
    const needsPot = shape.potTo > shape.potFrom;
    const holding = pots_mL.flatMap((holds_mL, pot) => (holds_mL >= Math.min(shape.inPot_mL, largest) ? [pot] : []));
    return Array.from({ length: slots }, (_, start) => start)
      .filter((start) => alone.fits(shape, start))
      .flatMap((start) => (needsPot ? holding.map((pot) => ({ start, pot })) : [{ start, pot: NO_POT }]));
  });
  type Option = { readonly start: number; readonly pot: number };
  const name = (index: number, { start, pot }: Option) => `x${index}_${start}_${pot + 1}`;
  const cost = (index: number, start: number) => costOf(drinks[index]!, (start + shapes[index]!.slots) * SLOT_min);
  const objective = options
    .flatMap((each, index) => each.map((option) => `+ ${cost(index, option.start)} ${name(index, option)}`))
    .join(' ');
  const lines = ['Minimize', ` obj: ${objective}`, 'Subject To'];
  options.forEach((each, index) =>
    lines.push(` once${index}: ${each.map((option) => `+ ${name(index, option)}`).join(' ')} = 1`),
  );
  /** Bounds what all drinks take of something in every slot. */
  const bound = (what: string, most: number, takes: (shape: Shape, option: Option, slot: number) => number) => {
    for (let slot = 0; slot < slots; slot += 1) {
      let all = 0;
      const terms = options.flatMap((each, index) =>
        each.flatMap((option) => {
          const amount = takes(shapes[index]!, option, slot);
          all += amount;
          return amount > 0 ? [`+ ${amount} ${name(index, option)}`] : [];
        }),
      );
      if (all > most) lines.push(` ${what}${slot}: ${terms.join(' ')} <= ${most}`);
    }
  };
  bound('hands', cooks, ({ hands }, { start }, slot) => hands[slot - start] ?? 0);
  bound('burner', burners, ({ burner }, { start }, slot) => burner[slot - start] ?? 0);
  pots_mL.forEach((_holds, which) =>
    bound(`pot${which}_`, 1, ({ potFrom, potTo }, { start, pot }, slot) =>
      pot === which && slot >= start + potFrom && slot < start + potTo ? 1 : 0,
    ),
  );
  if (Number.isFinite(fridge_mL))
    bound('fridge', fridge_mL, ({ fridge, inFridge_mL, coldUntil, slots: length }, { start }, slot) => {
      const isIn = fridge[slot - start] === 1 || (slot >= start + length && slot < coldUntil);
      return isIn ? Math.min(inFridge_mL, fridge_mL) : 0;
    });
  drinks.forEach(({ after }, index) =>
    after.forEach((id, which) => {
      const other = drinks.findIndex((each) => each.id === id);
      const begin = options[index]!.map((option) => `+ ${option.start} ${name(index, option)}`).join(' ');
      const end = options[other]!.map((option) => `- ${option.start} ${name(other, option)}`).join(' ');
      lines.push(` after${index}_${which}: ${begin} ${end} >= ${shapes[other]!.slots}`);
    }),
  );
  lines.push(
    'Binary',
    ` ${options.flatMap((each, index) => each.map((option) => name(index, option))).join(' ')}`,
    'End',
  );
  const highs = warm ?? (await loadHighs());
  const began = performance.now();
  const { Columns, Status } = highs.solve(lines.join('\n'), {
    time_limit: seconds,
    output_flag: false,
    mip_rel_gap: 1e-9,
  });
  const ms = performance.now() - began;
  const chosen = options.map((each, index) =>
    each.find((option) => ((Columns[name(index, option)] as { Primal: number } | undefined)?.Primal ?? 0) > 0.5),
  );
  const total = chosen.reduce((sum, option, index) => sum + (option ? cost(index, option.start) : Infinity), 0);
  return { cost: total, status: Status, ms };
}
