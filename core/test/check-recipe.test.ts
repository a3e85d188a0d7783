import { analyseDrink } from '../src/analyse';
import { checkRecipe } from '../src/check';
import { readDrink } from '../src/drink';

const QUAY = `Quay root tea
Serves 4

You need
1 L water
40 g fresh ginger, sliced
2 sticks cinnamon
2 lemons, juiced
3 tbsp honey

Method
1. Put the water, ginger and cinnamon in a pot and bring to the boil.
2. Simmer 20 minutes with the lid on, then strain through a sieve.
3. Cool to 40 °C. Stir in the lemon juice and the honey.
Keeps 8 weeks in the fridge.

Comments
"I made it with 2 cups of turnip instead!"
`;
const verbsOf = ({ drink }: ReturnType<typeof checkRecipe>) =>
  (drink.steps as readonly object[]).map((step) => Object.keys(step)[0]);
const codesOf = ({ findings }: ReturnType<typeof checkRecipe>) => findings.map(({ code }) => code);

describe('a recipe in words', () => {
  const checked = checkRecipe(QUAY);

  test('becomes a drink that runs: what is listed goes in where a step names it', () => {
    expect(verbsOf(checked)).toEqual([
      ...['add', 'add', 'add', 'heat', 'simmer', 'strain', 'cool', 'add', 'add', 'stir', 'store'],
    ]);
    const read = readDrink(JSON.parse(JSON.stringify(checked.drink)));
    if (read.kind !== 'drink') throw new Error('not a drink file');
    expect(analyseDrink(read.drink).problems).toEqual([]);
    const grams = Object.fromEntries(checked.ingredients.map(({ ingredient, grams: g }) => [ingredient, g]));
    expect(grams['ginger, fresh']).toBeCloseTo(40, 6);
    expect(grams.honey).toBeGreaterThan(58);
    expect(grams['lemon juice']).toBeGreaterThan(60);
    expect(grams['lemon juice']).toBeLessThan(130);
  });

  test('says what each line of it is, and where it stands in the text', () => {
    const roleOf = (start: string) => checked.lines.find(({ text }) => text.startsWith(start))!.role;
    expect(roleOf('Quay')).toBe('title');
    expect(roleOf('Serves')).toBe('serves');
    expect(roleOf('You need')).toBe('heading');
    expect(roleOf('40 g')).toBe('ingredient');
    expect(roleOf('Simmer')).toBe('step');
    expect(roleOf('Keeps')).toBe('keeps');
    expect(roleOf('"I made')).toBe('chatter');
    for (const { text, start, end } of checked.lines) expect(QUAY.slice(start, end)).toContain(text);
  });

  test('finds what is wrong with it, the worst first', () => {
    expect(codesOf(checked)).toEqual(expect.arrayContaining(['honey-under-12-months', 'keeps-too-long']));
    expect(checked.findings[0]!.harm).toBe('stop');
    expect(checked.serves!.says).toBe(4);
    expect(codesOf(checked)).not.toEqual(expect.arrayContaining(['listed-never-used']));
    expect(JSON.stringify(checked.drink)).not.toMatch(/turnip/);
  });
});

test('what is listed and never used, and what is used and never listed, is said', () => {
  const checked = checkRecipe(
    'Deck water\n\nIngredients\n1 L water\n5 g mint\n20 g honey\n\nMethod\nPut the mint and water in a jug. Add the cucumber. Leave in the fridge for 2 hours.',
  );
  expect(checked.findings.find(({ code }) => code === 'listed-never-used')!.says).toMatch(/20 g honey/);
  expect(checked.findings.find(({ code }) => code === 'used-never-listed')!.says).toMatch(/cucumber/);
});
test('a recipe may have no title: its first step is none', () => {
  const checked = checkRecipe(
    'Ingredients\n1 L water\n10 g dried mint\nMethod\nPut the mint in the water and simmer 5 min.',
  );
  expect(checked.lines.map(({ role }) => role)).toEqual(['heading', 'ingredient', 'ingredient', 'heading', 'step']);
  expect(verbsOf(checked)).toEqual(['add', 'add', 'simmer']);
});
test('everything but one thing', () => {
  const checked = checkRecipe(
    'Pot\n\nIngredients\n500 mL water\n10 g dried hibiscus\n30 g honey\n\nMethod\nPut everything but the honey in a pot and simmer 10 min. Strain. Stir in the honey.',
  );
  expect(verbsOf(checked)).toEqual(['add', 'add', 'simmer', 'strain', 'add', 'stir']);
});
test('a schema.org recipe is read like the words it holds', () => {
  const checked = checkRecipe(
    JSON.stringify({
      '@context': 'https://schema.org',
      '@graph': [
        {
          '@type': 'Recipe',
          name: 'Locker tea',
          recipeYield: '3',
          recipeIngredient: ['750 mL water', '6 g dried peppermint'],
          recipeInstructions: [
            { '@type': 'HowToStep', text: 'Bring the water to the boil.' },
            { '@type': 'HowToStep', text: 'Add the peppermint, take off the heat and leave 10 minutes.' },
            { '@type': 'HowToStep', text: 'Strain.' },
          ],
        },
      ],
    }),
  );
  expect(checked.drink.name).toBe('Locker tea');
  expect(verbsOf(checked)).toEqual(['add', 'heat', 'add', 'steep', 'strain']);
  expect(checked.serves).toMatchObject({ says: 3 });
});
test('no text breaks it', () => {
  for (const text of [
    '',
    '\n\n',
    '{',
    '[1,2]',
    '½½½ — × “”',
    'x'.repeat(5000),
    'Serves\nServes 0\nserves -3 of nothing',
  ])
    expect(checkRecipe(text).format).toBe('wellhydra-check/1');
});
