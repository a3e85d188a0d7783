import { scheduleDrinks, type PlanDrink, type PlanProblem, type PlanStretch } from '../src/plan';
import { highsPlan } from '../test/highs-plan';
import { FIRE, HANDS, stretch } from '../test/trial-plan';

const COLD = { fridge: true };
const KINDS: readonly (readonly PlanStretch[])[] = [
  [stretch(15, HANDS), stretch(40, FIRE), stretch(15, HANDS)],
  [stretch(20, HANDS), stretch(35, FIRE), stretch(120, { pot: true }), stretch(25, HANDS)],
  [stretch(15, HANDS), stretch(240, COLD)],
  [stretch(10, HANDS)],
  [stretch(25, HANDS), stretch(60, FIRE), stretch(90, { pot: true }), stretch(20, HANDS)],
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
    stretches: KINDS[index % KINDS.length]!,
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
