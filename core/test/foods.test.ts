import { CATALOGUE, ingredientById, molarMass } from '../src/catalogue';
import { analyseDrink } from '../src/analyse';
import { describeLiquid, sugarsOf } from '../src/liquid';
import { shareByAge, shareByWeight, sweatLoss } from '../src/serving';
import { JUICE_YIELDS, RETENTION, yieldCv } from '../src/process';

/** The catalogue as a whole, and foods against what is printed of them. */

const contentsOf = (id: string) => ingredientById(id).composition!;

test('every ingredient has contents, a source, and says how sure it is', () => {
  expect(CATALOGUE.length).toBeGreaterThanOrEqual(160);
  for (const { id, composition, source, confidence } of CATALOGUE) {
    expect([id, composition === undefined, source.length > 5, 'ABC'.includes(confidence)]).toEqual([
      id,
      false,
      true,
      true,
    ]);
  }
});

test('every job finds its ingredients', () => {
  const roles = new Set(CATALOGUE.map(({ role }) => role));
  for (const role of [
    'water',
    'salt',
    'acid',
    'sweetener',
    'juice',
    'fruit',
    'vegetable',
    'herb',
    'spice',
    'seed',
    'tea',
    'milk',
    'fat',
    'spirit',
  ])
    expect(roles).toContain(role);
});

/** No piece weighs more, g, but for the one fruit that does. */
const HEAVIEST_g: Readonly<Record<string, number>> = { watermelon: 12_000 };

const plants = CATALOGUE.filter(({ state }) => state === 'solid').map(
  (ingredient) => [ingredient.id, ingredient] as const,
);
test.each(plants)('%s can be spooned, says its part, and holds as much as that part does', (_id, ingredient) => {
  expect(ingredient.bulkDensities.length).toBeGreaterThan(0);
  expect(ingredient.part).toBeDefined();
  if (ingredient.part !== 'fruit')
    expect(RETENTION[ingredient.part!].drain).toBeGreaterThan(RETENTION[ingredient.part!].mill);
  for (const { mass_g, cv, edible } of ingredient.pieces) {
    expect(mass_g).toBeGreaterThan(0.01);
    expect(mass_g).toBeLessThan(HEAVIEST_g[ingredient.id] ?? 2000);
    expect(cv).toBeGreaterThan(0);
    expect(cv).toBeLessThanOrEqual(0.6);
    expect(edible ?? 1).toBeLessThanOrEqual(1);
  }
  for (const range of Object.values(ingredient.juice ?? {})) {
    expect(range[1]).toBeLessThanOrEqual(range[0]);
    expect(range[0]).toBeLessThanOrEqual(range[2]);
    expect(yieldCv(range)).toBeLessThan(0.3);
  }
});

// Juice from a medium fruit by hand, mL: household tables.
test.each([
  ['lemon', 44],
  ['lime', 33],
  ['orange', 79],
])('the juice of one %s is about %d mL', (fruit, mL) => {
  const { liquid } = analyseDrink({ name: 'T', kind: 'juice', steps: [{ verb: 'add', text: `juice of 1 ${fruit}` }] });
  expect(Math.abs(liquid!.volume_mL / mL - 1)).toBeLessThan(0.05);
});
test('cloth never gives less than mesh', () => {
  for (const { mesh, cloth } of Object.values(JUICE_YIELDS))
    if (mesh && cloth) expect(cloth[0]).toBeGreaterThanOrEqual(mesh[0]);
});

// Windows of pH printed by food agencies for the fruit or its juice.
test.each([
  ['lemon-juice', 2, 2.6],
  ['lime-juice', 2, 2.8],
  ['grapefruit', 2.9, 3.75],
  ['orange', 3, 4.3],
  ['pineapple', 3.2, 4],
  ['apple', 3.3, 4],
  ['sour-cherries', 3.1, 3.9],
  ['cranberries', 2.3, 2.8],
  ['raspberries', 3, 3.7],
  ['strawberries', 3, 3.9],
  ['blueberries', 2.8, 3.4],
  ['plum', 2.8, 4],
  ['rhubarb', 3.1, 3.4],
  ['tomato', 4, 4.7],
  ['carrot', 5.8, 6.5],
  ['beetroot', 5.3, 6.6],
  ['celery', 5.7, 6.1],
  ['spinach', 5.5, 6.9],
  ['banana', 4.5, 5.3],
  ['watermelon', 5.1, 5.9],
  ['cucumber', 5.1, 5.9],
  ['milk', 6.4, 6.8],
  ['red-wine', 3.3, 3.9],
  ['wine-vinegar', 2.4, 3.4],
])('%s has a pH between %d and %d', (id, low, high) => {
  const { pH } = describeLiquid(contentsOf(id))!;
  expect(pH).toBeGreaterThanOrEqual(low - 0.1);
  expect(pH).toBeLessThanOrEqual(high + 0.1);
});

// Teas of 20 g/L: anchors of the residual charges, ±0.6.
test.each([
  ['dried nettle', 7.5],
  ['chamomile', 5.9],
  ['dried hibiscus', 2.6],
  ['dried rose hips', 3.7],
  ['black tea', 5],
  ['dried lemon balm', 7],
  ['fennel seed', 6],
])('20 g/L of %s come to about pH %d, however they are steeped', (name, pH) => {
  for (const step of [
    { verb: 'simmer', text: '15 min' },
    { verb: 'steep', text: '8 h', at: '20 °C' },
  ] as const) {
    const { liquid } = analyseDrink({
      name: 'T',
      kind: 'tea',
      steps: [
        { verb: 'add', text: '1 L water' },
        { verb: 'add', text: `20 g ${name}` },
        step,
        { verb: 'strain', text: 'mesh' },
      ],
    });
    expect(Math.abs(liquid!.pH - pH)).toBeLessThan(0.9);
  }
});

// Sugars of 100 g: food composition tables.
test.each([
  ['apple', 10.4],
  ['orange', 8.5],
  ['banana', 12.2],
  ['mango', 13.7],
  ['carrot', 4.7],
  ['raisins', 58],
  ['honey', 82.3],
])('100 g of %s have %d g of sugars', (id, sugars) =>
  expect(Math.abs(100 * sugarsOf(contentsOf(id)) - sugars)).toBeLessThan(1),
);

// Vitamin C of 100 g, mg.
test.each([
  ['orange', 53],
  ['lemon', 53],
  ['kiwi', 92.7],
  ['parsley-fresh', 133],
  ['strawberries', 58.8],
])('100 g of %s have %d mg of vitamin C', (id, mg) =>
  expect(100 * contentsOf(id).ascorbic_mmol * 176.124).toBeCloseTo(mg, 1),
);

// Caffeine of a cup, mg: 2 g of black tea in 200 mL give 40 to 60.
test('a cup of tea has the caffeine of a cup of tea', () => {
  const { batch } = analyseDrink({
    name: 'T',
    kind: 'tea',
    steps: [
      { verb: 'add', text: '200 mL boiling water' },
      { verb: 'add', text: '1 tea bag' },
      { verb: 'steep', text: '4 min' },
      { verb: 'strain', text: 'mesh' },
    ],
  });
  expect(batch.caffeine_mg).toBeGreaterThan(30);
  expect(batch.caffeine_mg).toBeLessThan(65);
});

test.each([
  ['magnesium-malate', 156.38],
  ['calcium-citrate', 570.49],
  ['sodium-lactate', 112.06],
  ['lactic-acid', 90.08],
])('%s weighs %d g/mol', (id, mass) =>
  expect(Math.abs(molarMass(ingredientById(id).formula!) - mass)).toBeLessThan(0.05),
);

test('spirit of 40 % is 40 %', () =>
  expect(describeLiquid(contentsOf('spirit-40'))!.alcohol_pctABV).toBeCloseTo(40, -0.5));

test('two hours of sweat at 1.2 L/h: 2,207 mg of sodium, as much as 5.6 g of salt, 469 mg of potassium', () => {
  const { sodium_mg, salt_g, potassium_mg } = sweatLoss(2, { litres_h: 1.2, sodium_mmol_L: 40, potassium_mmol_L: 5 });
  expect(Math.abs(sodium_mg - 2207)).toBeLessThan(5);
  expect(Math.abs(salt_g - 5.61)).toBeLessThan(0.05);
  expect(Math.abs(potassium_mg - 469.2)).toBeLessThan(3);
});

test('a child of 20 kg or six years by the old conventions', () => {
  expect(shareByWeight(20)).toBeCloseTo(0.2857, 3);
  expect(shareByAge(6)).toBeCloseTo(0.3333, 3);
});
