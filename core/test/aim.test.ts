import {
  INGREDIENT_COST,
  aimAt,
  bestDoses,
  distanceOf,
  doseLines,
  isAllowed,
  nonNegativeLeastSquares,
  readAim,
  type DoseProblem,
} from '../src/aim';
import { readIngredientLine } from '../src/quantity';
import { AIMS, problemOf } from './aim-problems';
import { highsDoses } from './highs-doses';
import fc from './seeded';

const exhaustive = (problem: DoseProblem): number => {
  let best = Infinity;
  const grams = new Float64Array(problem.levels.length);
  const walk = (index: number, used: number): void => {
    if (index === grams.length) {
      if (isAllowed(problem, grams)) best = Math.min(best, distanceOf(problem, grams) + INGREDIENT_COST * used);
      return;
    }
    for (const level of problem.levels[index]!) {
      grams[index] = level;
      walk(index + 1, used + (level > 0 ? 1 : 0));
    }
  };
  walk(0, 0);
  return best;
};

const amount = fc.double({ min: 0, max: 0.4, noNaN: true });
const smallProblem: fc.Arbitrary<DoseProblem> = fc
  .record({ figures: fc.integer({ min: 1, max: 4 }), ingredients: fc.integer({ min: 1, max: 4 }) })
  .chain(({ figures, ingredients }) =>
    fc.record({
      matrix: fc.array(
        fc.array(amount, { minLength: ingredients, maxLength: ingredients }).map((row) => Float64Array.from(row)),
        {
          minLength: figures,
          maxLength: figures,
        },
      ),
      wanted: fc
        .array(fc.double({ min: -0.2, max: 1.2, noNaN: true }), { minLength: figures, maxLength: figures })
        .map((row) => Float64Array.from(row)),
      levels: fc.array(
        fc
          .array(fc.double({ min: 0.05, max: 6, noNaN: true }), { minLength: 1, maxLength: 6 })
          .map((rest) => Float64Array.from([0, ...new Set(rest)]).sort()),
        { minLength: ingredients, maxLength: ingredients },
      ),
      // Up to two lines, some of which a single level crosses already.
      ceilings: fc.array(
        fc.array(amount, { minLength: ingredients, maxLength: ingredients }).map((row) => Float64Array.from(row)),
        { maxLength: 2 },
      ),
    }),
  );

test('on small instances the search finds what trying everything finds', () => {
  fc.assert(
    fc.property(smallProblem, (problem) => {
      const found = bestDoses(problem);
      expect(found.proven).toBe(true);
      expect(isAllowed(problem, found.grams)).toBe(true);
      expect(Math.abs(found.cost - exhaustive(problem))).toBeLessThan(1e-9);
    }),
    { numRuns: 300 },
  );
});

test.each(AIMS)(
  '%s: never worse than HiGHS on the same program',
  async (_name, aim) => {
    const problem = problemOf(aim);
    const ours = bestDoses(problem);
    expect(ours.proven).toBe(true);
    const theirs = await highsDoses(problem, 8);
    expect(ours.cost).toBeLessThanOrEqual(theirs.cost + 1e-9);
  },
  60_000,
);

test('least squares without negatives meets its own conditions', () => {
  fc.assert(
    fc.property(smallProblem, ({ matrix, wanted, levels }) => {
      const size = levels.length;
      const column = (index: number) => matrix.map((row) => row[index]!);
      const dot = (a: readonly number[], b: ArrayLike<number>) => a.reduce((sum, value, at) => sum + value * b[at]!, 0);
      const gram = Float64Array.from({ length: size * size }, (_, at) =>
        dot(column(Math.floor(at / size)), column(at % size)),
      );
      const moments = Float64Array.from({ length: size }, (_, at) => dot(column(at), wanted));
      const x = nonNegativeLeastSquares({ size, gram, moments }, new Array<boolean>(size).fill(true));
      // Every dose is worth keeping, and none that is left out would help.
      for (let index = 0; index < size; index += 1) {
        const slope = moments[index]! - dot([...x], gram.subarray(index * size, index * size + size));
        expect(x[index]).toBeGreaterThanOrEqual(0);
        if (x[index]! > 0) expect(Math.abs(slope)).toBeLessThan(1e-7);
        else expect(slope).toBeLessThan(1e-6);
      }
    }),
    { numRuns: 200 },
  );
});

const aimOf = (of: object) => {
  const read = readAim(of);
  if (read.kind === 'not-an-aim') throw new Error(JSON.stringify(read.problems));
  return aimAt(read.aim);
};

test('the sachet comes out as it is printed: 2.6 salt, 13.5 glucose, 1.5 potassium chloride, 2.9 citrate', () => {
  // What those doses come to in a litre, worked out by hand from the formulas.
  const target = {
    sodium_mmol_L: 74.07,
    potassium_mmol_L: 20.12,
    chloride_mmol_L: 64.61,
    citrate_mmol_L: 9.86,
    glucose_mmol_L: 74.94,
  };
  const available = ['table salt', 'glucose', 'potassium chloride', 'trisodium citrate'];
  const { doses, obstacles } = aimOf({ volume: '1 L', target, available });
  expect(Object.fromEntries(doses.map(({ ingredient, mass_g }) => [ingredient.id, mass_g]))).toEqual({
    'table-salt': 2.6,
    glucose: 13.5,
    'potassium-chloride': 1.5,
    'trisodium-citrate': 2.9,
  });
  expect(obstacles).toEqual([]);
});

test('without a source of potassium it says so', () => {
  const { obstacles } = aimOf({
    volume: '1 L',
    targetName: 'reduced-osmolarity-rehydration',
    available: ['table salt', 'glucose', 'trisodium citrate'],
  });
  expect(obstacles).toContain('There is no source of potassium among what is available.');
});

test('a fixed dose that is too much is named', () => {
  const { obstacles } = aimOf({
    volume: '1 L',
    target: { sodium_mmol_L: 40 },
    available: ['table salt'],
    fixed: ['6 g table salt'],
  });
  expect(obstacles[0]).toMatch(/fixed doses alone bring 103 of sodium/);
});

test.each(['0.1 g scale', '1 g scale', 'spoon set'])('doses with a %s read back as what they are', (instrument) => {
  const { doses } = aimOf({
    volume: '2 L',
    targetName: 'Sports drink, 6 %',
    available: ['table salt', 'white sugar', 'potassium chloride'],
    instrument,
  });
  expect(doses.length).toBeGreaterThan(1);
  for (const dose of doses) {
    const grams = doseLines(dose).reduce((sum, text) => {
      const line = readIngredientLine(text);
      if (line.kind !== 'read' || line.dose.kind !== 'mass') throw new Error(`${text} is not read`);
      return sum + line.dose.mass_g;
    }, 0);
    expect(Math.abs(grams / dose.mass_g - 1)).toBeLessThan(0.01);
  }
});

test.each([
  [{}, 'volume'],
  [{ volume: '1 L', target: { salt: 3 }, available: ['table salt'] }, 'target.salt'],
  [{ volume: '1 L', target: { sodium_mmol_L: -3 }, available: ['table salt'] }, 'target.sodium_mmol_L'],
  [{ volume: '1 L', targetName: 'health', available: ['table salt'] }, 'targetName'],
  [{ volume: '3 g', target: { sodium_mmol_L: 3 }, available: ['table salt'] }, 'volume'],
  [{ volume: '1 L', target: { sodium_mmol_L: 3 }, available: ['moon dust'] }, 'available[0]'],
  [{ volume: '1 L', target: { sodium_mmol_L: 3 }, available: ['table salt'], fixed: ['water to 1 L'] }, 'fixed[0]'],
  [{ volume: '1 L', target: { sodium_mmol_L: 3 }, available: ['table salt'], instrument: 'thumb' }, 'instrument'],
  [{ volume: '1 L', target: { sodium_mmol_L: 3 }, available: ['table salt'], colour: 'red' }, 'colour'],
])('%j is refused at %s', (json, at) => {
  const read = readAim(json);
  expect(read.kind === 'not-an-aim' && read.problems.map((problem) => problem.at)).toContain(at);
});
