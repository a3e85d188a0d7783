import { analyseDrink } from '../src/analyse';
import type { Drink, DrinkKind, DrinkStep } from '../src/drink';
import { measureSpread } from '../src/spread';

/** Whole drinks worked out by hand from the equations in docs/science; each step as a file would have it. */

type Written = Readonly<Record<string, string>>;
const drink = (kind: DrinkKind, serving: string, ...steps: readonly Written[]): Drink => ({
  name: 'Case',
  kind,
  serving,
  steps: steps.map((step): DrinkStep => {
    const [[verb, text], ...more] = Object.entries(step) as [[string, string], ...[string, string][]];
    return { verb: verb as DrinkStep['verb'], text, ...Object.fromEntries(more) };
  }),
});
const run = (of: Drink) => {
  const analysis = analyseDrink(of);
  expect(analysis.problems).toEqual([]);
  return analysis;
};
const close = (value: number | null | undefined, expected: number, tolerance: number) =>
  expect(Math.abs((value ?? NaN) - expected)).toBeLessThanOrEqual(tolerance);

describe('elderberries, 100 g dried in 950 g of water, 45 min, lid off, pressed, 339 g honey', () => {
  const elder = (lid: string, strain: string, honey = '339 g honey', ...more: Written[]) =>
    run(
      drink(
        'syrup',
        '15 mL',
        { add: '950 g water' },
        { add: '100 g dried elderberries' },
        { simmer: '45 min', lid },
        { strain },
        { add: honey },
        ...more,
      ),
    );
  test('yield, strength, acidity, keeping', () => {
    const { trace, liquid, keeping, botanicals } = elder('off', 'press');
    close(trace.losses.steam_g, 227.8, 23);
    const decoction = trace.entries[3]!;
    close(decoction.volume_mL, 565.6, 23);
    close(decoction.brix, 4.69, 0.4);
    close(liquid!.volume_mL, 797.8, 24);
    close(liquid!.brix, 33.6, 1);
    close(liquid!.waterActivity, 0.95, 0.012);
    close(liquid!.pH, 4.17, 0.3);
    close(liquid!.viscosity_mPas.at5C, 7, 1);
    expect(botanicals).toHaveLength(1);
    close(botanicals[0]!.dryEquivalent_g, 1.3875, 0.08);
    expect([keeping!.class, keeping!.days]).toEqual(['syrup_low_lowacid', 7]);
  });
  // Same case with one thing changed each time: decoction mL, syrup mL, °Brix.
  test.each([
    ['ajar', 'press', '339 g honey', 923, 29.7],
    ['on', 'press', '339 g honey', 991, 27.9],
    ['off', 'cloth', '339 g honey', 858, 31.8],
    ['off', 'drain', '339 g honey', 698, 37.2],
    ['off', 'press', '678 g honey', 1031, 46.9],
  ])('lid %s, %s, %s', (lid, strain, honey, volume, brix) => {
    const { liquid } = elder(lid, strain, honey);
    close(liquid!.volume_mL, volume, 0.04 * volume);
    close(liquid!.brix, brix, 1);
  });
  test('60 g of lemon juice moves it to the acid class', () => {
    const { liquid, keeping } = elder('off', 'press', '339 g honey', { add: '60 g lemon juice' });
    close(liquid!.pH, 3.3, 0.3);
    expect(keeping!.class).toBe('syrup_low_acid');
  });
  test('what is sure in it is narrow, and what is not is wide', () => {
    const { ranges } = measureSpread(elder('off', 'press'), { draws: 1000 });
    const relative = (figure: keyof typeof ranges) => (ranges[figure]!.p95 - ranges[figure]!.p5) / ranges[figure]!.p50;
    expect(relative('yield.volume_mL')).toBeGreaterThan(0.05);
    expect(relative('perServing.potassium_mg')).toBeGreaterThan(relative('liquid.brix'));
    expect(ranges['liquid.pH']!.p95 - ranges['liquid.pH']!.p5).toBeGreaterThan(0.8);
  });
});

// By hand: 52 % open; 150 g x 4.9 % sugar x 0.52 = 3.8 g, less what clings to the slices.
test('150 g of sliced strawberries in a litre at 5 °C for 4 h: 3.8 g of sugar', () => {
  const { batch } = run(
    drink(
      'infused-water',
      '250 mL',
      { add: '1 kg water' },
      { add: '150 g strawberries, sliced' },
      { infuse: '4 h', at: '5 °C' },
      { remove: 'solids' },
    ),
  );
  close(batch.sugars_g, 3.8, 0.15);
});

test('30 g lemon juice, 20 g honey, 0.8 g salt, 480 g water', () => {
  const { liquid, perLitre, batch } = run(
    drink(
      'daily-hydration',
      '250 mL',
      { add: '30 g lemon juice' },
      { add: '20 g honey' },
      { add: '0.8 g table salt' },
      { add: '480 g water' },
    ),
  );
  close(liquid!.volume_mL, 523.8, 3);
  close(perLitre!.sodium_mmol, 26.23, 0.5);
  close(perLitre!.potassium_mmol, 2.02, 0.2);
  close((100 * batch.sugars_g) / liquid!.volume_mL, 3.29, 0.1);
  close(liquid!.brix, 3.69, 0.15);
  close(batch.energy_kcal, 67.4, 4);
  close(liquid!.osmolality_mOsm_kg, 251, 10);
  close(liquid!.pH, 2.69, 0.12);
  close(batch.vitaminC_mg, 11.7, 1);
});

test('27 g of sucrose for 13.5 g of glucose: carries as much sodium, and doubles once it is split', () => {
  const { perLitre, liquid } = run(
    drink(
      'rehydration',
      '250 mL',
      { add: '2.6 g table salt' },
      { add: '1.5 g potassium chloride' },
      { add: '2.9 g trisodium citrate' },
      { add: '27 g white sugar' },
      { add: 'water to 1 L' },
    ),
  );
  close(perLitre!.glucoseEquivalent_mmol, 78.88, 0.6);
  close(perLitre!.sodium_mmol / perLitre!.glucoseEquivalent_mmol, 0.939, 0.02);
  close(liquid!.osmolarity_mOsm_L, 247.5, 3);
  close(liquid!.osmolarity_mOsm_L + perLitre!.sucrose_mmol, 326.4, 4);
});

test('four times of everything is four times as much of the same', () => {
  const of = (factor: number) =>
    run(
      drink(
        'juice',
        '200 mL',
        { add: `${50 * factor} g pineapple juice` },
        { add: `${10 * factor} g honey` },
        { add: `${0.3 * factor} g table salt` },
        { add: `${250 * factor} g water` },
      ),
    );
  const one = of(1);
  const four = of(4);
  close(one.liquid!.volume_mL, 304.6, 2);
  close(four.liquid!.volume_mL / one.liquid!.volume_mL, 4, 1e-6);
  close(one.perLitre!.sodium_mmol, 17.05, 0.3);
  close(four.perLitre!.sodium_mmol / one.perLitre!.sodium_mmol, 1, 1e-6);
  close(one.liquid!.pH, 3.63, 0.15);
  close(four.liquid!.pH - one.liquid!.pH, 0, 1e-4);
});

test('half a teaspoon of baking soda has 629 mg of sodium', () => {
  const { batch } = run(drink('sport', '250 mL', { add: '2.3 g baking soda' }, { add: '1 L water' }));
  close(batch.sodium_mg, 629.4, 5);
});

test('what is strained takes its share along: 80 g of berries, 700 mL before and 560 after, 850 at the end', () => {
  const { botanicals, trace, liquid } = run(
    drink(
      'syrup',
      '15 mL',
      { add: '80 g dried elderberries' },
      { add: '750 g water' },
      { simmer: '25 min', lid: 'on' },
      { strain: 'press' },
      { add: '400 g honey' },
    ),
  );
  const before = trace.entries[2]!.volume_mL!;
  const after = trace.entries[3]!.volume_mL!;
  close(botanicals[0]!.dryEquivalent_g, ((80 * after) / before / liquid!.volume_mL) * 15, 1e-9);
});

describe('ways through the steps', () => {
  test('a rinsing pass brings less than the one before it', () => {
    const { findings } = run(
      drink(
        'tea',
        '200 mL',
        { add: '50 g dried hibiscus' },
        { add: '1 L boiling water' },
        { steep: '20 min' },
        { strain: 'mesh' },
        { rinsePass: '400 mL water' },
        { rinsePass: '400 mL water' },
      ),
    );
    const strengths = findings
      .filter(({ code }) => code === 'pass-strength')
      .map(({ text }) => Number(/([\d.]+) °Brix/.exec(text)![1]));
    expect(strengths).toHaveLength(2);
    expect(strengths[1]!).toBeLessThan(strengths[0]!);
  });
  test.each([
    ['to half', (before: number, after: number) => close(after / before, 0.5, 1e-6)],
    ['by 30 %', (before: number, after: number) => close(after / before, 0.7, 1e-6)],
    ['to 500 mL', (_before: number, after: number) => close(after, 500, 1e-6)],
  ] as const)('reduce %s lands there', (text, check) => {
    const { trace } = run(drink('syrup', '20 mL', { add: '1 L apple juice' }, { reduce: text }));
    check(trace.entries[0]!.volume_mL!, trace.entries[1]!.volume_mL!);
    expect(trace.entries[1]!.minutes).toBeGreaterThan(10);
  });
  test('a syrup that coats a spoon is one of 62 °Brix', () => {
    const end = (reduce: string) => run(drink('syrup', '20 mL', { add: '1 L apple juice' }, { reduce })).liquid!.brix;
    expect(end('until it coats a spoon')).toBeCloseTo(end('to 62 °Brix'), 6);
    expect(end('until it coats the back of a spoon')).toBeCloseTo(62, 0);
  });
  test('reduce to 62 °Brix finds its time, and a wide pan is faster', () => {
    const inPot = (pot: string) =>
      run(drink('syrup', '20 mL', { add: '1 L apple juice' }, { reduce: 'to 62 °Brix', pot }));
    close(inPot('wide pan').liquid!.brix, 62, 1e-6);
    expect(inPot('wide pan').trace.total_min).toBeLessThan(inPot('saucepan').trace.total_min);
  });
  test('hand-pressed lemons give 42 % of their mass, a cloth more than a mesh', () => {
    close(run(drink('juice', '50 mL', { add: '3 lemons' }, { press: 'hand press' })).trace.pot.mass_g, 136.1, 1);
    const apples = (how: string) =>
      run(drink('juice', '200 mL', { add: '1 kg apple, chopped' }, { press: how })).trace.pot.mass_g;
    close(apples('blender and mesh'), 550, 6);
    expect(apples('blender and cloth')).toBeGreaterThan(apples('blender and mesh'));
  });
  test('pressing what was strained brings more of it', () => {
    const tea = (...more: Written[]) =>
      run(
        drink(
          'tea',
          '200 mL',
          { add: '30 g dried nettle' },
          { add: '1 L boiling water' },
          { steep: '10 min' },
          { strain: 'mesh' },
          ...more,
        ),
      ).liquid!.volume_mL;
    expect(tea({ press: 'hand press' }) - tea()).toBeGreaterThan(30);
  });
  test('alcohol leaves a simmer and stays in a cool drink', () => {
    const cool = run(drink('tonic', '15 mL', { add: '100 mL spirit' }, { add: '400 mL water' }));
    const hot = run(
      drink('tonic', '15 mL', { add: '100 mL spirit' }, { add: '400 mL water' }, { simmer: '30 min', lid: 'on' }),
    );
    close(hot.batch.ethanol_g / cool.batch.ethanol_g, 0.35, 0.06);
  });
  test('a preparation brings its own contents', () => {
    const syrup = drink('syrup', '15 mL', { add: '100 g white sugar' }, { add: '100 g water' });
    const { batch, problems } = analyseDrink({
      ...drink('sport', '250 mL', { use: '50 g plain syrup' }, { add: '450 g water' }),
      preparations: { 'plain syrup': syrup },
    });
    expect(problems).toEqual([]);
    close(batch.sugars_g, 25, 0.1);
  });
  test('what is done to a glass is in the serving and not in the batch', () => {
    const tea: Drink = {
      ...drink('tea', '200 mL', { add: '1 L water' }),
      atServing: [{ verb: 'add', text: '10 g honey' }],
    };
    const { perServing, batch } = run(tea);
    close(perServing.sugars_g, 8.23, 0.01);
    close(batch.sugars_g, 0, 1e-9);
  });
  test('sample 0 of a spread is the drink as written', () => {
    const analysis = run(drink('juice', '200 mL', { add: '500 g orange juice' }, { simmer: '5 min' }));
    const { ranges } = measureSpread(analysis, { draws: 300 });
    close(ranges['yield.volume_mL']!.p50 / analysis.liquid!.volume_mL, 1, 0.02);
  });
});
