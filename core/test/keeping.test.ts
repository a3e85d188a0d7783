import { analyseDrink } from '../src/analyse';
import type { DrinkKind, DrinkStep } from '../src/drink';
import { KEEPING_TIMES, acidSugarIndex } from '../src/keeping';

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
  ['decoction', 'tonic', ['1 L water'], 3],
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
  test('an acid syrup processed long enough keeps a year; for too short a time it does not', () => {
    const jar = (minutes: string) =>
      keepingOf(
        'syrup',
        '600 g white sugar',
        '500 g water',
        '10 g citric acid',
        { verb: 'process', text: minutes, altitude: '1200 m' },
        store('cupboard'),
      ).days;
    expect(jar('15 min')).toBe(365);
    expect(jar('10 min')).toBeLessThan(7);
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
