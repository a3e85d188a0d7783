import { analyseDrink } from '../src/analyse';
import { readDrink, writeDrink } from '../src/drink';
import { massOf } from '../src/liquid';
import { ingredientFromFormula, ingredientFromLabel } from '../src/own-ingredient';

const powder = ingredientFromLabel({
  name: 'Blue jar powder',
  serving_g: 10,
  state: 'soluble',
  role: 'sweetener',
  density_g_mL: 0.8,
  energy_kcal: 36,
  carbohydrate_g: 9,
  sugars_g: 8,
  sugar: 'glucose',
  sodium_mg: 230,
  potassium_mg: 78.2,
  vitaminC_mg: 40,
});

describe('from a label', () => {
  const { perServing, perLitre, liquid, problems } = analyseDrink(
    {
      name: 'T',
      kind: 'sport',
      serving: '500 mL',
      steps: [
        { verb: 'add', text: '20 g blue jar powder' },
        { verb: 'add', text: 'water to 1 L' },
      ],
    },
    { own: [powder] },
  );
  test('it is read, run and counted like any other', () => {
    expect(problems).toEqual([]);
    // One of the two servings of 10 g in each half litre.
    expect(perServing.sodium_mg).toBeCloseTo(230, 6);
    expect(perServing.potassium_mg).toBeCloseTo(78.2, 6);
    expect(perServing.vitaminC_mg).toBeCloseTo(40, 6);
    expect(perServing.sugars_g).toBeCloseTo(8, 6);
    expect(perServing.energy_kcal).toBeCloseTo(36, 6);
    expect(perLitre!.sodium_mmol).toBeCloseTo(20.009, 2);
    expect(perLitre!.glucose_mmol).toBeCloseTo(88.8, 1);
  });
  test('without acids on the label it is near neutral, and says how sure that is', () => {
    expect(Math.abs(liquid!.pH - 5.5)).toBeLessThan(2);
    expect(powder.confidence).toBe('C');
  });
  test('a gram weighs a gram', () => expect(massOf(powder.composition!)).toBeCloseTo(1, 9));
  test('by the spoon it weighs what its density says', () => {
    const { trace } = analyseDrink(
      { name: 'T', kind: 'dry-mix', steps: [{ verb: 'add', text: '1 level tbsp blue jar powder' }] },
      { own: [powder] },
    );
    expect(trace.pot.mass_g).toBeCloseTo(14.787 * 0.8, 2);
  });
  test.each([
    [{ serving_g: 0 }, /serving_g/],
    [{ serving_g: 5, carbohydrate_g: 6 }, /more than the serving/],
    [{ serving_g: 5, sodium_mg: -1 }, /sodium_mg/],
    [{ serving_g: 5, name: ' ' }, /name/],
  ])('%j is refused', (label, says) =>
    expect(() => ingredientFromLabel({ name: 'X', state: 'soluble', role: 'salt', ...label } as never)).toThrow(says),
  );
});

describe('from a formula', () => {
  test('magnesium chloride hexahydrate: 119.6 mg magnesium and 348.8 mg chloride a gram', () => {
    const own = ingredientFromFormula({ name: 'My flakes', role: 'salt', formula: 'MgCl2.6H2O' });
    expect(own.composition!.magnesium_mmol * 24.305).toBeCloseTo(119.6, 0);
    expect(own.composition!.chloride_mmol * 35.45).toBeCloseTo(348.8, 0);
  });
  test('nonsense is refused', () =>
    expect(() => ingredientFromFormula({ name: 'X', role: 'salt', formula: 'Kryptonite' })).toThrow(RangeError));
});

describe('in a drink file', () => {
  const file = (ingredients: unknown) => ({
    format: 'wellhydra-drink/1',
    name: 'T',
    kind: 'dry-mix',
    serving: '5 g',
    ingredients,
    steps: [{ add: '100 g table salt' }, { add: '25 g night flakes' }],
  });
  const read = (ingredients: unknown) => readDrink(file(ingredients));
  test('a formula is read, run, and written back', () => {
    const own = [{ name: 'Night flakes', formula: 'MgCl2.6H2O' }];
    const is = read(own);
    if (is.kind !== 'drink') throw new Error(JSON.stringify(is.problems));
    const { perServing, problems } = analyseDrink(is.drink);
    expect(problems).toEqual([]);
    // A fifth of 5 g is flakes, with 119.6 mg magnesium a gram.
    expect(perServing.magnesium_mg).toBeCloseTo(119.6, 0);
    expect(writeDrink(is.drink)).toEqual(file(own));
  });
  test('a label counts by its serving', () => {
    const is = read([{ name: 'Night flakes', label: { serving_g: 2, magnesium_mg: 200 }, role: 'salt' }]);
    if (is.kind !== 'drink') throw new Error(JSON.stringify(is.problems));
    expect(analyseDrink(is.drink).perServing.magnesium_mg).toBeCloseTo(100, 6);
  });
  test.each([
    [{}, 'ingredients', 'list'],
    [['salt'], 'ingredients[0]', 'object'],
    [[{ formula: 'NaCl' }], 'ingredients[0].name', 'name'],
    [[{ name: 'A' }], 'ingredients[0]', 'either a formula or a label'],
    [[{ name: 'A', formula: 'NaCl', colour: 'red' }], 'ingredients[0].colour', 'not a field'],
    [[{ name: 'A', formula: 'NaCl', density_g_mL: 0 }], 'ingredients[0].density_g_mL', 'above 0'],
    [[{ name: 'A', label: { serving_g: [] } }], 'ingredients[0].label.serving_g', 'number or text'],
  ])('%j is refused at its place', (ingredients, at, says) => {
    const is = read(ingredients);
    expect(is).toMatchObject({
      kind: 'not-a-drink',
      problems: expect.arrayContaining([expect.objectContaining({ at, message: expect.stringContaining(says) })]),
    });
  });
  test.each([
    [{ formula: 'Kryptonite' }, ''],
    [{ label: { serving_g: 1, potassium: 3 } }, 'not on a label'],
    [{ label: { serving_g: 1, sugars_g: 4 } }, 'more than the serving'],
    [{ label: { serving_g: 1 }, role: 'magic' }, 'role is one of'],
  ])('%j is named when it is run', (of, says) => {
    const is = read([{ name: 'Night flakes', ...of }]);
    if (is.kind !== 'drink') throw new Error(JSON.stringify(is.problems));
    const [first] = analyseDrink(is.drink).problems;
    expect(first).toMatchObject({ step: null, text: 'Night flakes', message: expect.stringContaining(says) });
  });
});
