import { ingredientById } from '../src/catalogue';
import { PLAIN_CONTENTS, classifyKeeping, hotWaterMinutes, KEEPING_TIMES, lowAcid } from '../src/keeping';
import {
  addScaled,
  balanceCharges,
  emptyComposition,
  ionicSolution,
  norrishWaterActivity,
  volumeOf,
  type Composition,
} from '../src/liquid';
import { BOTTLE_LIMITS_bar, bottlePressure, carbonationVolumes } from '../src/process';

/** Cases computed from the equations named in docs/science, by a program written apart from this one. */

const within = (value: number, expected: number, relative: number) =>
  expect(Math.abs(value / expected - 1)).toBeLessThanOrEqual(relative);
const mix = (parts: Readonly<Record<string, number>>): Composition => {
  const total = emptyComposition();
  for (const [id, grams] of Object.entries(parts)) addScaled(total, ingredientById(id).composition!, grams);
  return total;
};

describe('keeping and gas', () => {
  test('pH 4.9, aw 0.95, 34 °Brix', () => {
    const properties = {
      kind: 'syrup',
      dry: false,
      pH: 4.9,
      phMargin: 0.6,
      waterActivity: 0.95,
      brix: 34,
      alcohol_pctABV: 0,
      acetic_pct: 0,
      acidSugarIndex: 40,
      contents: PLAIN_CONTENTS,
    } as const;
    const name = classifyKeeping(properties);
    expect([name, KEEPING_TIMES[name].fridge, lowAcid(properties)]).toEqual(['syrup_low_lowacid', 7, true]);
    expect(KEEPING_TIMES[name].room).toBeCloseTo(0.167, 2);
  });
  test.each([
    [200, 10],
    [1200, 15],
    [2000, 20],
  ])('berry syrup at %d m takes %d min in boiling water', (altitude, minutes) =>
    expect(hotWaterMinutes('berry-syrup', altitude)).toBe(minutes),
  );
  test('2 g of soda with acid in a closed half litre: 1.24 bar, too much for an ordinary bottle', () => {
    const gas = 2 * 11.904;
    const bar = bottlePressure({ carbonDioxide_mmol: gas, liquid_mL: 470, headspace_mL: 30, temperature_C: 20 });
    within(bar, 1.2355, 0.06);
    expect(bar).toBeGreaterThan(BOTTLE_LIMITS_bar.ordinary);
    within(carbonationVolumes(gas, 470), 1.1354, 0.03);
  });
  test('saturated salt water has water activity 0.753', () => {
    const brine = mix({ 'table-salt': 35.9, water: 100 });
    expect(Math.abs(norrishWaterActivity(brine)! - 0.753)).toBeLessThan(0.006);
  });
  test.each([
    ['white-sugar', 67.07, 0.8],
    ['honey', 58.6, 1.2],
  ])('%s reaches water activity 0.85 at %d °Brix', (id, brix, tolerance) => {
    const solids = ingredientById(id).composition!.solubleSolids_g;
    const at = [...Array(400).keys()]
      .map((step) => 45 + step / 16)
      .find((each) => {
        const grams = each / solids;
        return norrishWaterActivity(mix({ [id]: grams, water: 100 - grams }))! <= 0.85;
      })!;
    expect(Math.abs(at - brix)).toBeLessThan(tolerance);
  });
  test('the charge balance of a fizzy drink closes', () => {
    const fizzy = mix({ 'sparkling-water': 1000, 'lemon-juice': 30 });
    expect(Math.abs(balanceCharges(ionicSolution(fizzy, volumeOf(fizzy))).residual)).toBeLessThan(1e-8);
  });
});
