import { CATALOGUE } from '../src/catalogue';
import { readIngredientLine } from '../src/quantity';
import { measurableLine } from '../src/resize';
import fc from './seeded';

/** A line of so much more or less, as hands can measure it. */

describe('with a scale that shows tenths of a gram', () => {
  test.each([
    ['1/2 tsp salt', 0.87, '3/8 tsp salt'],
    ['1/2 tsp salt', 1.4, '3/4 tsp salt'],
    ['1 tbsp honey', 1.24, '3 3/4 tsp honey'],
    ['2 tbsp honey', 0.76, '1 1/2 tbsp honey'],
    ['2 lemons', 0.8, '1 1/2 lemons'],
    ['1 lemon', 0.482, '1/2 lemon'],
    ['juice of half a lemon', 0.8, 'juice of 1/2 lemon'],
    ['1 pinch of salt', 1.07, '1 pinch of salt'],
    ['12 capsules of 100 mg magnesium citrate', 0.93, '11 capsules of 100 mg magnesium citrate'],
    ['420 g honey', 0.8, '336 g honey'],
    ['2.6 g table salt', 0.87, '2.3 g table salt'],
    ['300 mL orange juice', 0.77, '230 mL orange juice'],
    ['1 L water', 1.24, '1.24 L water'],
    ['1 cup sugar', 0.8, '3/4 cup sugar'],
    ['1 cinnamon stick', 0.8, '1 cinnamon stick'],
    ['20 drops ginger tincture', 0.8, '16 drops ginger tincture'],
    ['8 oz honey', 0.8, '6.4 oz honey'],
  ])('%s times %d is %s', (text, factor, line) => expect(measurableLine(text, factor, { scale_g: 0.1 })).toBe(line));
});

describe('with other scales', () => {
  test.each([
    ['2.6 g table salt', 0.87, 1, '2 g table salt'],
    ['2.6 g table salt', 0.87, null, '3/8 level tsp table salt'],
    ['420 g honey', 0.8, null, '1 cup honey'],
    ['40 g white sugar', 1, null, '3 level tbsp white sugar'],
  ] as const)('%s times %d by %s g is %s', (text, factor, scale_g, line) =>
    expect(measurableLine(text, factor, { scale_g })).toBe(line),
  );
});

test('what has no amount is left alone, and a factor of nothing is refused', () => {
  expect(measurableLine('pinch of salt', 2, { scale_g: 1 })).toBeUndefined();
  expect(measurableLine('slat', 2, { scale_g: 1 })).toBeUndefined();
  expect(() => measurableLine('1 g salt', 0, { scale_g: 1 })).toThrow(RangeError);
});

test('every line reads back as the same ingredient, and is as near as its measure allows', () => {
  const units = ['g', 'mL', 'tsp', 'tbsp', 'cup', 'kg', 'L', 'oz'] as const;
  const names = CATALOGUE.filter(({ bulkDensities }) => bulkDensities.length > 0).map(({ name }) => name);
  fc.assert(
    fc.property(
      fc.constantFrom(...units),
      fc.constantFrom(...names),
      fc.integer({ min: 1, max: 40 }),
      fc.double({ min: 0.3, max: 4, noNaN: true }),
      fc.constantFrom(0.1, 1, null),
      (unit, name, count, factor, scale_g) => {
        const text = `${count} ${unit} ${name}`;
        const before = readIngredientLine(text);
        if (before.kind !== 'read' || before.dose.kind !== 'mass') return;
        const line = measurableLine(text, factor, { scale_g });
        const after = readIngredientLine(line!);
        if (after.kind !== 'read' || after.dose.kind !== 'mass') throw new Error(`${line} does not read back`);
        expect(after.ingredient.id).toBe(before.ingredient.id);
        const off = Math.abs(after.dose.mass_g / (before.dose.mass_g * factor) - 1);
        // Half a step of the coarsest grid that was used at its smallest amount.
        expect(off).toBeLessThanOrEqual(0.51);
      },
    ),
    { numRuns: 500 },
  );
});
