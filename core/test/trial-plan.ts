import type { PlanDrink, PlanProblem, PlanStretch } from '../src/plan';

export const stretch = (minutes: number, needs: Partial<PlanStretch> = {}): PlanStretch => ({
  minutes,
  hands: false,
  awake: false,
  burner: false,
  pot: false,
  fridge: false,
  title: 'stretch',
  ...needs,
});
export const HANDS = { hands: true, awake: true };
export const FIRE = { awake: true, burner: true, pot: true };
export const drink = (
  id: string,
  readyBy_min: number,
  stretches: readonly PlanStretch[],
  more: Partial<PlanDrink> = {},
): PlanDrink => ({
  id,
  name: id,
  stretches,
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
export const TEA = [stretch(10, HANDS), stretch(20, FIRE), stretch(5, HANDS)];
