import { analyseDrink } from '../src/analyse';
import { stepFromLine, type Drink } from '../src/drink';
import { readIngredientLine } from '../src/quantity';
import { POT_FILL, resizeFactor, resizeHints, scaleSteps, scaleText, type ResizeGoal } from '../src/resize';
import fc from './seeded';

const drink = (lines: readonly string[], more: Partial<Drink> = {}): Drink => ({
  name: 'T',
  kind: 'tonic',
  serving: '150 mL',
  steps: lines.map(stepFromLine),
  ...more,
});
const ELDER = drink([
  '100 g dried elderberries',
  '950 mL water',
  '1 cinnamon stick',
  'simmer 45 min, lid off',
  'strain through cloth',
  '2 tbsp honey',
]);
const resized = (from: Drink, goal: ResizeGoal) => {
  const found = resizeFactor(from, goal);
  if (found.kind === 'cannot') throw new Error(found.because);
  const { steps } = scaleSteps(from.steps, found.factor);
  return { factor: found.factor, before: analyseDrink(from), after: analyseDrink({ ...from, steps }) };
};

describe('a line of so much more', () => {
  test.each([
    ['2.6 g table salt', 2, '5.2 g table salt'],
    ['1/2 level tsp salt', 3, '1 1/2 level tsp salt'],
    ['2-3 lemons', 2, '4-6 lemons'],
    ['juice of 2 limes', 1.5, 'juice of 3 limes'],
    ['water to 1 L', 2.5, 'water to 2.5 L'],
    ['12 capsules of 100 mg magnesium', 0.5, '6 capsules of 100 mg magnesium'],
    ['1 1/2 cups water', 2, '3 cups water'],
  ])('%s times %d is %s', (text, factor, scaled) => expect(scaleText(text, factor)).toBe(scaled));
  test('a line without a number is one of it', () =>
    expect(scaleSteps([{ verb: 'add', text: 'pinch of salt' }], 2).steps[0]!.text).toMatch(/^2 pinch/));
  test('what has no amount is left and named', () =>
    expect(scaleSteps([{ verb: 'add', text: 'something' }], 2)).toEqual({
      steps: [{ verb: 'add', text: 'something' }],
      left: [0],
    }));
  test('a factor of nothing is refused', () => expect(() => scaleText('2 g salt', 0)).toThrow(RangeError));
  test('what is read is so much more, for any factor', () =>
    fc.assert(
      fc.property(
        fc.constantFrom('2.6 g table salt', '3 tbsp honey', '250 mL water', 'juice of 2 limes', '1/2 tsp salt'),
        fc.double({ min: 0.1, max: 20, noNaN: true }),
        (text, factor) => {
          const mass = (line: string) => {
            const read = readIngredientLine(line);
            return read.kind === 'read' && read.dose.kind === 'mass' ? read.dose.mass_g : NaN;
          };
          // Three figures, or the nearest eighth of a spoon.
          expect(Math.abs(mass(scaleText(text, factor)!) / mass(text) / factor - 1)).toBeLessThan(0.013);
        },
      ),
      { numRuns: 100 },
    ));
});

describe('steps', () => {
  test.each([
    ['reduce to 500 mL', 'to 1000 mL'],
    ['reduce to half', 'to half'],
    ['draw off 200 mL', '400 mL'],
    ['bottle 3 x 300 mL jar', '6 x 300 mL jar'],
    ['simmer 35 min', '35 min'],
    ['cool to 40 °C', 'to 40 °C'],
    ['top up with 1 L sparkling water', 'with 2 L sparkling water'],
  ])('%s twice as large: %s', (line, text) => expect(scaleSteps([stepFromLine(line)], 2).steps[0]!.text).toBe(text));
  test('a soak grows by its liquid', () =>
    expect(scaleSteps([stepFromLine('soak 2 h in 400 mL water')], 2).steps[0]!.in).toBe('800 mL water'));
});

describe('goals', () => {
  test.each<[string, ResizeGoal, number]>([
    ['servings', { kind: 'servings', servings: 20 }, 3000],
    ['a volume', { kind: 'volume', volume_mL: 1200 }, 1200],
    ['bottles less their headspace', { kind: 'bottles', count: 3, size_mL: 250, headspace_mL: 20 }, 690],
  ])('%s are reached although steam does not grow', (_name, goal, volume) => {
    const { after, before, factor } = resized(ELDER, goal);
    // Amounts are written with three figures, and the next pot is wider.
    expect(Math.abs(after.liquid!.volume_mL / volume - 1)).toBeLessThan(0.012);
    // By proportion alone it would come out wrong.
    expect(Math.abs((before.liquid!.volume_mL * factor) / volume - 1)).toBeGreaterThan(0.015);
  });
  test('what is there is used up', () => {
    const { factor } = resized(ELDER, { kind: 'use-up', line: '250 g dried elderberries' });
    expect(factor).toBeCloseTo(2.5, 6);
  });
  test('the fullest moment goes into the pot', () => {
    const { after } = resized(ELDER, { kind: 'pot', holds_mL: 6000 });
    const most = Math.max(...after.trace.entries.map(({ volume_mL, pot }) => (volume_mL ?? 0) + pot.pieces_g));
    expect(most / (6000 * POT_FILL)).toBeCloseTo(1, 2);
  });
  test('a sachet simply grows', () => {
    const { factor } = resized(drink(['2.6 g table salt', 'water to 1 L']), { kind: 'volume', volume_mL: 3000 });
    expect(factor).toBeCloseTo(3, 3);
  });
  test.each<[ResizeGoal, RegExp]>([
    [{ kind: 'use-up', line: '100 g dried rose hips' }, /no rose hips/i],
    [{ kind: 'use-up', line: 'slat' }, /amount/i],
    [{ kind: 'volume', volume_mL: 0 }, /above nothing/],
    [{ kind: 'volume', volume_mL: 1e9 }, /fifty times/],
  ])('%j cannot be', (goal, because) =>
    expect(resizeFactor(ELDER, goal)).toMatchObject({ kind: 'cannot', because: expect.stringMatching(because) }),
  );
});

test('hints: steam, pieces, spices, time', () => {
  const { before, after, factor } = resized(ELDER, { kind: 'servings', servings: 12 });
  expect(resizeHints(before, after, factor).map(({ code }) => code)).toEqual(
    expect.arrayContaining(['steam', 'pieces', 'spices']),
  );
  const plain = analyseDrink(drink(['2.6 g table salt', '1 L water']));
  expect(resizeHints(plain, plain, 1)).toEqual([]);
});
