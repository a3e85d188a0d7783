import { analyseDrink } from '../src/analyse';
import type { Drink, DrinkKind, DrinkStep } from '../src/drink';
import fc from './seeded';
import { bandOdds, measureSpread, quantile, quantilesOf, standardNormal } from '../src/spread';
import { targetFor } from '../src/target';

const drinkOf = (kind: DrinkKind, lines: readonly string[], serving = '250 mL'): Drink => ({
  name: 'Trial',
  kind,
  serving,
  steps: lines.map((text) => ({ verb: 'add', text })),
});
const HOME = ['6 level tsp sugar', '1/2 level tsp salt', 'water to 1 L'];

describe('spread', () => {
  test('level measuring spoons put half a teaspoon of salt at 44 to 60 mmol/L', () => {
    const spread = measureSpread(analyseDrink(drinkOf('rehydration', HOME)), { draws: 8000, seed: 7 });
    const { p5, p50, p95 } = spread.ranges['perLitre.sodium_mmol']!;
    // 95 % interval of the error model is 44-60; its 5 % and 95 % points are 45 and 59.
    expect(p50).toBeCloseTo(51.3, 0);
    expect(p5).toBeGreaterThan(43.5);
    expect(p5).toBeLessThan(46);
    expect(p95).toBeLessThan(60);
    expect(spread.chanceAbove('perLitre.sodium_mmol', 90)).toBeLessThan(0.01);
  });
  test('heaped cutlery half-spoons are over the line about one time in three', () => {
    const spread = measureSpread(
      analyseDrink(drinkOf('rehydration', ['25 g sugar', '1/2 heaped cutlery tsp salt', 'water to 1 L'])),
      { draws: 8000, seed: 7 },
    );
    expect(spread.ranges['perLitre.sodium_mmol']!.p50).toBeCloseTo(86, -1);
    expect(Math.abs(spread.chanceAbove('perLitre.sodium_mmol', 90)! - 0.37)).toBeLessThan(0.12);
  });
  test('one spoon used for two salts errs the same way twice', () => {
    const twice = analyseDrink(drinkOf('sport', ['1 tsp table salt', '1 tsp table salt', '1000 g water']));
    const once = analyseDrink(drinkOf('sport', ['1 tsp table salt', '1000 g water']));
    const width = (analysis: typeof once) => {
      const { p5, p50, p95 } = measureSpread(analysis, { draws: 4000 }).ranges['perLitre.sodium_mmol']!;
      return (p95 - p5) / p50;
    };
    expect(width(twice)).toBeGreaterThan(0.85 * width(once));
  });
  test('19 litres in 20 of home sugar and salt keep within its salt band; the odds of a band add up', () => {
    const drink = { ...drinkOf('rehydration', HOME), target: 'home-sugar-and-salt' };
    const odds = bandOdds(measureSpread(analyseDrink(drink), { draws: 20_000 }), targetFor(drink)!);
    const sodium = odds.find(({ figure }) => figure === 'perLitre.sodium_mmol')!;
    expect(Math.abs(sodium.within - 0.95)).toBeLessThan(0.015);
    expect(sodium.below).toBeGreaterThan(0.01);
    expect(sodium.above).toBeGreaterThan(0.01);
    for (const { below, within, above } of odds) expect(below + within + above).toBeCloseTo(1, 12);
  });
  test.each([
    // What is in print as ±20 and ±25 % at 95 %; measuring 1 kg on a scale adds nothing.
    [{ verb: 'heat', text: 'to 90 °C' }, [], 0.1],
    [{ verb: 'cool', text: 'to 40 °C' }, [{ verb: 'heat', text: 'to 90 °C' }], 0.13],
  ] as const)('the time of %j is drawn', (step, before, cv) => {
    const timed = (steps: readonly DrinkStep[]) => {
      const drink = { ...drinkOf('tea', []), steps: [{ verb: 'add', text: '1000 g water' } as const, ...steps] };
      return measureSpread(analyseDrink(drink), { draws: 8000 }).ranges['time.total_min']!;
    };
    const without = timed(before);
    const { p5, p50, p95 } = timed([...before, step]);
    const width = Math.sqrt((p95 - p5) ** 2 - (without.p95 - without.p5) ** 2) / (p50 - without.p50);
    expect(Math.abs(width / (2 * 1.645 * cv) - 1)).toBeLessThan(0.06);
  });
  test('the same seed gives the same spread; another seed nearly so', () => {
    const analysis = analyseDrink(drinkOf('rehydration', HOME));
    expect(measureSpread(analysis, { seed: 3 }).ranges).toEqual(measureSpread(analysis, { seed: 3 }).ranges);
    expect(() => measureSpread(analysis, { draws: 0 })).toThrow(RangeError);
  });
  test('normal numbers are normal', () => {
    const next = standardNormal(11);
    const drawn = Float64Array.from({ length: 20000 }, next).sort();
    expect(quantile(drawn, 0.5)).toBeCloseTo(0, 1);
    expect(quantile(drawn, 0.95)).toBeCloseTo(1.645, 1);
    expect(() => quantile([], 0.5)).toThrow(RangeError);
  });
});

test('quantiles without sorting are those of the sorted numbers', () => {
  const shares = [0, 0.05, 0.5, 0.95, 1];
  fc.assert(
    fc.property(
      fc.array(fc.oneof(fc.double({ noNaN: true, min: -1e6, max: 1e6 }), fc.integer({ min: -3, max: 3 })), {
        minLength: 1,
        maxLength: 200,
      }),
      (numbers) => {
        const sorted = Float64Array.from(numbers).sort();
        expect(quantilesOf(Float64Array.from(numbers), shares)).toEqual(shares.map((share) => quantile(sorted, share)));
      },
    ),
  );
  expect(() => quantilesOf(new Float64Array(0), [0.5])).toThrow(RangeError);
});
