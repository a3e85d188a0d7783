import loadHighs from 'highs';
import { scheduleDrinks, type PlanDrink, type PlanProblem, type PlanTask } from '../src/plan';
import { highsPlan } from '../test/highs-plan';
import { FIRE, HANDS, task } from '../test/trial-plan';

const COLD = { fridge: true };
const KINDS: readonly (readonly PlanTask[])[] = [
  [task(15, HANDS), task(40, FIRE), task(15, HANDS)],
  [task(20, HANDS), task(35, FIRE), task(120, { pot: true }), task(25, HANDS)],
  [task(15, HANDS), task(240, COLD)],
  [task(10, HANDS)],
  [task(25, HANDS), task(60, FIRE), task(90, { pot: true }), task(20, HANDS)],
];

/** So many drinks of a busy day, wanted by breakfast, noon and evening. */
export const busyDay = (count: number): PlanProblem => ({
  cooks: 1,
  burners: 2,
  pots_mL: [2000, 5000],
  fridge_mL: 6000,
  sleeps: [{ from_min: 900, to_min: 1380 }],
  drinks: Array.from({ length: count }, (_, index): PlanDrink => ({
    id: `d${index}`,
    name: `Drink ${index}`,
    tasks: KINDS[index % KINDS.length]!,
    inPot_mL: [1500, 3000][index % 2]!,
    inFridge_mL: [1000, 2500][index % 2]!,
    keptCold: true,
    readyBy_min: [300, 480, 780][index % 3]!,
    keeps_min: 600,
    after: [],
    pinned_min: null,
  })),
});

/** Solves of each, of which the median is said. */
const SOLVES = 3;
const medianOf = (all: readonly number[]): number => [...all].sort((a, b) => a - b)[all.length >> 1]!;

/** Ours, the median of some solves after a first. */
function ours(problem: PlanProblem) {
  const schedule = scheduleDrinks(problem);
  const times = Array.from({ length: SOLVES }, () => {
    const began = performance.now();
    scheduleDrinks(problem);
    return performance.now() - began;
  });
  return { ...schedule, ms: medianOf(times) };
}

/** Ours and HiGHS on the same grid, in one run: one instance of HiGHS that has solved before. */
export async function planningFigures(say: (line: string) => void): Promise<void> {
  const warm = await loadHighs();
  for (const count of [2, 3, 4, 5]) {
    const problem = busyDay(count);
    const mine = ours(problem);
    await highsPlan(problem, 240, 120, warm);
    const solves = [];
    for (let solve = 0; solve < SOLVES; solve += 1) solves.push(await highsPlan(problem, 240, 120, warm));
    const theirs = { ...solves[0]!, ms: medianOf(solves.map(({ ms }) => ms)) };
    say(
      `${count} drinks   ours ${mine.ms.toFixed(0).padStart(5)} ms cost ${mine.cost.toFixed(0)}${mine.proven ? ' proven' : ''}; HiGHS warm ${theirs.ms.toFixed(0).padStart(6)} ms cost ${theirs.cost.toFixed(0)} ${theirs.status}`,
    );
  }
  for (const count of [8, 12, 20]) {
    const { cost, lowerBound, proven, ms } = ours(busyDay(count));
    const gap = (100 * (cost - lowerBound)) / cost;
    say(
      `${count} drinks  ${ms.toFixed(0).padStart(5)} ms, cost ${cost.toFixed(0)}${proven ? ' proven' : ''}, no less than ${lowerBound.toFixed(0)}: a gap of ${gap.toFixed(1)} %`,
    );
  }
}
