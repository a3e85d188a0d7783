import { analyseDrink, contributionsTo } from '../src/analyse';
import { type DrinkStep, stepFromLine } from '../src/drink';
import { nutrientsOf } from '../src/serving';

const analyse = (...lines: string[]) => {
  const steps: DrinkStep[] = lines.map(stepFromLine);
  return analyseDrink({ name: 'T', kind: 'tonic', serving: '100 mL', steps });
};
const sodium = (c: Parameters<typeof nutrientsOf>[0]) => nutrientsOf(c).sodium_mg;
const vitaminC = (c: Parameters<typeof nutrientsOf>[0]) => nutrientsOf(c).vitaminC_mg;

test('salt and soda share the sodium by their formulas', () => {
  const parts = contributionsTo(analyse('1 L water', '2 g table salt', '1 g baking soda'), sodium);
  expect(parts.map(({ ingredient, steps }) => [ingredient.id, ...steps])).toEqual([
    ['table-salt', 1],
    ['baking-soda', 2],
  ]);
  // 393.4 and 273.7 mg of sodium a gram.
  expect(parts[0]!.amount).toBeCloseTo(2 * 393.4, 0);
  expect(parts[1]!.amount).toBeCloseTo(273.7, 0);
});
test.each([
  [
    'a brew with plants',
    ['60 g dried elderberries', '800 mL water', 'simmer 30 min', 'strain through cloth', '200 g honey'],
  ],
  ['vitamin C that heat destroys', ['300 mL orange juice', '100 mL lemon juice', 'simmer 45 min']],
])('the parts of %s add up to the batch', (_name, lines) => {
  const analysis = analyse(...lines);
  for (const figure of [sodium, vitaminC]) {
    const parts = contributionsTo(analysis, figure);
    expect(parts.reduce((sum, { amount }) => sum + amount, 0)).toBeCloseTo(figure(analysis.trace.pot.liquid), 6);
    expect(parts.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1, 6);
  }
});
test('what plants give is said to be an inference', () => {
  const parts = contributionsTo(analyse('60 g dried elderberries', '800 mL water', 'simmer 30 min'), sodium);
  expect(parts.find(({ ingredient }) => ingredient.id === 'elderberries-dried')).toMatchObject({ exact: false });
});
test('nothing comes from nowhere', () => expect(contributionsTo(analyse('1 L water'), sodium)).toEqual([]));
