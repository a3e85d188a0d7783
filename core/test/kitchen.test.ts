import { analyseDrink } from '../src/analyse';
import type { Drink, DrinkStep } from '../src/drink';
import { DEFAULT_SETTINGS, type KitchenSettings } from '../src/kitchen';
import { kitchenOptions } from '../src/simulate';

const POT: readonly DrinkStep[] = [
  { verb: 'add', text: '1 L water' },
  { verb: 'heat', text: 'to boil' },
  { verb: 'boil', text: '20 min' },
];
const analyse = (change: Partial<KitchenSettings>, steps = POT) => {
  const drink: Drink = { name: 'T', kind: 'tea', serving: '200 mL', steps };
  return analyseDrink(drink, kitchenOptions({ ...DEFAULT_SETTINGS, ...change }));
};

test('a kitchen that says nothing is the usual one', () => {
  const plain = analyseDrink({ name: 'T', kind: 'tea', serving: '200 mL', steps: POT });
  const { trace } = analyse({});
  expect(trace.total_min).toBeCloseTo(plain.trace.total_min, 9);
  expect(trace.losses.steam_g).toBeCloseTo(plain.trace.losses.steam_g, 9);
});
test('a stronger burner boils more off; its name can stand in a step', () => {
  const burners = [
    { name: 'Ship stove', net_W: 500 },
    { name: 'Big ring', net_W: 1500 },
  ];
  const weak = analyse({ burners, usualBurner: 'Ship stove' }).trace.losses.steam_g;
  const strong = analyse({ burners, usualBurner: 'Ship stove' }, [
    POT[0]!,
    POT[1]!,
    { verb: 'boil', text: '20 min', burner: 'big ring' },
  ]).trace.losses.steam_g;
  expect(strong / weak).toBeGreaterThan(2.5);
});
test.each(['1 L tap water', '1 L boiled water', '1 L cold water', 'water to 1 L'])(
  'of a kitchen with a hard tap, %s is hard, and nobody calls it average',
  (text) => {
    const { batch, findings } = analyse({ tap: 'hard' }, [{ verb: 'add', text }]);
    expect(batch.calcium_mg).toBeCloseTo(105, 0);
    expect(findings.map((found) => found.text).join()).not.toMatch(/average/);
    const distilled = analyse({ tap: 'hard' }, [
      { verb: 'add', text: text.replace(/(?:tap |boiled |cold )?water/, 'distilled water') },
    ]);
    expect(distilled.batch.calcium_mg).toBe(0);
  },
);
test('altitude lowers the boil', () => {
  const { trace } = analyse({ altitude_m: 1500 });
  expect(trace.entries[1]!.temperature_C).toBeCloseTo(95.02, 0);
});
test('a pot of its own, wider than it is usual, loses more below the boil', () => {
  const simmer: readonly DrinkStep[] = [POT[0]!, { verb: 'simmer', text: '30 min' }];
  const steam = (width_cm: number) =>
    analyse({ pots: [{ name: 'Old pan', width_cm, holds_mL: 4000 }], usualPot: 'Old pan' }, simmer).trace.losses
      .steam_g;
  // Steam goes with the area of the surface while it simmers.
  expect(steam(32) / steam(16)).toBeGreaterThan(3);
});
test.each([
  ['pure', 0],
  ['hard', 25],
  ['sheet', 60],
] as const)('%s water brings %d mg/L sodium', (tap, sodium_mg_L) => {
  const { litre } = analyse({ tap, sheet_mg_L: { sodium: 60, bicarbonate: 159 } }, [POT[0]!]);
  expect(Math.abs(litre!.sodium_mg - sodium_mg_L)).toBeLessThan(0.2);
});
test('filling up uses the same water; an impossible sheet is refused', () => {
  const { litre } = analyse({ tap: 'sheet', sheet_mg_L: { calcium: 100 } }, [{ verb: 'add', text: 'water to 1 L' }]);
  expect(litre!.calcium_mg).toBeCloseTo(100, 0);
  expect(() => kitchenOptions({ ...DEFAULT_SETTINGS, tap: 'sheet', sheet_mg_L: { calcium: -1 } })).toThrow(RangeError);
});
test('cutlery spoons hold less than measuring spoons', () => {
  const mass = (spoons: KitchenSettings['spoons']) =>
    analyse({ spoons }, [{ verb: 'add', text: '1 tsp table salt' }]).trace.pot.mass_g;
  expect(mass('cutlery')).toBeLessThan(mass('measuring'));
});
