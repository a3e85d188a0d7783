import { ingredientById } from '../src/catalogue';
import {
  addScaled,
  balanceCharges,
  brixFromDensity,
  brixOf,
  compositionOf,
  describeLiquid,
  emptyComposition,
  gramsToVolume,
  ionicSolution,
  norrishWaterActivity,
  OUTDOOR_CO2_atm,
  sugarSolutionDensity,
  syrupViscosity,
  volumeOf,
  volumeVector,
  WEAK_ACIDS,
  type Composition,
} from '../src/liquid';
import fc from './seeded';

const mix = (parts: Readonly<Record<string, number>>): Composition => {
  const total = emptyComposition();
  for (const [id, grams] of Object.entries(parts))
    addScaled(total, ingredientById(id).composition as Composition, grams);
  return total;
};
const described = (parts: Readonly<Record<string, number>>) => describeLiquid(mix(parts))!;
const acid = (property: string) => WEAK_ACIDS.find((each) => each.property === property)!;

describe('density and volume', () => {
  // NBS sucrose table.
  test.each([
    [0, 0.99823],
    [10, 1.0381],
    [30, 1.127],
    [50, 1.2296],
    [65, 1.3163],
    [70, 1.3472],
  ])('%d °Brix', (brix, density) => expect(Math.abs(sugarSolutionDensity(brix) / density - 1)).toBeLessThan(1e-4));
  test('there and back', () => {
    expect(brixFromDensity(1.127)).toBeCloseTo(30, 1);
    expect(() => brixFromDensity(0.9)).toThrow(RangeError);
  });
  test('100 g of sugar in 100 mL of water make 162 mL, not 200', () =>
    expect(volumeOf(mix({ water: 99.8, 'white-sugar': 100 }))).toBeCloseTo(162, -0.3));
  test('filling up lands on the mark', () => {
    const pot = mix({ 'table-salt': 2.6, honey: 300 });
    const water = ingredientById('water').composition as Composition;
    addScaled(pot as never, water, gramsToVolume(volumeVector(pot), volumeVector(water), 1000));
    expect(volumeOf(pot)).toBeCloseTo(1000, 6);
  });
});

describe('pH by charge balance', () => {
  const strong = { strongCharge: 0, strongSquares: 0 };
  test('standards: citrate 3.776, phosphate 6.865, acetic 2.88, water in air 5.6', () => {
    expect(
      balanceCharges({
        strongCharge: 0.05,
        strongSquares: 0.05,
        acids: [{ acid: acid('citric_mmol'), concentration: 0.05 }],
      }).pH,
    ).toBeCloseTo(3.769, 1);
    expect(
      balanceCharges({
        strongCharge: 0.075,
        strongSquares: 0.075,
        acids: [{ acid: acid('phosphoric_mmol'), concentration: 0.05 }],
      }).pH,
    ).toBeCloseTo(6.877, 1);
    expect(balanceCharges({ ...strong, acids: [{ acid: acid('acetic_mmol'), concentration: 0.1 }] }).pH).toBeCloseTo(
      2.88,
      1,
    );
    expect(balanceCharges({ ...strong, acids: [], carbonDioxide_atm: OUTDOOR_CO2_atm }).pH).toBeCloseTo(5.6, 1);
  });

  // Ranges printed for these foods; tolerance as wide as they vary.
  test.each([
    ['lemon-juice', 2.26, 0.15],
    ['lime-juice', 2.29, 0.15],
    ['orange-juice', 3.71, 0.15],
    ['grape-juice', 3.14, 0.2],
    ['apple-juice', 3.56, 0.2],
    ['cranberry-juice', 2.55, 0.15],
    ['white-vinegar', 2.52, 0.1],
    ['cider-vinegar', 3.16, 0.15],
    ['watermelon-juice', 5.4, 0.6],
    ['coconut-water', 5, 0.6],
  ])('%s', (id, pH, tolerance) => expect(Math.abs(described({ [id]: 100 }).pH - pH)).toBeLessThanOrEqual(tolerance));

  test.each([
    [{ honey: 100, water: 100 }, 3.85, 0.2],
    [{ 'lemon-juice': 15, 'table-salt': 0.5, water: 485 }, 2.78, 0.12],
    [{ 'lemon-juice': 15, 'table-salt': 0.5, 'tap-water': 485 }, 3.05, 0.15],
    [{ 'lemon-juice': 15, 'table-salt': 0.5, 'tap-water-hard': 485 }, 3.47, 0.2],
    [{ 'cider-vinegar': 253, honey: 355 }, 3.33, 0.2],
  ] as const)('%p', (parts, pH, tolerance) =>
    expect(Math.abs(described(parts).pH - pH)).toBeLessThanOrEqual(tolerance),
  );

  test('citrate rehydration: 8.85 closed, 7.45 in air', () => {
    const ors = mix({
      'table-salt': 2.6,
      'potassium-chloride': 1.5,
      'trisodium-citrate': 2.9,
      glucose: 13.5,
      water: 987.5,
    });
    const solution = ionicSolution(ors, volumeOf(ors));
    expect(balanceCharges(solution).pH).toBeCloseTo(8.85, 0);
    expect(Math.abs(balanceCharges({ ...solution, carbonDioxide_atm: OUTDOOR_CO2_atm }).pH - 7.45)).toBeLessThan(0.15);
  });

  test('closes for every mixture, rises with base and falls with acid', () => {
    const amount = fc.double({ min: 0, max: 0.5, noNaN: true });
    const acids = fc.array(amount, { minLength: WEAK_ACIDS.length, maxLength: WEAK_ACIDS.length });
    fc.assert(
      fc.property(acids, amount, amount, (concentrations, cations, anions) => {
        const solve = (base: number, more: number) =>
          balanceCharges({
            strongCharge: cations + base - anions,
            strongSquares: cations + base + anions,
            acids: WEAK_ACIDS.map((each, index) => ({
              acid: each,
              concentration: concentrations[index]! + (index === 0 ? more : 0),
            })),
          });
        const plain = solve(0, 0);
        // One tolerance of pH moves this much charge at most.
        expect(Math.abs(plain.residual)).toBeLessThan(1e-8);
        expect(solve(0.01, 0).pH).toBeGreaterThan(plain.pH);
        expect(solve(0, 0.01).pH).toBeLessThanOrEqual(plain.pH + 1e-9);
      }),
      { numRuns: 60 },
    );
  });

  test('refuses what is no concentration', () =>
    expect(() => balanceCharges({ strongCharge: NaN, strongSquares: 0, acids: [] })).toThrow(RangeError));
});

describe('particles', () => {
  test('osmolality of juices: apple 674, orange 544, coconut water 397 mOsm/kg', () => {
    for (const [id, value] of [
      ['apple-juice', 674],
      ['orange-juice', 544],
      ['coconut-water', 397],
    ] as const)
      expect(Math.abs(described({ [id]: 100 }).osmolality_mOsm_kg / value - 1)).toBeLessThan(0.12);
  });
  test('hot-day drink', () => {
    const drink = described({ 'lemon-juice': 30, honey: 20, 'table-salt': 0.8, water: 480 });
    expect(drink.volume_mL).toBeCloseTo(523.8, -0.8);
    expect(Math.abs(drink.osmolality_mOsm_kg - 251)).toBeLessThan(10);
    expect(drink.brix).toBeCloseTo(3.69, 0);
    expect(Math.abs(drink.pH - 2.69)).toBeLessThan(0.12);
  });
  test('6 % sports drink is isotonic', () => {
    const drink = described({
      glucose: 20,
      'white-sugar': 40,
      'table-salt': 1.3,
      'trisodium-citrate': 0.5,
      'potassium-chloride': 0.25,
      water: 961,
    });
    expect(Math.abs(drink.osmolality_mOsm_kg - 295)).toBeLessThan(12);
    expect(drink.tonicity).toBe('isotonic');
  });
});

describe('water activity and thickness', () => {
  const syrup = (id: string, brix: number) => {
    const solids = (ingredientById(id).composition as Composition).solubleSolids_g;
    return mix({ [id]: brix / solids, water: 100 - brix / solids });
  };
  test.each([
    ['white-sugar', 66.67, 0.853, 0.008],
    ['honey', 41.3, 0.927, 0.012],
    ['honey', 60, 0.841, 0.015],
  ])('%s syrup of %d °Brix', (id, brix, activity, tolerance) => {
    const liquid = syrup(id, brix);
    expect(brixOf(liquid)).toBeCloseTo(brix, 0);
    expect(Math.abs(norrishWaterActivity(liquid)! - activity)).toBeLessThanOrEqual(tolerance);
  });
  test('saturated salt', () =>
    expect(
      Math.abs(norrishWaterActivity(compositionOf({ water_g: 1000, sodium_mmol: 6144, chloride_mmol: 6144 }))! - 0.753),
    ).toBeLessThan(0.006));
  test('nothing has no water activity', () => expect(norrishWaterActivity(emptyComposition())).toBeNull());
  // ICUMSA viscosities of sucrose.
  test.each([
    [60, 20, 59.742, 0.04],
    [65, 95, 5.873, 0.06],
    [65, 20, 149.2, 0.05],
    [65, 5, 522.7, 0.06],
  ])('sucrose of %d °Brix at %d °C', (brix, temperature, value, tolerance) =>
    expect(Math.abs(syrupViscosity(brix, temperature) / value - 1)).toBeLessThan(tolerance),
  );
  test('honey runs like honey', () => expect(Math.abs(syrupViscosity(82.6, 20, 0.94) / 12007 - 1)).toBeLessThan(0.25));
});

describe('what else a liquid is', () => {
  // Titratable acidity as citric acid, % by mass: food-chemistry tables.
  test.each([
    ['lemon-juice', 5.2, 0.4],
    ['orange-juice', 0.95, 0.2],
    ['apple-juice', 0.5, 0.15],
  ])('%s titrates as %d %% citric acid', (id, percent, tolerance) =>
    expect(Math.abs(described({ [id]: 100 }).titratableAcid_pct - percent)).toBeLessThan(tolerance),
  );
  test('plain water takes next to no base, baking soda none', () => {
    expect(described({ water: 1000 }).titratableAcid_pct).toBeLessThan(1e-3);
    expect(described({ water: 1000, 'baking-soda': 5 }).titratableAcid_pct).toBeLessThan(0.01);
  });
  test('a 65 °Brix syrup runs in the pot, pours at table and coats a spoon in the fridge', () => {
    const syrup = described({ 'white-sugar': 65, water: 35 });
    expect(syrup.feel).toEqual({ at5C: 'spoon-coating', at20C: 'pouring', at95C: 'runny' });
    expect(syrup.boilingPoint_C).toBeCloseTo(104, 0);
  });
  test('honey: thick, and 0.55 to 0.60 of water activity', () => {
    const honey = described({ honey: 100 });
    expect(honey.feel.at20C).toBe('thick');
    expect(honey.waterActivity).toBeGreaterThan(0.53);
    expect(honey.waterActivity).toBeLessThan(0.61);
  });
});
