import { SLOT_min, type PlanDrink, type PlanProblem, type PlanTask } from '../src/plan';
import fc from './seeded';

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

/** Small kitchens with a handful of drinks in a working day. */
export const fewDrinks = fc.record({
  cooks: fc.integer({ min: 1, max: 2 }),
  burners: fc.integer({ min: 1, max: 2 }),
  pots_mL: fc.constantFrom([3000], [1000, 3000], [1000, 1000, 3000]),
  usualPot: fc.constantFrom(0, 5),
  fridge_mL: fc.constantFrom(1500, 3000, Infinity),
  drinks: fc.array(
    fc.record({
      request: fc.integer({ min: 6, max: 40 }),
      prepare: fc.integer({ min: 1, max: 4 }),
      cook: fc.integer({ min: 0, max: 6 }),
      wait: fc.integer({ min: 0, max: 8 }),
      finish: fc.integer({ min: 1, max: 3 }),
      size_mL: fc.constantFrom(800, 2000),
      steepsInPot: fc.boolean(),
      keptCold: fc.boolean(),
    }),
    { minLength: 1, maxLength: 4 },
  ),
});
type FewDrinks = typeof fewDrinks extends fc.Arbitrary<infer T> ? T : never;
export const problemFrom = ({ drinks, ...room }: FewDrinks): PlanProblem =>
  problem(
    drinks.map(({ request, prepare, cook, wait, finish, size_mL, steepsInPot, keptCold }, index) =>
      drink(
        `d${index}`,
        request * SLOT_min,
        [
          task(prepare * SLOT_min, HANDS),
          task(cook * SLOT_min, FIRE),
          task(wait * SLOT_min, steepsInPot ? { pot: true } : { fridge: true }),
          task(finish * SLOT_min, HANDS),
        ],
        { inPot_mL: size_mL, inFridge_mL: size_mL, keptCold },
      ),
    ),
    room,
  );
