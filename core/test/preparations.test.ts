import { analyseDrink } from '../src/analyse';
import { PREPARATION_BUDGET } from '../src/simulate';
import type { Drink } from '../src/drink';

const drink = (uses: readonly string[], more: Partial<Drink> = {}): Drink => ({
  name: 'Nested',
  kind: 'syrup',
  serving: '15 mL',
  steps: [
    { verb: 'add', text: '100 g white sugar' },
    { verb: 'add', text: '100 mL water' },
    ...uses.map((name) => ({ verb: 'use' as const, text: `10 mL ${name}` })),
  ],
  ...more,
});
const named = (entries: readonly (readonly [string, readonly string[]])[]): Readonly<Record<string, Drink>> =>
  Object.fromEntries(entries.map(([name, uses]) => [name, drink(uses, { name })]));

/** Each uses every one below it, twice: run anew each time that is 3 to the power of how many there are. */
const tower = (count: number) =>
  named(
    Array.from({ length: count }, (_, level) => [
      `Level ${String.fromCharCode(65 + level)}`,
      Array.from({ length: level }, (_each, below) => `Level ${String.fromCharCode(65 + below)}`).flatMap((name) => [
        name,
        name,
      ]),
    ]),
  );

test('a drink of twelve preparations that use each other is answered at once, and the deep ones are named', () => {
  const { problems } = analyseDrink(drink(['Level L'], { preparations: tower(12) }));
  expect(problems.map(({ code }) => code)).toEqual(['too-deep']);
  expect(problems[0]!.message).toMatch(/8 levels/);
});

test('as deep as the budget it is reckoned, each preparation once', () => {
  const preparations = tower(PREPARATION_BUDGET.depth);
  const top = `Level ${String.fromCharCode(64 + PREPARATION_BUDGET.depth)}`;
  const { problems, trace } = analyseDrink(drink([top, top], { preparations }));
  expect(problems).toEqual([]);
  // Sugar and water of the drink itself, and the same two of all that is in each spoon of the preparation.
  expect(trace.pot.entries.filter(({ within }) => within === top)).toHaveLength(4);
});

test('so many steps in preparations that nobody cooks them is too deep as well', () => {
  const long = Array.from({ length: 2100 }, () => ({ verb: 'add' as const, text: '1 g white sugar' }));
  const preparations = { First: drink([], { steps: long }), Second: drink([], { steps: long }) };
  const codes = (uses: readonly string[]) =>
    analyseDrink(drink(uses, { preparations })).problems.map(({ code }) => code);
  expect(codes(['First'])).toEqual([]);
  expect(codes(['First', 'Second'])).toEqual(['too-deep']);
});

test('what is used twice and by another as well is the same drink each time', () => {
  const preparations = named([
    ['Base', []],
    ['Blend', ['Base']],
  ]);
  const { trace } = analyseDrink(drink(['Base', 'Blend', 'Base'], { preparations }));
  const alone = analyseDrink(drink(['Base'], { preparations })).trace;
  const sugarOf = (entries: typeof trace.entries, step: number) =>
    entries[step]!.pot.liquid.sucrose_g - entries[step - 1]!.pot.liquid.sucrose_g;
  // The first spoon of it and the last are equal to the gram.
  expect(sugarOf(trace.entries, 4)).toBeCloseTo(sugarOf(trace.entries, 2), 9);
  expect(sugarOf(trace.entries, 2)).toBeCloseTo(sugarOf(alone.entries, 2), 9);
});

test.each([
  ['itself', named([['Loop', ['Loop']]]), ['Loop']],
  [
    'each other in a circle',
    named([
      ['Egg', ['Hen']],
      ['Hen', ['Egg']],
    ]),
    ['Egg', 'Hen'],
  ],
])('preparations that use %s come to nothing, and say so', (_what, preparations, uses) => {
  for (const name of uses)
    expect(analyseDrink(drink([name], { preparations })).problems.map(({ code }) => code)).toEqual([
      'unknown-ingredient',
    ]);
});

test('a name that every object has is no preparation', () => {
  const { problems } = analyseDrink(drink(['constructor'], { preparations: named([['Base', []]]) }));
  expect(problems.map(({ code }) => code)).toEqual(['unknown-ingredient']);
});

test('a caution about how a preparation was made reaches through every level, and is said once', () => {
  const raw = drink([], {
    name: 'Raw elder',
    steps: [
      { verb: 'add', text: '100 g fresh elderberries' },
      { verb: 'add', text: '200 mL water' },
      { verb: 'steep', text: '2 h' },
      { verb: 'strain', text: 'cloth' },
    ],
  });
  const preparations = { 'Raw elder': raw, ...named([['Middle', ['Raw elder']]]) };
  const { cautions } = analyseDrink(drink(['Middle', 'Raw elder'], { preparations }));
  expect(cautions.filter(({ code }) => code === 'elder-needs-cooking')).toHaveLength(1);
});

describe('what was raw in a preparation is raw in what it goes into', () => {
  const juice = (...steps: Drink['steps']): Drink => ({
    name: 'Apple base',
    kind: 'juice',
    steps: [{ verb: 'add', text: '500 mL apple juice' }, ...steps],
  });
  const into = (base: Drink, ...steps: Drink['steps']): readonly string[] =>
    analyseDrink({
      name: 'Blend',
      kind: 'juice',
      preparations: { 'Apple base': base },
      steps: [{ verb: 'add', text: '300 mL water' }, { verb: 'use', text: '200 mL Apple base' }, ...steps],
    }).cautions.map(({ code }) => code);
  test.each([
    ['pressed and poured', juice(), [], true],
    ['heated in the preparation', juice({ verb: 'heat', text: 'to 75 °C' }), [], false],
    [
      'heated before half of it went in',
      juice({ verb: 'heat', text: 'to 75 °C' }, { verb: 'add', text: '100 mL apple juice' }),
      [],
      true,
    ],
    ['heated in the drink', juice(), [{ verb: 'heat', text: 'to 75 °C' }], false],
  ] as const)('%s', (_what, base, steps, raw) =>
    expect(into(base, ...steps).includes('raw-juice-vulnerable')).toBe(raw),
  );
});
