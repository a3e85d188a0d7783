import type { PlanDrink, PlanProblem, PlanTask } from '../src/plan';

export const task = (minutes: number, needs: Partial<PlanTask> = {}): PlanTask => ({
  minutes,
  hands: false,
  awake: false,
  burner: false,
  pot: false,
  fridge: false,
  title: 'task',
  ...needs,
});
export const HANDS = { hands: true, awake: true };
export const FIRE = { awake: true, burner: true, pot: true };
export const drink = (
  id: string,
  readyBy_min: number,
  tasks: readonly PlanTask[],
  more: Partial<PlanDrink> = {},
): PlanDrink => ({
  id,
  name: id,
  tasks,
  inPot_mL: 1000,
  inFridge_mL: 1000,
  keptCold: false,
  readyBy_min,
  keeps_min: 1440,
  after: [],
  pinned_min: null,
  ...more,
});
export const problem = (drinks: readonly PlanDrink[], more: Partial<PlanProblem> = {}): PlanProblem => ({
  drinks,
  cooks: 1,
  burners: 1,
  pots_mL: [3000, 3000],
  fridge_mL: Infinity,
  sleeps: [],
  ...more,
});
export const TEA = [task(10, HANDS), task(20, FIRE), task(5, HANDS)];
