import { planLanes, scheduleDrinks, type Lane, type PlanProblem } from '../src/plan';
import { FIRE, HANDS, TEA, drink, fewDrinks, problem, problemFrom, task } from './trial-plan';
import fc from './seeded';

const lanesOf = (plan: PlanProblem) => planLanes(plan, scheduleDrinks(plan));
const minutesIn = (lanes: readonly Lane[]) =>
  lanes.flat().reduce((sum, { from_min, to_min }) => sum + to_min - from_min, 0);
const apart = (lane: Lane) => lane.every(({ from_min }, index) => index === 0 || lane[index - 1]!.to_min <= from_min);

test('one drink: its cook twice, its burner and its pot from the fire on', () => {
  const { cooks, burners, pots } = lanesOf(problem([drink('tea', 600, TEA)]));
  const at = (from_min: number, to_min: number) => ({ drink: 'tea', title: 'task', from_min, to_min });
  expect(cooks).toEqual([[at(565, 575), at(595, 600)]]);
  expect(burners).toEqual([[at(575, 595)]]);
  expect(pots).toEqual([[at(575, 595)], []]);
});

test('a pot is taken until the drink leaves it, also while it stands off the fire', () => {
  const steeped = [task(10, HANDS), task(20, FIRE), task(120, { pot: true }), task(5, HANDS)];
  const { burners, pots } = lanesOf(problem([drink('tonic', 600, steeped)]));
  expect(minutesIn(burners)).toBe(20);
  expect(minutesIn(pots)).toBe(140);
});

test('two at the same time have a cook each, and each cook stays with a drink', () => {
  const both = problem([drink('a', 600, TEA), drink('b', 600, TEA)], { cooks: 2, burners: 2 });
  const { cooks } = lanesOf(both);
  expect(cooks.map((lane) => new Set(lane.map((each) => each.drink)).size)).toEqual([1, 1]);
});

test('pinned upon each other, one cook is not enough, and a second lane says so', () => {
  const pinned = { pinned_min: 100 };
  const { cooks } = lanesOf(problem([drink('a', 600, TEA, pinned), drink('b', 600, TEA, pinned)]));
  expect(cooks).toHaveLength(2);
});

test('burners without number are so many as are used', () => {
  const many = ['a', 'b', 'c'].map((id) => drink(id, 600, TEA));
  const { burners } = lanesOf(problem(many, { cooks: 3, burners: Infinity, pots_mL: [3000, 3000, 3000] }));
  expect(burners).toHaveLength(3);
});

test('any few drinks: nobody is at two at once, and every minute is somebody’s', () => {
  fc.assert(
    fc.property(fewDrinks, (few) => {
      const plan = problemFrom(few);
      const { cooks, burners, pots } = lanesOf(plan);
      expect([cooks.length, burners.length]).toEqual([plan.cooks, plan.burners]);
      expect([...cooks, ...burners, ...pots].every(apart)).toBe(true);
      const minutesOf = (need: 'hands' | 'burner') =>
        plan.drinks
          .flatMap(({ tasks }) => tasks)
          .filter((each) => each[need])
          .reduce((sum, { minutes }) => sum + minutes, 0);
      expect([minutesIn(cooks), minutesIn(burners)]).toEqual([minutesOf('hands'), minutesOf('burner')]);
    }),
  );
});
