import { scheduleDrinks, type PlanProblem } from '../src/plan';
import { priced } from '../src/plan/lower-bound';
import { prepare } from '../src/plan/plan-search';
import { busyDay } from '../bench/planning';
import { highsPlan } from './highs-plan';

const boundOf = (problem: PlanProblem, best: number) => priced(problem, prepare(problem), best).bound;

it.each([2, 3, 4, 5])('lies above nothing and below the best plan of a busy day of %d', async (count) => {
  const problem = busyDay(count);
  const { cost } = await highsPlan(problem, 240);
  const alone = problem.drinks.reduce((sum, drink) => sum + scheduleDrinks({ ...problem, drinks: [drink] }).cost, 0);
  const bound = boundOf(problem, 10 * cost);
  expect(bound).toBeLessThanOrEqual(cost + 1e-6);
  expect(bound).toBeGreaterThanOrEqual(alone - 1e-9);
});

it('tells more than what each drink costs alone, where two want the same hands at once', () => {
  const one = { ...busyDay(1).drinks[0]!, readyBy_min: 300 };
  const problem = { ...busyDay(1), drinks: [one, { ...one, id: 'twin', name: 'Twin' }] };
  const { cost, proven } = scheduleDrinks(problem);
  expect(proven).toBe(true);
  expect(boundOf(problem, 10 * cost)).toBeGreaterThan(0.5 * cost);
});

it('of twelve drinks the best plan is found and proven', () => {
  const { cost, lowerBound, proven } = scheduleDrinks(busyDay(12));
  expect({ lowerBound, proven }).toEqual({ lowerBound: cost, proven: true });
});

it('what is pinned costs what it costs, and breaks no bound', () => {
  const { drinks, ...room } = busyDay(4);
  const problem = {
    ...room,
    drinks: drinks.map((drink, index) => (index === 0 ? { ...drink, pinned_min: 0 } : drink)),
  };
  const { cost, lowerBound } = scheduleDrinks(problem);
  expect(lowerBound).toBeLessThanOrEqual(cost + 1e-9);
  expect(boundOf(problem, 10 * cost)).toBeLessThanOrEqual(cost + 1e-9);
});
