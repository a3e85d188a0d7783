import { NO_INTAKE, drinkFactsOf, mostWithinLines, servingCrosses, suits, type Intake } from '../src/people';
import { analyse, trialDrink } from './trial-drink';
import { NOW, aged, trialPerson } from './trial-person';

const sodium = (sodium_mg: number): Intake => ({ ...NO_INTAKE, sodium_mg });
const CHILD = { ...aged(50), name: 'Wren' };
const GROWN = trialPerson();

test('a serving is held against each line of each person, the furthest over first', () => {
  // 1,500 mg at four years, 2,300 for a grown-up (NASEM 2019).
  expect(servingCrosses(sodium(1500), [GROWN, CHILD], NOW)).toEqual([]);
  const crossed = servingCrosses(sodium(2400), [GROWN, CHILD], NOW);
  expect(crossed.map(({ person, line }) => [person, line.key])).toEqual([
    ['Wren', 'sodium_mg'],
    ['Pia', 'sodium_mg'],
  ]);
});

describe('the most of an amount', () => {
  test.each<[string, number, number]>([
    ['half the line is written: twice as much is', 750, 2],
    ['one and a half of it is written: two thirds are', 2250, 2 / 3],
    ['just the line is written: just that is', 1500, 1],
  ])('%s', (_what, written, factor) => {
    const bound = mostWithinLines((times) => sodium(times * written), [GROWN, CHILD], NOW)!;
    expect(bound.factor / factor).toBeCloseTo(1, 2);
    expect(bound.factor).toBeLessThanOrEqual(factor);
    expect(bound.line).toMatchObject({ person: 'Wren', line: { key: 'sodium_mg', most: 1500 } });
  });
  test('what has nothing to do with a line is not bounded, nor what is over it without the amount', () => {
    expect(mostWithinLines(() => sodium(100), [CHILD], NOW)).toBeUndefined();
    expect(mostWithinLines((times) => sodium(1600 + times), [CHILD], NOW)).toBeUndefined();
    expect(mostWithinLines((times) => sodium(900 * times), [], NOW)).toBeUndefined();
  });
  test('of what nobody may have there is none', () => {
    const kidneys = trialPerson({}, 'kidneys');
    const potassium = (times: number): Intake => ({ ...NO_INTAKE, addedPotassium_mg: 200 * times });
    expect(mostWithinLines(potassium, [kidneys], NOW)).toMatchObject({
      factor: 0,
      line: { line: { key: 'addedPotassium_mg' } },
    });
  });
});

test('honey suits a grown-up and no baby, and says whom it is not for', () => {
  const facts = drinkFactsOf(analyse(trialDrink('tonic', 'add 500 mL water | add 20 g honey')));
  expect(suits(facts, [GROWN], NOW)).toEqual({ stops: [], crossed: [] });
  expect(suits(facts, [GROWN, { ...aged(8), name: 'Bo' }], NOW).stops).toEqual([{ person: 'Bo', what: 'honey' }]);
});
