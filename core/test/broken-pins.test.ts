import { scheduleDrinks, type PlanProblem, type PlanTask } from '../src/plan';
import { TEA, drink, problem, task } from './trial-plan';

describe('a pin', () => {
  it('is kept, the others go around it, and what it breaks is said', () => {
    const pinned = drink('a', 600, TEA, { pinned_min: 300 });
    const { drinks, broken } = scheduleDrinks(problem([pinned, drink('b', 335, TEA)]));
    expect(drinks.find(({ id }) => id === 'a')!.begin_min).toBe(300);
    expect(broken).toEqual([]);
    const both = scheduleDrinks(problem([pinned, drink('b', 335, TEA, { pinned_min: 300 })]));
    expect(new Map(both.broken.map(({ id, because }) => [id, because]))).toEqual(
      new Map([
        ['a', 'hands are needed for b then'],
        ['b', 'hands are needed for a then'],
      ]),
    );
  });

  it.each<[string, Partial<PlanProblem>, readonly PlanTask[], string]>([
    ['burners', { cooks: 3 }, TEA, 'no burner is free beside b and c'],
    ['pots', { cooks: 3, burners: 3, pots_mL: [3000, 500] }, TEA, 'no pot that holds it is free beside b and c'],
    [
      'room in the fridge',
      { fridge_mL: 1500 },
      [task(60, { fridge: true })],
      'there is no room in the fridge beside b and c',
    ],
    ['waking hours', { sleeps: [{ from_min: 200, to_min: 700 }] }, TEA, 'somebody would have to be up at night'],
  ])(
    'a pin says when it is %s that there are not enough of, and beside which drinks',
    (_what, room, steps, because) => {
      const pinned = ['a', 'b', 'c'].map((id) => drink(id, 600, steps, { pinned_min: 300 }));
      // The other one needs the same at another time.
      const { broken } = scheduleDrinks(problem([...pinned, drink('d', 5000, steps)], room));
      expect(broken.find(({ id }) => id === 'a')?.because).toBe(because);
    },
  );

  it('a drink that is kept cold until it is wanted takes the room of another', () => {
    const cold = [task(60, { fridge: true })];
    const { broken } = scheduleDrinks(
      problem(
        [
          drink('a', 900, cold, { pinned_min: 300, keptCold: true }),
          drink('b', 900, cold, { pinned_min: 600, keptCold: true }),
        ],
        { fridge_mL: 1500 },
      ),
    );
    expect(broken.map(({ because }) => because)).toEqual([
      'there is no room in the fridge beside b',
      'there is no room in the fridge beside a',
    ]);
  });
});
