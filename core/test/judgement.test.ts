import { readIngredientLine } from '../src/quantity';
import { saltPinches } from '../src/serving';
import { trialDrink } from './trial-drink';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { analyseDrink } from '../src/analyse';
import { CAUTION_RULES, dilutionWater } from '../src/caution';
import type { DrinkKind } from '../src/drink';
import {
  acidSugarIndex,
  classifyKeeping,
  KEEPING_TIMES,
  PLAIN_CONTENTS,
  keepingOf,
  lowAcid,
  type KeepingProperties,
} from '../src/keeping';
import { bandPosition, TARGETS, targetByCode, targetFor } from '../src/target';

const analyse = (kind: DrinkKind, lines: readonly string[], serving = '250 mL') =>
  analyseDrink({ name: 'Trial', kind, serving, steps: lines.map((text) => ({ verb: 'add' as const, text })) });
const codes = (kind: DrinkKind, lines: readonly string[], serving?: string) =>
  analyse(kind, lines, serving).cautions.map(({ code }) => code);

describe('cautions', () => {
  // Each rule with a drink that fires it and a near miss that does not.
  test.each<[string, DrinkKind, string[], string[], string?]>([
    [
      'rehydration-salt-high',
      'rehydration',
      ['6 tsp sugar', '1 tsp salt', 'water to 1 L'],
      ['6 tsp sugar', '0.8 tsp salt', 'water to 1 L'],
    ],
    [
      'rehydration-salt-low',
      'rehydration',
      ['6 tsp sugar', '1/2 tsp salt', 'water to 1 L'],
      ['6 tsp sugar', '0.6 tsp salt', 'water to 1 L'],
    ],
    [
      'rehydration-sugar-high',
      'rehydration',
      ['40 g sugar', '4 g salt', 'water to 1 L'],
      ['36 g sugar', '3.6 g salt', 'water to 1 L'],
    ],
    [
      'rehydration-no-potassium',
      'rehydration',
      ['25 g sugar', '4 g salt', 'water to 1 L'],
      ['25 g sugar', '4 g salt', '0.5 g potassium chloride', 'water to 1 L'],
    ],
    ['measure-salt-level', 'sport', ['1 heaped tsp salt', '1 L water'], ['1 level tsp salt', '1 L water']],
    ['measure-salt-level', 'sport', ['4 pinches salt', '1 L water'], ['2 pinches salt', '1 L water']],
    ['honey-under-12-months', 'tonic', ['1 tbsp honey', '200 mL water'], ['1 tbsp maple syrup', '200 mL water']],
    ['grapefruit-medicines', 'juice', ['200 mL grapefruit juice'], ['200 mL orange juice']],
    ['potassium-kidney', 'sport', ['0.5 g potassium chloride', '1 L water'], ['200 mL orange juice', '1 L water']],
    ['sodium-blood-pressure', 'sport', ['2 g salt', '1 L water'], ['100 mL orange juice', '1 L water']],
    [
      'magnesium-laxative',
      'daily-hydration',
      ['12 g magnesium citrate', '1 L water'],
      ['1 g magnesium citrate', '1 L water'],
    ],
    ['free-sugars', 'juice', ['1 L apple juice'], ['200 mL apple juice', '800 mL water']],
    ['acid-teeth', 'daily-hydration', ['50 mL lemon juice', '1 L water'], ['1 L tap water']],
  ])('%s', (code, kind, fires, misses) => {
    expect(codes(kind, fires)).toContain(code);
    expect(codes(kind, misses)).not.toContain(code);
  });

  test('rehydration always says when to get help, and asks about the water', () => {
    const fired = codes('rehydration', ['25 g sugar', '3 g salt', 'water to 1 L']);
    expect(fired).toEqual(expect.arrayContaining(['rehydration-see-clinician', 'water-safety']));
    expect(codes('sport', ['25 g sugar', 'water to 1 L'])).not.toContain('rehydration-see-clinician');
  });

  test('doubled salt comes first, and names the water that mends it', () => {
    const [first] = analyse('rehydration', ['25.2 g sugar', '6.0 g salt', 'water to 1 L']).cautions;
    // 102.7 / 75 of a litre is 1.369 L.
    expect(first).toMatchObject({ code: 'rehydration-salt-high', severity: 'stop' });
    expect(first!.text).toMatch(/370 mL more clean water into the 1 L/);
    const mended = analyse('rehydration', ['25.2 g sugar', '6.0 g salt', 'water to 1.37 L']).perLitre!.sodium_mmol;
    expect(mended).toBeLessThanOrEqual(75);
  });

  test('no water is needed below the aim', () => expect(dilutionWater(70, 1000)).toBe(0));
  test('codes are unique and every rule has a source', () => {
    const all = CAUTION_RULES.map(({ code }) => code);
    expect(new Set(all).size).toBe(all.length);
    for (const rule of CAUTION_RULES) expect(rule.source.length).toBeGreaterThan(5);
  });
  test('every code is documented with its severity', () => {
    const page = readFileSync(join(__dirname, '../../docs/cautions.md'), 'utf8');
    for (const { code, severity } of CAUTION_RULES) {
      // What depends on the drink is written as the one and the other.
      const grave = typeof severity === 'function' ? '(note|warn), (warn|stop)' : severity;
      expect(page).toMatch(new RegExp(`\\| \`${code}\` \\| ${grave} \\|`));
    }
    const lines = ['1/2 tsp salt', '400 g baking soda', '3 slices cucumber', '1 L water'];
    for (const { code } of analyse('tonic', lines).findings) expect(page).toContain(`\`${code}\``);
  });
  test('an empty sheet warns of nothing', () => expect(codes('rehydration', [])).toEqual([]));
});

describe('targets', () => {
  test('every aim lies in its band, and codes are unique', () => {
    for (const { bands } of TARGETS)
      for (const { low, aim, high } of bands) expect(low <= aim && aim <= high).toBe(true);
    expect(new Set(TARGETS.map(({ code }) => code)).size).toBe(TARGETS.length);
    expect(targetByCode('no-such')).toBeUndefined();
  });
  test('a drink is measured against its own target, else that of its kind', () => {
    expect(targetFor({ kind: 'rehydration' })?.code).toBe('reduced-osmolarity-rehydration');
    expect(targetFor({ kind: 'rehydration', target: 'home-sugar-and-salt' })?.code).toBe('home-sugar-and-salt');
    expect(targetFor({ kind: 'syrup' })).toBeUndefined();
  });
  test('the window of the sachet: the sachet passes, sugar and salt fails on sodium, potassium, citrate, particles', () => {
    const outside = (lines: readonly string[]) => {
      const { perLitre, liquid } = analyse('rehydration', lines);
      const values = { ...perLitre, osmolarity_mOsm_L: liquid!.osmolarity_mOsm_L } as Record<string, number>;
      return targetByCode('reduced-osmolarity-rehydration')!
        .bands.filter((band) => bandPosition(band, values[band.figure.split('.')[1]!]!) !== 'within')
        .map(({ figure }) => figure.split('.')[1]);
    };
    expect(
      outside(['2.6 g salt', '1.5 g potassium chloride', '2.9 g trisodium citrate', '13.5 g glucose', 'water to 1 L']),
    ).toEqual([]);
    expect(outside(['25.2 g sugar', '3.0 g salt', 'water to 1 L'])).toEqual([
      'sodium_mmol',
      'potassium_mmol',
      'citrate_mmol',
      'osmolarity_mOsm_L',
    ]);
  });
});

describe('keeping', () => {
  const properties = (changes: Partial<KeepingProperties>): KeepingProperties => ({
    kind: 'syrup',
    dry: false,
    pH: 4.9,
    phMargin: 0.1,
    waterActivity: 0.95,
    brix: 34,
    alcohol_pctABV: 0,
    acetic_pct: 0,
    acidSugarIndex: 0,
    contents: PLAIN_CONTENTS,
    ...changes,
  });
  test.each<[string, Partial<KeepingProperties>]>([
    ['syrup_low_lowacid', {}],
    ['syrup_low_acid', { pH: 3.4 }],
    ['syrup_low_lowacid', { pH: 4.2, phMargin: 0.6 }],
    ['syrup_mid_acid', { brix: 55, pH: 3.4 }],
    ['syrup_mid_lowacid', { brix: 55 }],
    ['syrup_65', { brix: 66 }],
    ['oxymel', { acidSugarIndex: 70, pH: 3.3 }],
    ['vinegar_extract', { acetic_pct: 4.5 }],
    ['alcohol_20', { alcohol_pctABV: 22 }],
    ['ors', { kind: 'rehydration', brix: 2 }],
    ['electrolyte_drink', { kind: 'sport', brix: 6 }],
    ['citrus_juice', { kind: 'juice', brix: 8, pH: 2.4 }],
    ['fresh_juice', { kind: 'juice', brix: 12, pH: 4.2 }],
    ['infused_water', { kind: 'infused-water', brix: 0 }],
    ['herbal_infusion', { kind: 'tea', brix: 0 }],
    ['decoction', { kind: 'tonic', brix: 5, contents: { ...PLAIN_CONTENTS, boiled: true } }],
    ['herbal_infusion', { kind: 'tonic', brix: 5 }],
    ['gel', { kind: 'gel', brix: 1 }],
    ['dry_powder', { dry: true }],
  ])('%s', (expected, changes) => expect(classifyKeeping(properties(changes))).toBe(expected));

  test('a honey syrup of 34 °Brix: seven days in the fridge, four hours outside, low acid', () => {
    expect(KEEPING_TIMES.syrup_low_lowacid.fridge).toBe(7);
    expect(KEEPING_TIMES.syrup_low_lowacid.room).toBeCloseTo(0.167, 2);
    expect(lowAcid(properties({}))).toBe(true);
    expect(lowAcid(properties({ pH: null }))).toBe(true);
  });
  test('equal volumes of cider vinegar and honey: index 78', () => {
    expect(
      acidSugarIndex({ acetic_pct: 2.081, salt_pct: 0, hexose_pct: 44.8, disaccharide_pct: 3.27, pH: 3.33 }),
    ).toBeCloseTo(78, -0.6);
    const oxymel = analyse('vinegar-honey', ['253 g cider vinegar', '355 g honey'], '15 mL');
    expect(oxymel.keeping).toMatchObject({ class: 'oxymel', days: 180 });
    expect(oxymel.liquid!.brix).toBeCloseTo(49.8, 0);
  });
  test('a thick syrup keeps in the cupboard only when its water is bound or its acid is sure', () => {
    const syrup = analyse('syrup', ['200 g sugar', '100 g water'], '15 mL');
    expect(syrup.keeping).toMatchObject({ class: 'syrup_65', place: 'fridge' });
    expect(keepingOf('dry-mix', syrup.trace.pot.liquid, null, PLAIN_CONTENTS)).toMatchObject({
      class: 'dry_powder',
      place: 'cupboard',
    });
  });
});

test('a pinch of salt is one pinch', () => {
  const line = readIngredientLine('1 pinch table salt');
  if (line.kind !== 'read' || line.dose.kind !== 'mass') throw new Error('a pinch was not read');
  // 393.4 mg sodium in a gram of salt.
  expect(saltPinches(393.4 * line.dose.mass_g)).toBeCloseTo(1, 3);
});

describe('servings of a dry mix', () => {
  const size = (serving: string) =>
    analyseDrink(trialDrink('dry-mix', 'add 54 g fine salt | add 100 g glucose monohydrate', { serving }));
  // 54 g at 1.217 g/mL and 100 g at 0.65: 198 mL, 154 g.
  test.each([
    ['1 level tsp', 3.83],
    ['a teaspoon', 3.83],
    ['1 scoop of 30 mL', 23.3],
    ['2 scoops of 30 mL', 46.6],
    ['1 scoop (8 g)', 8],
    ['30 mL scoop', 23.3],
    ['5 g', 5],
  ])('%s', (serving, mass_g) => {
    const { problems, serving: found } = size(serving);
    expect(problems).toEqual([]);
    expect(Math.abs(found!.mass_g / mass_g - 1)).toBeLessThan(0.02);
  });

  test('a scoop of which nobody has said how large it is, is asked about', () => {
    const [problem] = size('1 scoop').problems;
    expect(problem!.message).toMatch(/How large is the scoop/);
    expect(problem!.suggestions).toContain('1 scoop of 30 mL');
  });
});
