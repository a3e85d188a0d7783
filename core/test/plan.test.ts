import { analyseDrink } from '../src/analyse';
import { SLOT_min, costOf, scheduleDrinks, planNeeds, type PlanDrink } from '../src/plan';
import { NO_POT, Occupancy, shapeOf, type Shape } from '../src/plan/slots';
import { highsPlan } from './highs-plan';
import { FIRE, HANDS, TEA, drink, fewDrinks, problem, problemFrom, task } from './trial-plan';
import fc from './seeded';

describe('one drink', () => {
  it('is ready just when it is wanted', () => {
    const { drinks, cost, lowerBound, proven } = scheduleDrinks(problem([drink('tea', 600, TEA)]));
    expect(drinks).toEqual([{ id: 'tea', begin_min: 565, end_min: 600, late_min: 0, pot: 0 }]);
    expect([cost, lowerBound, proven]).toEqual([0, 0, true]);
  });

  it('is late where it cannot be in time, and says by how much', () => {
    expect(scheduleDrinks(problem([drink('tea', 20, TEA)])).drinks[0]).toMatchObject({ begin_min: 0, late_min: 15 });
  });

  it('is made before the night when nobody is up to make it', () => {
    const sleeps = [{ from_min: 300, to_min: 780 }];
    const { drinks } = scheduleDrinks(problem([drink('tea', 785, TEA)], { sleeps }));
    expect(drinks[0]!.end_min).toBe(300);
  });

  it('may steep through the night, begun before somebody goes to bed', () => {
    const steeped = [task(10, HANDS), task(480), task(10, HANDS)];
    const sleeps = [{ from_min: 300, to_min: 780 }];
    const { drinks } = scheduleDrinks(problem([drink('tonic', 800, steeped)], { sleeps }));
    expect(drinks[0]).toMatchObject({ begin_min: 290, end_min: 790 });
  });

  it('that is longer on the fire than anybody is up has a plan all the same, with its price said', () => {
    const sleeps = [
      { from_min: 100, to_min: 200 },
      { from_min: 300, to_min: 5000 },
    ];
    const { drinks, broken } = scheduleDrinks(problem([drink('stew', 400, [task(300, FIRE)])], { sleeps }));
    expect(drinks[0]!.end_min).toBe(400);
    expect(broken).toEqual([{ id: 'stew', because: 'somebody would have to be up at night' }]);
  });
});

describe('several drinks', () => {
  it('share one burner one after the other', () => {
    const { drinks } = scheduleDrinks(problem([drink('a', 600, TEA), drink('b', 600, TEA)], { cooks: 2 }));
    const [first, second] = [...drinks].sort((a, b) => a.begin_min - b.begin_min);
    expect(second!.begin_min + 10).toBeGreaterThanOrEqual(first!.begin_min + 30);
  });

  it('do not share a pot, and a large one waits for the pot that holds it', () => {
    const steeped = [task(10, HANDS), task(20, FIRE), task(120, { pot: true }), task(5, HANDS)];
    const room = { cooks: 2, burners: 2, pots_mL: [1000, 4000] };
    const large = (id: string) => drink(id, 600, steeped, { inPot_mL: 3000 });
    const { drinks } = scheduleDrinks(problem([large('a'), large('b'), drink('c', 600, steeped)], room));
    const at = Object.fromEntries(drinks.map((each) => [each.id, each]));
    expect([at.a!.pot, at.b!.pot, at.c!.pot]).toEqual([1, 1, 0]);
    // From the fire to the end of the steep the pot is taken: 10 to 150 minutes after the beginning.
    expect(Math.abs(at.a!.begin_min - at.b!.begin_min)).toBeGreaterThanOrEqual(140);
    expect(at.c!.late_min).toBe(0);
  });

  it('take the usual pot first, and another where it is taken', () => {
    const room = { cooks: 2, burners: 2, pots_mL: [1000, 2000], usualPot: 1 };
    expect(scheduleDrinks(problem([drink('a', 600, TEA)], room)).drinks[0]!.pot).toBe(1);
    const { drinks } = scheduleDrinks(problem([drink('a', 600, TEA), drink('b', 600, TEA)], room));
    expect(drinks.map(({ pot }) => pot).sort()).toEqual([0, 1]);
  });

  it('take the larger pot where that keeps the smaller one for another', () => {
    const room = { cooks: 3, burners: 3, pots_mL: [1000, 2000] };
    const request = (id: string, more: Partial<PlanDrink> = {}) => drink(id, 600, TEA, more);
    const { drinks } = scheduleDrinks(problem([request('a'), request('b')], room));
    expect(drinks.map(({ late_min, begin_min }) => [late_min, begin_min])).toEqual(Array(2).fill([0, 565]));
    expect(new Set(drinks.map(({ pot }) => pot))).toEqual(new Set([0, 1]));
  });

  it('are not all made early when the fridge does not hold them', () => {
    const cold = { keptCold: true, inFridge_mL: 2000 };
    const sleeps = [{ from_min: 200, to_min: 590 }];
    const requests = [drink('a', 600, TEA, cold), drink('b', 600, TEA, cold)];
    const roomy = scheduleDrinks(problem(requests, { sleeps }));
    expect(roomy.drinks.every(({ late_min }) => late_min === 0)).toBe(true);
    const narrow = scheduleDrinks(problem(requests, { sleeps, fridge_mL: 3000 }));
    // One waits through the night in the cold; for the other there is no room, so it is late.
    expect(narrow.drinks.filter(({ late_min }) => late_min > 0)).toHaveLength(1);
  });

  it('a preparation is made before what it goes into', () => {
    const { drinks } = scheduleDrinks(
      problem([drink('cooler', 600, TEA, { after: ['syrup'] }), drink('syrup', 900, TEA)], { cooks: 2, burners: 2 }),
    );
    const at = Object.fromEntries(drinks.map((each) => [each.id, each]));
    expect(at.syrup!.end_min).toBeLessThanOrEqual(at.cooler!.begin_min);
    expect(at.cooler!.late_min).toBe(0);
  });

  it('without a cook there is no plan', () => {
    expect(() => scheduleDrinks(problem([], { cooks: 0 }))).toThrow(RangeError);
  });
});

describe('any few drinks', () => {
  /** Whether one of the pots of this size is free. */
  const isFree = (taken: Occupancy, shape: Shape, start: number, holds_mL: number) =>
    taken.potsFor(shape, start).some((pot) => taken.room.pots_mL[pot] === holds_mL);

  it('are never begun with more hands, burners, pots or cold room than there are', () => {
    fc.assert(
      fc.property(fewDrinks, (each) => {
        const plan = problemFrom(each);
        const { drinks } = scheduleDrinks(plan);
        const taken = new Occupancy(plan, 2000);
        for (const { id, begin_min, pot } of drinks) {
          const shape = shapeOf(plan.drinks.find((other) => other.id === id)!);
          const start = begin_min / SLOT_min;
          expect(taken.fits(shape, start)).toBe(true);
          if (pot !== null) expect(isFree(taken, shape, start, plan.pots_mL[pot]!)).toBe(true);
          taken.change(shape, start, pot ?? NO_POT, 1);
        }
      }),
      { numRuns: 60 },
    );
  });

  it('cost what they are said to, and never less than the bound', () => {
    fc.assert(
      fc.property(fewDrinks, (each) => {
        const plan = problemFrom(each);
        const { drinks, cost, lowerBound } = scheduleDrinks(plan);
        const sum = drinks.reduce(
          (all, { id, end_min }) =>
            all +
            costOf(
              plan.drinks.find((other) => other.id === id)!,
              end_min,
            ),
          0,
        );
        expect(cost).toBeCloseTo(sum, 6);
        expect(cost).toBeGreaterThanOrEqual(lowerBound - 1e-9);
      }),
      { numRuns: 60 },
    );
  });

  it('are planned as well as HiGHS plans them', async () => {
    const samples = fc.sample(fewDrinks, { numRuns: 8, seed: 3 });
    for (const each of samples) {
      const plan = problemFrom(each);
      const mine = scheduleDrinks(plan);
      const theirs = await highsPlan(plan, 110);
      expect(mine.cost).toBeLessThanOrEqual(theirs.cost + 1e-6);
      if (mine.proven) expect(mine.cost).toBeGreaterThanOrEqual(theirs.cost - 1e-6);
    }
  }, 120_000);
});

it('the tasks of a drink last as long as the drink, hands on the fire apart from waiting', () => {
  const analysis = analyseDrink({
    name: 'Root tea',
    kind: 'tea',
    serving: '200 mL',
    steps: [
      { verb: 'add', text: '80 g fresh ginger, sliced' },
      { verb: 'add', text: '1 L water' },
      { verb: 'simmer', text: '30 min' },
      { verb: 'steep', text: '2 h' },
      { verb: 'strain', text: 'mesh' },
    ],
  });
  const { tasks, inPot_mL, keptCold } = planNeeds(analysis, []);
  const total = tasks.reduce((sum, { minutes }) => sum + minutes, 0);
  expect(total).toBeGreaterThanOrEqual(analysis.trace.total_min - 1e-6);
  expect(tasks.some(({ burner, hands }) => burner && !hands)).toBe(true);
  expect(tasks.find(({ minutes }) => minutes > 100)).toMatchObject({
    hands: false,
    awake: false,
    burner: false,
    pot: true,
  });
  // Water and what the ginger holds; tea is kept cold.
  expect(inPot_mL).toBeGreaterThan(950);
  expect(keptCold).toBe(true);
});
