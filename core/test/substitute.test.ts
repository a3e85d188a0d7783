import { CATALOGUE, ingredientById } from '../src/catalogue';
import { nutrientsOf } from '../src/serving';
import { readIngredientLine } from '../src/quantity';
import { equalAmount, substitutesFor } from '../src/substitute';

const amount = (from: string, grams: number, to: string, keeps: Parameters<typeof equalAmount>[3]) =>
  equalAmount(ingredientById(from), grams, ingredientById(to), keeps)!;

test.each([
  // Honey has 82 % sugars, a little over half of them fructose: about as sweet as sugar by the gram of solids.
  ['white-sugar', 100, 'honey', 'sweetness', 125, 0.06],
  ['white-sugar', 100, 'glucose', 'sweetness', 143, 0.02],
  // 393.4 mg sodium a gram of salt, 273.7 a gram of soda.
  ['table-salt', 2, 'baking-soda', 'sodium', 2.87, 0.01],
  ['potassium-chloride', 1.5, 'tripotassium-citrate', 'potassium', 2.18, 0.01],
  // Fresh elderberries have 79.8 % water: 4.45 g make one dried.
  ['elderberries-dried', 10, 'elderberries-fresh', 'strength', 44.55, 0.01],
  // 5.1 % titratable acid in lemon juice.
  ['lemon-juice', 100, 'citric-acid', 'sourness', 5.1, 0.1],
] as const)('%s %d g: %s', (from, grams, to, keeps, expected, tolerance) =>
  expect(Math.abs(amount(from, grams, to, keeps) / expected - 1)).toBeLessThan(tolerance),
);
test('there and back is the same', () =>
  expect(amount('honey', amount('white-sugar', 50, 'honey', 'sweetness'), 'white-sugar', 'sweetness')).toBeCloseTo(
    50,
    9,
  ));
test('nothing has no equal', () =>
  expect(equalAmount(ingredientById('white-sugar'), 5, ingredientById('table-salt'), 'sweetness')).toBeUndefined());

test('honey: something vegan, something for infants, and as sweet', () => {
  const found = substitutesFor(ingredientById('honey'), 60);
  expect(found.some(({ vegan, forInfants }) => vegan && forInfants)).toBe(true);
  expect(found.every(({ ingredient }) => ingredient.id !== 'honey')).toBe(true);
});
test('salts keep their sodium to the milligram', () => {
  const salt = ingredientById('table-salt');
  const had = 2.6 * nutrientsOf(salt.composition!).sodium_mg;
  for (const { ingredient, grams, keeps } of substitutesFor(salt, 2.6))
    if (keeps === 'sodium') expect(grams * nutrientsOf(ingredient.composition!).sodium_mg).toBeCloseTo(had, 6);
});
test('every line that is offered can be read as what it offers', () => {
  for (const ingredient of CATALOGUE)
    for (const { text, ingredient: to, grams } of substitutesFor(ingredient, 40)) {
      const read = readIngredientLine(text);
      expect([text, read.kind === 'read' && read.ingredient.id]).toEqual([text, to.id]);
      if (read.kind === 'read' && read.dose.kind === 'mass')
        expect(Math.abs(read.dose.mass_g / grams - 1)).toBeLessThan(0.006);
    }
});
test('of nothing there is no substitute', () =>
  expect(() => substitutesFor(ingredientById('honey'), 0)).toThrow(RangeError));
