import { analyseDrink } from '../src/analyse';
import { CATALOGUE } from '../src/catalogue';
import { DRINK_KINDS, type DrinkKind, type DrinkStep } from '../src/drink';
import { KEEPING_TIMES, acidSugarIndex } from '../src/keeping';
import { randomDrink } from './random-drinks';
import fc from './seeded';

/** How long things keep: household conventions, condensed from extension-service guidance. */

const keepingOf = (kind: DrinkKind, ...lines: readonly (string | DrinkStep)[]) => {
  const steps = lines.map((line): DrinkStep => (typeof line === 'string' ? { verb: 'add', text: line } : line));
  const { keeping, problems } = analyseDrink({ name: 'T', kind, steps });
  expect(problems).toEqual([]);
  return keeping!;
};
const store = (text: string): DrinkStep => ({ verb: 'store', text });

test.each([
  ['dry_powder', 'dry-mix', ['100 g white sugar', '5 g table salt'], 365],
  ['ors', 'rehydration', ['1 L water', '6 level tsp white sugar', '3 g table salt'], 1],
  ['alcohol_20', 'tonic', ['100 mL spirit', '80 mL water'], 365],
  ['vinegar_extract', 'vinegar-honey', ['500 mL cider vinegar'], 365],
  ['syrup_65', 'syrup', ['700 g white sugar', '300 g water'], 180],
  ['oxymel', 'vinegar-honey', ['253 g cider vinegar', '355 g honey'], 180],
  ['syrup_mid_lowacid', 'syrup', ['600 g white sugar', '450 g water'], 14],
  ['syrup_mid_acid', 'syrup', ['600 g white sugar', '400 g water', '60 g lemon juice'], 30],
  ['syrup_low_lowacid', 'syrup', ['300 g white sugar', '500 g tap water'], 7],
  ['syrup_low_acid', 'syrup', ['300 g white sugar', '500 g water', '60 g lemon juice'], 14],
  ['gel', 'gel', ['30 g chia seed', '300 g water'], 5],
  ['infused_water', 'infused-water', ['1 L water', '100 g cucumber, sliced'], 1],
  ['fresh_juice', 'juice', ['500 mL carrot, chopped', '1 L water'], 2],
  ['citrus_juice', 'juice', ['500 mL lemon juice'], 3],
  ['electrolyte_drink', 'sport', ['1 L water', '40 g white sugar'], 2],
  ['herbal_infusion', 'tea', ['1 L water'], 2],
  ['decoction', 'tonic', ['1 L water', { verb: 'boil', text: '5 min' }], 3],
  ['herbal_infusion', 'tonic', ['1 L water'], 2],
] as const)('%s', (name, kind, lines, days) => {
  const keeping = keepingOf(kind, ...lines);
  expect([keeping.class, keeping.days]).toEqual([name, days]);
  expect(keeping.heldBackBy[0]!.length).toBeGreaterThan(10);
});

test('opened it never keeps longer than closed, and a room never longer than a fridge but for what is dry or sure', () => {
  for (const [name, { fridge, fridgeOpened, room }] of Object.entries(KEEPING_TIMES)) {
    expect(fridgeOpened).toBeLessThanOrEqual(fridge);
    if (!['dry_powder', 'alcohol_20', 'ors'].includes(name)) expect(room).toBeLessThan(fridge);
  }
});

describe('where the steps put it', () => {
  const syrup = ['300 g white sugar', '500 g tap water'] as const;
  test.each([
    ['fridge', 'fridge', 7],
    ['cool room', 'cool room', 4 / 24],
    ['a dark cupboard', 'cupboard', 4 / 24],
    ['freezer', 'freezer', 240],
  ])('%s', (text, place, days) => {
    const keeping = keepingOf('syrup', ...syrup, store(text));
    expect(keeping.place).toBe(place);
    expect(keeping.days).toBeCloseTo(days, 6);
  });
  const JARS = ['400 g white sugar', '500 g raspberries', '700 g water', '10 g citric acid'] as const;
  const processed = (minutes: string, jar = '4 x 250 mL jar', lines: readonly string[] = JARS, pH?: number) => {
    const steps: DrinkStep[] = [
      ...lines.map((text): DrinkStep => ({ verb: 'add', text })),
      { verb: 'boil', text: '5 min' },
      { verb: 'strain', text: 'cloth' },
      { verb: 'bottle', text: jar },
      { verb: 'process', text: minutes, altitude: '1200 m' },
      store('cupboard'),
    ];
    const measured = { at: () => [], ...(pH === undefined ? {} : { pH }) };
    const { keeping, problems, findings } = analyseDrink({ name: 'T', kind: 'syrup', steps }, {}, measured);
    expect(problems).toEqual([]);
    return { ...keeping!, codes: findings.map(({ code }) => code) };
  };
  test('a tested syrup, processed long enough and measured to be sour, keeps a year in the cupboard', () => {
    expect(processed('15 min', undefined, JARS, 3.4)).toMatchObject({ place: 'cupboard', days: 365 });
    expect(processed('15 min', undefined, JARS, 3.4).codes).not.toContain('no-tested-process');
    expect(processed('15 min', undefined, JARS, 4.2).days).toBe(365);
  });
  test.each([
    ['for too short a time', () => processed('10 min', undefined, JARS, 3.4)],
    ['measured not to be sour enough', () => processed('15 min', undefined, JARS, 4.3)],
    ['in jars that are too large', () => processed('15 min', '1 x 1.5 L jar', JARS, 3.4)],
    ['by no tested recipe', () => processed('15 min', undefined, [...JARS, '100 g fresh ginger, sliced'], 3.4)],
    ['with honey', () => processed('15 min', undefined, [...JARS, '60 g honey'], 3.4)],
    ['sour by prediction only', () => processed('15 min')],
  ])('%s it does not', (_what, jars) => {
    const { closed } = jars();
    expect(closed.cupboard).toBeLessThanOrEqual(1);
    expect(closed.fridge).toBeLessThanOrEqual(14);
  });
  test('sour by prediction only, it is for the fridge, and what would change that is said', () => {
    const { place, days, heldBackBy } = processed('15 min');
    expect([place, days]).toEqual(['fridge', 14]);
    expect(heldBackBy.join()).toMatch(/measure the pH of this batch, and 4.2 or less does/);
  });
  test('what has no tested time says so', () => {
    expect(processed('15 min').codes).not.toContain('no-tested-process');
    expect(processed('15 min', '1 x 1.5 L jar').codes).toContain('no-tested-process');
    expect(processed('15 min', undefined, [...JARS, '100 g honey']).codes).toContain('no-tested-process');
    expect(processed('15 min', undefined, ['1 L apple juice']).codes).not.toContain('no-tested-process');
  });
  test('every place is reckoned, whatever place the steps name', () => {
    for (const place of ['fridge', 'cool room', 'cupboard', 'freezer'])
      expect(keepingOf('juice', '500 mL orange juice', store(place)).closed).toEqual({
        fridge: 2,
        'cool room': 2 / 24,
        cupboard: 2 / 24,
        freezer: 240,
      });
  });
  test('a measured pH decides the class', () => {
    const syrup = (pH?: number) =>
      analyseDrink(
        {
          name: 'T',
          kind: 'syrup',
          steps: ['600 g white sugar', '400 g water', '60 g lemon juice'].map((text) => ({ verb: 'add', text })),
        },
        {},
        { at: () => [], ...(pH === undefined ? {} : { pH }) },
      ).keeping!.class;
    expect([syrup(), syrup(3), syrup(4.4), syrup(4.6), syrup(5)]).toEqual([
      'syrup_mid_acid',
      'syrup_mid_acid',
      'syrup_mid_acid',
      'syrup_mid_lowacid',
      'syrup_mid_lowacid',
    ]);
  });
  test('no time in boiling water makes a low-acid syrup keep', () =>
    expect(
      keepingOf('syrup', ...syrup, { verb: 'process', text: '3 h', altitude: '0 m' }, store('cupboard')).days,
    ).toBeLessThan(1));
  test('plants that still lie in it are named', () =>
    expect(keepingOf('infused-water', '1 L water', '5 slices lemon').heldBackBy.join()).toMatch(
      /take them out within a day/,
    ));
});

test('more acid, more sugar and more salt each raise the acid-sugar index; a higher pH lowers it', () => {
  const base = { acetic_pct: 1, salt_pct: 1, hexose_pct: 20, disaccharide_pct: 5, pH: 3.4 };
  const index = acidSugarIndex(base);
  for (const key of ['acetic_pct', 'salt_pct', 'hexose_pct', 'disaccharide_pct'] as const)
    expect(acidSugarIndex({ ...base, [key]: base[key] + 1 })).toBeGreaterThan(index);
  expect(acidSugarIndex({ ...base, pH: 4 })).toBeLessThan(index);
});

describe('what is in it decides, not the kind that was ticked', () => {
  const because = (kind: DrinkKind, ...lines: readonly (string | DrinkStep)[]) =>
    keepingOf(kind, ...lines).heldBackBy.join('; ');
  const boil: DrinkStep = { verb: 'boil', text: '5 min' };

  test.each([
    ['milk in a tonic', 'tonic', ['500 mL milk', '5 g turmeric, ground', boil], 'perishable', 2],
    ['oat drink in a sports drink', 'sport', ['500 mL oat drink', '1 g table salt'], 'perishable', 2],
    ['oats that were boiled', 'syrup', ['50 g rolled oats', '1 L water', boil], 'perishable', 2],
    ['a boiled tonic without milk', 'tonic', ['500 mL water', '5 g turmeric, ground', boil], 'decoction', 3],
    ['milk that is sour enough', 'juice', ['100 mL milk', '400 mL lemon juice'], 'citrus_juice', 3],
    ['rehydration with milk is made anew every day', 'rehydration', ['500 mL milk', '500 mL water'], 'ors', 1],
    ['sweetened milk', 'syrup', ['300 g milk', '700 g white sugar'], 'perishable', 2],
    ['garlic in honey', 'vinegar-honey', ['300 g honey', '30 g garlic'], 'garlic_in_honey', 14],
    ['ginger in honey', 'syrup', ['400 g honey', '10 g fresh ginger, sliced'], 'syrup_65', 180],
    ['garlic under oil', 'tonic', ['300 g olive oil', '30 g garlic'], 'plants_in_oil', 4],
    ['oil alone', 'tonic', ['300 g olive oil'], 'unknown', 2],
    ['a moist mix that is called dry', 'dry-mix', ['200 g dates', '20 g cinnamon, ground'], 'unknown', 2],
    ['a dry mix', 'dry-mix', ['200 g white sugar', '20 g cinnamon, ground'], 'dry_powder', 365],
    ['fresh leaves among sugar', 'dry-mix', ['200 g white sugar', '20 g fresh mint'], 'unknown', 2],
    ['dried leaves among sugar', 'dry-mix', ['200 g white sugar', '20 g dried peppermint'], 'dry_powder', 365],
    ['boiled juice that is called a tonic', 'tonic', ['500 mL watermelon juice', boil], 'decoction', 3],
    ['the same, never heated', 'tonic', ['500 mL watermelon juice'], 'fresh_juice', 2],
    ['raw fruit in a gel', 'gel', ['300 g strawberries', '300 g water', '20 g chia seed'], 'fresh_juice', 2],
    ['raw and sour in a gel', 'gel', ['100 g lemon juice', '300 g water', '20 g chia seed'], 'citrus_juice', 3],
    [
      'lemon in a syrup of 55 °Brix',
      'syrup',
      ['600 g white sugar', '400 g water', '60 g lemon juice'],
      'syrup_mid_acid',
      30,
    ],
  ] as const)('%s', (_what, kind, lines, name, days) => {
    const keeping = keepingOf(kind, ...lines);
    expect([keeping.class, keeping.days]).toEqual([name, days]);
  });

  test('a kind never makes it keep longer: of all kinds, milk keeps two days at most', () => {
    for (const kind of DRINK_KINDS) {
      const { days, daysInCoolRoom } = keepingOf(kind, '500 mL milk', '10 g honey');
      expect(days).toBeLessThanOrEqual(2);
      expect(daysInCoolRoom).toBeLessThanOrEqual(2 / 24);
    }
  });

  test('jars of milk, of oil or of garlic in honey do not keep by boiling water', () => {
    for (const lines of [
      ['300 g honey', '30 g garlic', '60 g lemon juice'],
      ['300 g olive oil', '30 g garlic'],
    ]) {
      const jar = keepingOf('syrup', ...lines, { verb: 'process', text: '30 min', altitude: '0 m' }, store('cupboard'));
      expect(jar.days).toBeLessThan(1);
    }
  });

  test('the reason is true of it', () => {
    expect(because('tonic', '1 L water')).not.toMatch(/boiled, but/);
    expect(because('tonic', '1 L water', boil)).toMatch(/boiled/);
    expect(because('tonic', '1 L boiling water')).not.toMatch(/boiled/);
    expect(because('tonic', '500 mL orange juice')).toMatch(/it is raw/);
    expect(because('juice', '500 mL orange juice', boil)).not.toMatch(/raw/);
    expect(because('tea', '1 L water', '3 g citric acid')).not.toMatch(/neutral/);
    expect(because('tea', '1 L water', '3 g citric acid', boil)).not.toMatch(/never boiled|neutral/);
    expect(because('tea', '1 L water', '3 g citric acid')).toMatch(/never boiled/);
    expect(because('tea', '1 L water')).toMatch(/nearly neutral/);
    expect(because('gel', '300 g water', '30 g chia seed', '10 g citric acid')).not.toMatch(/neutral/);
    expect(because('sport', '500 mL milk', '500 mL water')).not.toMatch(/little in it to feed germs/);
  });
});

test('a fresh plant never makes a drink keep longer than raw plants do, unless a property that was reckoned does', () => {
  const fresh = CATALOGUE.filter(({ state, dried, role }) => state === 'solid' && dried === false && role !== 'spice');
  fc.assert(
    fc.property(randomDrink, fc.constantFrom(...fresh), fc.integer({ min: 20, max: 500 }), (drink, plant, grams) => {
      const add = { verb: 'add', text: `${grams} g ${plant.name}` } as const;
      const { keeping, trace } = analyseDrink({ ...drink, steps: [...drink.steps, add] });
      if (!keeping || trace.problems.length > 0 || !['fruit', 'vegetable'].includes(plant.role)) return;
      const byLiquid = ['alcohol_20', 'vinegar_extract', 'oxymel', /^syrup/].some((each) =>
        typeof each === 'string' ? each === keeping.class : each.test(keeping.class),
      );
      if (byLiquid) return;
      // Raw juice keeps 2 days in the fridge, sour raw juice 3, plants under oil 4.
      if (keeping.closed.fridge > (keeping.class === 'plants_in_oil' ? 4 : 3))
        throw new Error(`${plant.name}: ${keeping.class} ${keeping.closed.fridge} d`);
    }),
    { numRuns: 500 },
  );
});
