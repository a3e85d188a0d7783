import { checkRecipe } from '../src/check';

const verbsOf = ({ drink }: ReturnType<typeof checkRecipe>) =>
  (drink.steps as readonly object[]).map((step) => Object.keys(step)[0]);
const gramsOf = (checked: ReturnType<typeof checkRecipe>) =>
  Object.fromEntries(checked.ingredients.map(({ ingredient, grams }) => [ingredient, grams]));
const codesOf = ({ findings }: ReturnType<typeof checkRecipe>) => findings.map(({ code }) => code);

describe('a saved web page', () => {
  const PAGE = `<!DOCTYPE html><html><head><title>Nettle tea - the towpath</title>
<script>window.ads={salt:"2 kg",t:"add 3 kg sugar"};</script><style>.a{color:red}</style></head><body>
<nav><a>Home</a> <a>Teas</a></nav><div class="cookie-banner">We use cookies</div>
<article><h1>Nettle tea</h1><h2>Ingredients</h2><ul><li>20&nbsp;g dried nettle</li><li>1&frac12; litres water</li></ul>
<h2>Method</h2><ol><li>Bring the water to the boil. Add the nettle, take off the heat and leave 10&nbsp;minutes.</li><li>Strain.</li></ol></article>
<section id="comments"><p>I used 4 cups of honey, yum!</p></section></body></html>`;
  const checked = checkRecipe(PAGE);
  test('is its recipe and nothing that stands around it', () => {
    expect(checked.drink.name).toBe('Nettle tea');
    expect(verbsOf(checked)).toEqual(['add', 'heat', 'add', 'steep', 'strain']);
    expect(JSON.stringify(checked.drink)).not.toMatch(/honey|sugar|salt/);
    expect(gramsOf(checked)).toMatchObject({ water: expect.closeTo(1497, -1), 'nettle leaf, dried': 20 });
  });
  test('each line says where it stands in the page', () => {
    const line = checked.lines.find(({ text }) => text.includes('litres water'))!;
    expect(PAGE.slice(line.start, line.end)).toBe('1&frac12; litres water');
  });
  test('a recipe that it holds as data is read rather than its words', () => {
    const data = JSON.stringify({
      '@type': 'Recipe',
      name: 'Quiet tea',
      recipeIngredient: ['500 mL water', '5 g dried chamomile'],
      recipeInstructions: 'Pour the water over the chamomile. Steep 5 minutes. Strain.',
    });
    const page = checkRecipe(
      `<html><body><p>9 kg sugar</p><script type="application/ld+json">${data}</script></body></html>`,
    );
    expect(page.drink.name).toBe('Quiet tea');
    expect(gramsOf(page)).toMatchObject({ 'chamomile, dried': 5 });
    expect(JSON.stringify(page.drink)).not.toMatch(/sugar/);
  });
});

test('a table of comma-separated values, with quotes and a note', () => {
  const checked = checkRecipe(
    'ingredient,amount,unit,note\ncarrots,500,g,"scrubbed, tops off"\nfresh ginger,10,g,\nwater,200,mL,cold\n',
  );
  expect(gramsOf(checked)).toMatchObject({ carrot: 500, 'ginger, fresh': 10 });
});
test('a table of Markdown', () => {
  const checked = checkRecipe(
    '# Bench powder\n\n| what | how much | where |\n|---|---:|---|\n| table salt | 40 g | shop |\n| white sugar | 200 g | shop |\n\nShake it all in a jar. 1 scoop = 10 g.',
  );
  expect(gramsOf(checked)).toMatchObject({ 'table salt': 40, 'white sugar': 200 });
  expect(checked.drink.serving).toBe('10 g');
});

describe('what a recipe says once and means of each line', () => {
  test('parts of a batch', () => {
    const checked = checkRecipe(
      'Ring drink\nBatch size: 500 g\n\nmaltodextrin 6.0 %\ntable salt 0.2 %\nfructose 2 %\nwater q.s. to 100 %\n\nMethod\nStir all of it until clear.',
    );
    expect(gramsOf(checked)).toMatchObject({
      maltodextrin: 30,
      'table salt': 1,
      fructose: 10,
      water: expect.closeTo(459, 0),
    });
  });
  test('so many of what is told for one', () => {
    const checked = checkRecipe(
      'Flask\nAmounts are for one bottle. Make four.\n\n250 ml water\n1 tsp honey\n\nMethod\nStir the honey into the water.',
    );
    expect(gramsOf(checked)).toMatchObject({ water: expect.closeTo(998, -1), honey: expect.closeTo(28, -1) });
    expect(codesOf(checked)).not.toContain('amount-disagrees');
  });
  test('a tablespoon of 20 mL', () => {
    const checked = checkRecipe(
      'Sip\na tablespoon here is 20 ml\n\nIngredients\n2 tablespoons honey\n300 ml water\n\nMethod\nStir the honey into the water.',
    );
    expect(gramsOf(checked).honey).toBeCloseTo(56.8, 0);
  });
});

test('a part that is made by itself is a preparation', () => {
  const checked = checkRecipe(
    'Quay cooler\n\nFOR THE SYRUP\n200 g sugar\n200 ml water\n\nFOR THE DRINK\n3 tbsp of the syrup\n500 ml sparkling water\n\nSyrup: Heat the water and the sugar to 70 °C. Cool.\n\nDrink: Stir the syrup into the sparkling water.',
  );
  const { drink } = checked as unknown as {
    drink: { preparations: Record<string, { steps: object[] }>; steps: object[] };
  };
  expect(Object.keys(drink.preparations)).toEqual(['syrup']);
  expect(drink.preparations.syrup!.steps.map((step) => Object.keys(step)[0])).toEqual(['add', 'add', 'heat', 'cool']);
  expect(drink.steps[0]).toEqual({ use: '3 tbsp syrup' });
  expect(codesOf(checked)).not.toEqual(expect.arrayContaining(['used-never-listed']));
});
test('half of it now, and the rest later', () => {
  const checked = checkRecipe(
    'Mug\n\nIngredients\n400 ml water\n20 g dried hibiscus\n60 g honey\n\nMethod\nPut the water and the hibiscus in a pot and simmer 5 min. Stir in half the honey. Strain. Stir in the rest of the honey.',
  );
  expect(checked.ingredients.filter(({ ingredient }) => ingredient === 'honey').map(({ grams }) => grams)).toEqual([
    30, 30,
  ]);
});
test('what is put into each glass is no part of the batch', () => {
  const checked = checkRecipe(
    'Lamp syrup\n\nIngredients\n300 g sugar\n300 ml water\n\nMethod\nHeat the sugar and the water to 80 °C. Fill 2 x 330 ml warm bottles.\n\nTo serve: 30 ml of the syrup and 200 ml sparkling water.',
  );
  expect(checked.drink.atServing).toEqual([{ add: '200 ml sparkling water' }]);
  expect(checked.drink.serving).toBe('30 ml');
});

describe('slips', () => {
  const check = (method: string, more = '') =>
    checkRecipe(`Test\n\nIngredients\n1 L water\n3 oranges, juiced\n30 g honey\n\nMethod\n${method}\n${more}`);
  test('two amounts of one thing', () => {
    const checked = check('Mix the water with the juice of the 2 oranges. Stir in the honey.');
    expect(codesOf(checked)).toContain('amount-disagrees');
    expect(checked.questions.some(({ ask }) => /orange/.test(ask))).toBe(true);
    expect(codesOf(check('Mix the water with the juice of the 3 oranges. Stir in the honey.'))).not.toContain(
      'amount-disagrees',
    );
  });
  test('a thermometer in the other scale', () => {
    const checked = check('Heat the water to 170°C. Cool to 40 °C. Stir in the oranges and the honey.');
    const found = checked.findings.find(({ code }) => code === 'temperature-unlikely')!;
    expect(found.repair).toMatch(/77 °C/);
    expect(codesOf(check('Heat the water to 90 °C. Stir in the oranges and the honey.'))).not.toContain(
      'temperature-unlikely',
    );
  });
  test('a question comes with the line as it would be, and the answer settles it', () => {
    const asked = (text: string) => checkRecipe(text).questions;
    const honey =
      'Pot\n\n500 ml water\n20 g dried hibiscus\n\nMethod\nSimmer 5 min. Strain. Add the same amount of honey.';
    const [question] = asked(honey);
    expect(question!.choices.map(({ says }) => says)).toEqual(['by weight', 'by volume']);
    const grams = question!.choices.map(({ edit }) => {
      const answered = honey.replace('Add the same amount of honey.', edit);
      expect(asked(answered)).toEqual([]);
      return gramsOf(checkRecipe(answered)).honey!;
    });
    expect(grams[1]! / grams[0]!).toBeCloseTo(1.42, 1);
    const hot = asked('Pot\n\n500 ml water\n5 g green tea\n\nHeat to 175°C. Steep 3 min. Strain.');
    expect(hot[0]!.choices).toEqual([{ says: '175 °F', edit: 'Heat to 175 °F.' }]);
  });
  test('a pan that does not hold it', () => {
    expect(codesOf(check('Put everything in the 1 litre pan.'))).toContain('vessel-overfull');
    expect(codesOf(check('Put everything in the 3 litre pan.'))).not.toContain('vessel-overfull');
  });
  test('a claim that is not kept, and one that is', () => {
    expect(codesOf(check('Stir all of it.', 'Sugar-free!'))).toContain('claim-disagrees');
    expect(codesOf(check('Stir all of it.', 'Each glass gives you 900 mg potassium.'))).toContain('claim-disagrees');
    expect(codesOf(check('Stir all of it.', 'Tastes of summer.'))).not.toContain('claim-disagrees');
  });
  test('a keeping time that is too long, told in any way', () => {
    for (const said of ['Keeps 2 months in the fridge.', 'Good for a year.', 'Keeps forever in the cupboard!'])
      expect(codesOf(check('Stir all of it.', said))).toContain('keeps-too-long');
    expect(codesOf(check('Stir all of it.', 'Keeps 1 day in the fridge.'))).not.toContain('keeps-too-long');
  });
  test('a cup of no said size', () => {
    expect(codesOf(check('Stir all of it. Cup means any one cup.'))).toContain('cup-ambiguous');
  });
  test('what is used and stands in no list is asked about', () => {
    const checked = check('Stir all of it. Add the sliced ginger.');
    expect(checked.questions.some(({ ask }) => /ginger/.test(ask))).toBe(true);
  });
});
