import { aimAt, doseLines, readAim, remediesFor, type Aim } from '../src/aim';
import { analyseDrink } from '../src/analyse';
import { DOSE_LINES } from '../src/caution';
import type { DrinkKind } from '../src/drink';
import { INSTRUMENTS } from '../src/aim';
import fc from './seeded';

/** Doses that are prescribed never cross a line of the cautions. */

const CODES = new Set(DOSE_LINES.map(({ code }) => code));
const read = (of: object): Aim => {
  const aim = readAim({ volume: '1 L', instrument: '0.1 g scale', ...of });
  if (aim.kind === 'not-an-aim') throw new Error(JSON.stringify(aim.problems));
  return aim.aim;
};
/** Codes about amounts that fire on what an aim prescribes, made up with water. */
function firedOn(aim: Aim, kind: DrinkKind, serving: string): readonly string[] {
  const { doses } = aimAt(aim);
  const lines = doses.flatMap((dose) => doseLines(dose));
  const steps = [...lines, `distilled water to ${aim.volume_mL} mL`].map((text) => ({ verb: 'add' as const, text }));
  const { cautions, problems } = analyseDrink({ name: 'Aim', kind, serving, steps });
  expect(problems).toEqual([]);
  return cautions.map(({ code }) => code).filter((code) => CODES.has(code));
}

describe('made for somebody', () => {
  const sport = (limits: NonNullable<Aim['limits']>): Aim => ({
    ...read({
      kind: 'sport',
      serving: '500 mL',
      target: { sodium_mmol_L: 20, potassium_mmol_L: 12 },
      available: ['table salt', 'potassium chloride'],
    }),
    limits,
  });
  const potassium_mg = (aim: Aim): number =>
    aimAt(aim).doses.reduce(
      (sum, { ingredient, mass_g }) => sum + mass_g * (ingredient.composition!.potassium_mmol ?? 0) * 39.0983,
      0,
    );
  test('no serving crosses a line of theirs, and it is told whose it is', () => {
    // 12 mmol/L are 235 mg in half a litre: over a line of 100 mg.
    const wilf = sport([{ person: 'Wilf', key: 'addedPotassium_mg', most: 100 }]);
    expect(potassium_mg(sport([])) / 2).toBeGreaterThan(200);
    expect(potassium_mg(wilf) / 2).toBeLessThanOrEqual(100);
    expect(aimAt(wilf).heldBy.map(({ name, unit }) => `${name}, ${unit}`)).toEqual([
      'added potassium for Wilf, mg a serving',
    ]);
  });
  test('none at all is none, and a line that is far off changes nothing', () => {
    expect(potassium_mg(sport([{ person: 'Wilf', key: 'addedPotassium_mg', most: 0 }]))).toBe(0);
    const far = sport([{ person: 'Ines', key: 'addedPotassium_mg', most: 1564 }]);
    expect(aimAt(far).doses).toEqual(aimAt(sport([])).doses);
  });
  test.each(['sodium_mg', 'sugars_g', 'addedMagnesium_mg', 'caffeine_mg', 'vitaminC_mg'] as const)(
    'a line about %s is one that doses come under',
    (key) => {
      const aim: Aim = {
        ...read({
          kind: 'sport',
          serving: '500 mL',
          target: { sodium_mmol_L: 20, carbohydrate_g_L: 60, magnesium_mmol_L: 2 },
          available: ['table salt', 'white sugar', 'magnesium citrate', 'green tea', 'sodium ascorbate'],
        }),
        limits: [{ person: 'Tam', key, most: 0 }],
      };
      const of = aimAt(aim).doses.map(({ ingredient }) => ingredient.id);
      const without = {
        sodium_mg: 'table-salt',
        sugars_g: 'white-sugar',
        addedMagnesium_mg: 'magnesium-citrate',
        caffeine_mg: 'green-tea',
        vitaminC_mg: 'sodium-ascorbate',
      };
      expect(of).not.toContain(without[key]);
    },
  );
});

const SALTS = ['table salt', 'potassium chloride', 'trisodium citrate', 'tripotassium citrate', 'baking soda'];

describe('a target above a line is not met', () => {
  test.each([
    ['sodium of a rehydration drink', 'rehydration', { sodium_mmol_L: 150 }, 'rehydration-salt-high'],
    ['its potassium', 'rehydration', { potassium_mmol_L: 60 }, 'rehydration-potassium-high'],
    ['its sugar', 'rehydration', { glucoseEquivalent_mmol_L: 250 }, 'rehydration-sugar-high'],
    ['potassium of a serving of anything', 'sport', { potassium_mmol_L: 90 }, 'potassium-too-much'],
    ['magnesium of a serving', 'sport', { magnesium_mmol_L: 60 }, 'magnesium-laxative'],
    ['soda of a serving', 'sport', { bicarbonate_mmol_L: 90 }, 'soda-dose'],
  ] as const)('%s', (_what, kind, target, code) => {
    const aim = read({
      kind,
      serving: '500 mL',
      target,
      available: [...SALTS, 'glucose', 'magnesium citrate'],
    });
    expect(firedOn(aim, kind, '500 mL')).toEqual([]);
    expect(aimAt(aim).heldBy.map((line) => line.code)).toContain(code);
    // What may be given is given: nearly up to the line.
    const free = aimAt({ ...aim, kinds: [], serving_mL: 1e-6 });
    expect(free.heldBy).toEqual([]);
    expect(free.distance).toBeLessThan(aimAt(aim).distance);
  });

  test('just under the line it is met', () => {
    const aim = read({ kind: 'rehydration', target: { sodium_mmol_L: 88 }, available: ['table salt'] });
    const { figures, heldBy } = aimAt(aim);
    expect(figures[0]!.met).toBe(true);
    expect(heldBy).toEqual([]);
  });

  test('what is fixed counts: nothing is added to what is over the line already', () => {
    const aim = read({
      kind: 'rehydration',
      target: { sodium_mmol_L: 120, chloride_mmol_L: 120 },
      available: ['table salt'],
      fixed: ['6 g table salt'],
    });
    expect(aimAt(aim).doses).toEqual([]);
  });
});

test('whatever is asked with whatever there is, no line about an amount is crossed', () => {
  const some = <T>(all: readonly T[]) => fc.subarray([...all], { minLength: 2 });
  fc.assert(
    fc.property(
      fc.record({
        kind: fc.constantFrom<DrinkKind>('rehydration', 'sport', 'daily-hydration'),
        volume: fc.constantFrom('250 mL', '500 mL', '1 L', '2 L'),
        serving: fc.constantFrom('150 mL', '250 mL'),
        target: fc.record({
          sodium_mmol_L: fc.integer({ min: 0, max: 200 }),
          potassium_mmol_L: fc.integer({ min: 0, max: 150 }),
          glucoseEquivalent_mmol_L: fc.integer({ min: 0, max: 300 }),
        }),
        available: some([...SALTS, 'glucose', 'white sugar']),
        instrument: fc.constantFrom(...INSTRUMENTS),
      }),
      ({ kind, serving, ...of }) => {
        expect(firedOn(read({ kind, serving, ...of }), kind, serving)).toEqual([]);
      },
    ),
    { numRuns: 60 },
  );
}, 60_000);

describe('bands are bands', () => {
  const SACHET = ['table salt', 'glucose', 'potassium chloride', 'trisodium citrate'];

  test('inside is inside, however far from the middle', () => {
    const aim = read({ target: { sodium_mmol_L: 75 }, available: ['table salt'], fixed: ['5 g table salt'] });
    expect(aimAt(aim).figures[0]!.met).toBe(false);
    const { figures, obstacles } = aimAt({ ...aim, bands: { sodium_mmol_L: [60, 90] } });
    expect(figures[0]!.met).toBe(true);
    expect(obstacles).toEqual([]);
  });

  test('just outside is outside', () => {
    const aim = read({ target: { sodium_mmol_L: 75 }, available: ['table salt'], fixed: ['5 g table salt'] });
    expect(aimAt({ ...aim, bands: { sodium_mmol_L: [60, 85.5] } }).figures[0]!.met).toBe(false);
  });

  test('a named target brings its own', () => {
    const { figures } = aimAt(read({ targetName: 'reduced-osmolarity-rehydration', available: SACHET }));
    expect(figures.every(({ met }) => met)).toBe(true);
  });
});

describe('what would do', () => {
  const SACHET = {
    targetName: 'reduced-osmolarity-rehydration',
    available: ['table salt', 'glucose', 'potassium chloride', 'trisodium citrate'],
  };

  test('a small jug on a coarse scale: a finer scale, or the smallest batch that can be weighed', () => {
    const aim = read({ ...SACHET, volume: '250 mL', instrument: '1 g scale' });
    const result = aimAt(aim);
    expect(result.figures.some(({ met }) => !met)).toBe(true);
    const remedies = remediesFor(aim, result);
    expect(remedies.map(({ instrument }) => instrument)).toEqual(['0.1 g scale', '1 g scale']);
    const missed = (of: Aim) => aimAt(of).figures.filter(({ met }) => !met).length;
    for (const { instrument, volume_mL } of remedies)
      expect(missed({ ...aim, instrument, volume_mL })).toBeLessThan(missed(aim));
    // No smaller one of those that are tried would.
    expect(missed({ ...aim, volume_mL: remedies[1]!.volume_mL - 250 })).toBeGreaterThan(0);
  });

  test('nothing where all is met, and nothing where nothing helps', () => {
    const met = read({ ...SACHET, volume: '1 L' });
    expect(remediesFor(met, aimAt(met))).toEqual([]);
    const hopeless = read({ target: { magnesium_mmol_L: 3 }, available: ['table salt'] });
    expect(remediesFor(hopeless, aimAt(hopeless))).toEqual([]);
  });
});

describe('juice and coconut as a base', () => {
  test('nearly half a litre of coconut water brings the potassium', () => {
    const aim = read({ target: { potassium_mmol_L: 30 }, available: ['coconut water'] });
    const { doses, figures } = aimAt(aim);
    expect(doses[0]!.mass_g).toBeGreaterThan(400);
    expect(figures[0]!.met).toBe(true);
  });

  test('no more than the jug holds', () => {
    const aim = read({ target: { potassium_mmol_L: 120 }, available: ['coconut water'] });
    const [dose] = aimAt(aim).doses;
    expect(dose!.mass_g).toBeLessThan(1040);
    expect(dose!.mass_g).toBeGreaterThan(900);
  });
});

test.each([
  [{ kind: 'potion' }, 'kind'],
  [{ serving: '3 g' }, 'serving'],
])('%j is refused at %s', (more, at) => {
  const result = readAim({ volume: '1 L', target: { sodium_mmol_L: 3 }, available: ['table salt'], ...more });
  expect(result.kind === 'not-an-aim' && result.problems.map((problem) => problem.at)).toContain(at);
});

test('what nothing can bring does not keep the search from an end', () => {
  const aim = read({
    targetName: 'light-daily-hydration',
    available: ['table salt', 'glucose', 'white sugar', 'potassium chloride', 'trisodium citrate'],
  });
  const { proven, figures } = aimAt(aim);
  expect(proven).toBe(true);
  expect(figures.filter(({ value, target }) => target > 0 && value === 0).map(({ figure }) => figure)).toEqual([
    'magnesium_mmol_L',
  ]);
});
