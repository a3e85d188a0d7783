import { ingredientById } from '@wellhydra/core/catalogue';
import { readIngredientLine } from '@wellhydra/core/quantity';
import { substitutesView } from '../src/features/drink/step/substitutes-view';

const of = (id: string, grams: number) => ({ ingredient: ingredientById(id), grams });

test('what stands in can be weighed on the scale of the kitchen', () => {
  // 60 g of honey is about 67 g of maple syrup; on a scale to 5 g that is 65 or 70.
  const maple = (scale_g: number) =>
    substitutesView(of('honey', 60), { scale_g }).find(({ text }) => text.includes('maple syrup'))!;
  expect(maple(1).text).toMatch(/^\d\d g maple syrup$/);
  expect(Number.parseFloat(maple(5).text) % 5).toBe(0);
  expect(maple(1).kept).toBe('as sweet');
});

test('without a scale it comes by the spoon, and what that costs is said where it matters', () => {
  const all = substitutesView(of('table-salt', 1.1), { scale_g: null });
  const citrate = all.find(({ text }) => text.includes('citrate'))!;
  expect(citrate.text).toMatch(/level tsp/);
  for (const { text, kept } of all) {
    const line = readIngredientLine(text);
    expect(line.kind).toBe('read');
    expect(text).not.toMatch(/\d\.\d{3}/);
    expect(kept).toMatch(/^the same sodium(?:$| but for [\d.]+ % (?:more|less))/);
  }
  expect(all.some(({ kept }) => kept.includes('%'))).toBe(true);
});

test('every one for every ingredient reads back', () => {
  for (const id of ['honey', 'white-sugar', 'table-salt', 'lemon-juice', 'ginger-dried', 'magnesium-citrate'])
    for (const scale_g of [null, 0.1, 1])
      for (const { text } of substitutesView(of(id, 37), { scale_g }))
        expect([text, readIngredientLine(text).kind]).toEqual([text, 'read']);
});
