import { readIngredientLine } from '../src/quantity';

/** Measures that people say in more than one way: capsules, so many of so much, spoons of what is also a stick. */

describe('capsules', () => {
  const magnesium_mg = (text: string): number => {
    const line = readIngredientLine(text);
    if (line.kind !== 'read' || line.dose.kind !== 'mass') throw new Error(`${text} is not read`);
    return line.dose.mass_g * line.ingredient.composition!.magnesium_mmol * 24.305;
  };

  // 12 x 100 mg, of the metal.
  test.each([
    '12 capsules of 100 mg magnesium',
    '12 capsules 100 mg magnesium',
    '12 x 100 mg magnesium capsules',
    '12 magnesium capsules of 100 mg',
    '12 magnesium capsules (100 mg each)',
    '12 capsules (100 mg) magnesium',
    '12 capsules magnesium, 100 mg each',
    '12 capsules with 100 mg of magnesium each',
    '12 tablets of magnesium at 100 mg',
    '12 capsules of 100 mg elemental magnesium',
    '12 capsules of 100 mg magnesium as bisglycinate',
    '12 capsules of 100 mg magnesium (as magnesium citrate)',
    '12 capsules of 0.1 g magnesium',
  ])('"%s" is 1,200 mg of magnesium', (text) => expect(magnesium_mg(text)).toBeCloseTo(1200, -1));

  test('what it is in is taken for granted where it is not said, and said so', () => {
    const said = readIngredientLine('12 capsules of 100 mg magnesium as bisglycinate');
    const unsaid = readIngredientLine('12 capsules of 100 mg magnesium');
    if (said.kind !== 'read' || unsaid.kind !== 'read') throw new Error('not read');
    expect(said.ingredient.id).toBe('magnesium-bisglycinate');
    expect(said.assumed).toEqual([]);
    expect(unsaid.assumed[0]).toMatch(/magnesium itself, taken to be in .*citrate/);
  });

  test('a compound that is named is weighed as itself', () =>
    expect(magnesium_mg('12 capsules of 100 mg magnesium citrate')).toBeLessThan(250));
});

test.each([
  ['3 x 1/4 level tsp table salt', '3/4 level tsp table salt'],
  ['2 x 500 mL water', '1 L water'],
  ['2 × ½ cup honey', '1 cup honey'],
])('"%s" is "%s"', (several, one) => {
  const [a, b] = [several, one].map((text) => readIngredientLine(text));
  if (a?.kind !== 'read' || b?.kind !== 'read' || a.dose.kind !== 'mass' || b.dose.kind !== 'mass')
    throw new Error('not read');
  expect(a.dose.mass_g).toBeCloseTo(b.dose.mass_g, 9);
});

describe('by the spoon', () => {
  const grams = (text: string) => {
    const line = readIngredientLine(text);
    if (line.kind !== 'read' || line.dose.kind !== 'mass') throw new Error(`${text}: ${JSON.stringify(line)}`);
    return { id: line.ingredient.id, g: line.dose.mass_g };
  };
  test.each([
    ['1 tsp black tea', 'tea', 2],
    ['1 tsp rooibos', 'rooibos', 2],
    ['1 tsp cinnamon', 'cinnamon-ground', 2.6],
    ['1 tsp kosher salt', 'kosher-salt', 4.8],
    ['1 tsp light kosher salt', 'kosher-salt-light', 2.8],
    ['1 tsp psyllium husk', 'psyllium-husk', 1.8],
    ['1 cup rolled oats', 'oats-rolled', 85],
    ['1 tsp matcha', 'matcha', 2],
  ])('%s is %s, about %d g', (text, id, g) => {
    expect(grams(text).id).toBe(id);
    expect(Math.abs(grams(text).g / g - 1)).toBeLessThan(0.05);
  });
  test('a cinnamon stick is not ground by counting it', () =>
    expect(grams('1 cinnamon stick').id).toBe('cinnamon-stick'));
  test.each(['ginger'])('a teaspoon of %s asks whether it is ground or fresh', (root) => {
    const asked = readIngredientLine(`1 tsp ${root}`);
    if (asked.kind !== 'unreadable') throw new Error('it was not asked');
    expect(asked.code).toBe('ambiguous-ingredient');
    for (const text of asked.suggestions) expect(grams(text).g).toBeGreaterThan(1);
    expect(grams(`10 g ${root}`).id).toBe(`${root}-fresh`);
  });
});
