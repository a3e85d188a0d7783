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

/** Ours and HiGHS on the same grid, in one run. */
export async function planningFigures(say: (line: string) => void): Promise<void> {
  for (const count of [2, 3, 4, 5]) {
    const problem = busyDay(count);
    const began = performance.now();
    const mine = scheduleDrinks(problem);
    const mine_ms = performance.now() - began;
    const theirs = await highsPlan(problem, 240, 120);
    say(
      `${count} drinks   ours ${mine_ms.toFixed(0).padStart(5)} ms cost ${mine.cost.toFixed(0)}${mine.proven ? ' proven' : ''}; HiGHS ${theirs.ms.toFixed(0).padStart(6)} ms cost ${theirs.cost.toFixed(0)} ${theirs.status}`,
    );
  }
  for (const count of [8, 12, 20]) {
    const began = performance.now();
    const { cost, lowerBound, proven } = scheduleDrinks(busyDay(count));
    say(
      `${count} drinks  ${(performance.now() - began).toFixed(0).padStart(5)} ms, cost ${cost.toFixed(0)}${proven ? ' proven' : ''}, no less than ${lowerBound.toFixed(0)}`,
    );
  }
}
