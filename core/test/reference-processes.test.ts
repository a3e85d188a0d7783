import { acidSugarIndex } from '../src/keeping';
import { ingredientById } from '../src/catalogue';
import {
  addScaled,
  brixOf,
  describeLiquid,
  emptyComposition,
  massOf,
  norrishWaterActivity,
  syrupViscosity,
  volumeOf,
  type Composition,
} from '../src/liquid';
import { COOKING_POTS } from '../src/equipment';
import {
  airPressure,
  boilOff,
  boilingPoint,
  coolingConstant,
  coolingTime,
  driedFromFresh,
  extractedShare,
  extractionRate,
  freshFromDried,
  heatUp,
  openCooling,
  potFor,
  latentHeat,
  potArea,
  potHeat,
  saturationPressure,
  specificHeat,
  surfaceEvaporation,
  twoStageCooling,
  vitaminCLossRate,
  alcoholLeft,
} from '../src/process';

/** Cases computed from the equations named in docs/science, by a program written apart from this one. */

const within = (value: number, expected: number, relative: number) =>
  expect(Math.abs(value / expected - 1)).toBeLessThanOrEqual(relative);
const mix = (parts: Readonly<Record<string, number>>): Composition => {
  const total = emptyComposition();
  for (const [id, grams] of Object.entries(parts)) addScaled(total, ingredientById(id).composition!, grams);
  return total;
};
const saucepan = COOKING_POTS.saucepan;
const ROOM = { room_C: 21, humidity: 0.45 };

describe('heat and steam', () => {
  test('1 kg of water from 20 to 100 °C with the lid on takes 9.4 min at 720 W', () => {
    const heated = heatUp({
      from_C: 20,
      to_C: 100,
      power_W: 720,
      loss_W_K: 1,
      area_m2: potArea(saucepan),
      lid: 'on',
      ...ROOM,
    });
    if (heated.kind !== 'heated') throw new Error('stalled');
    within(heated.minutes_per_kJ_K * (specificHeat(0) + potHeat(saucepan)), 9.44, 0.08);
  });
  test('off the lid it takes longer, and a small flame stalls under a wide pot', () => {
    const heating = {
      from_C: 20,
      to_C: 95,
      power_W: 400,
      loss_W_K: 1.8,
      area_m2: potArea(COOKING_POTS['wide pan']),
      ...ROOM,
    };
    expect(heatUp({ ...heating, lid: 'off' }).kind).toBe('stalls');
    expect(heatUp({ ...heating, lid: 'on' }).kind).toBe('heated');
  });
  test('1 kW net boils off 1.595 kg an hour; 720 W over a saucepan 1.023', () => {
    within(3600 / latentHeat(100), 1.595, 0.007);
    expect(Math.abs(boilOff(720, 1, 100, 21) - 1.023)).toBeLessThan(0.04);
    expect(boilOff(50, 1, 100, 21)).toBe(0);
  });
  test('half a kilogram leaves a saucepan in 36 min at 600 W net', () =>
    within((0.5 / boilOff(600, saucepan.loss_W_K, 100, 21)) * 60, 36.167, 0.05));
  test.each([
    ['off', 0.25114],
    ['ajar', 0.11301],
    ['on', 0.037671],
  ] as const)('a 20 cm pot at 90 °C with the lid %s loses %d kg/h', (lid, kg_h) =>
    within(surfaceEvaporation({ area_m2: potArea(saucepan), temperature_C: 90, lid, ...ROOM }), kg_h, 0.05),
  );
  test.each([
    [0, 1, 100, 0.1],
    [500, 1, 98.3, 0.2],
    [1500, 1, 95.02, 0.25],
    [3000, 1, 90, 0.3],
  ])('at %d m water boils at %d × … °C', (altitude, activity, boils, tolerance) =>
    expect(Math.abs(boilingPoint(airPressure(altitude), activity) - boils)).toBeLessThan(tolerance),
  );
  test('a 65 °Brix sugar syrup boils at 104 °C, and boiling at 104 means 65 °Brix', () => {
    const activity = norrishWaterActivity(mix({ 'white-sugar': 65, water: 35 }))!;
    expect(boilingPoint(airPressure(0), activity)).toBeCloseTo(104, 0);
    const brixAt = [...Array(200).keys()]
      .map((step) => 50 + step / 8)
      .find(
        (brix) =>
          boilingPoint(airPressure(0), norrishWaterActivity(mix({ 'white-sugar': brix, water: 100 - brix }))!) >= 104,
      )!;
    expect(Math.abs(brixAt - 65)).toBeLessThan(1.5);
  });
  test('what has lost its water has no boiling point of its own, and none below that of water', () => {
    for (const activity of [0, 1e-9, 0.05, 0.2]) {
      expect(boilingPoint(airPressure(0), activity)).toBeGreaterThan(100);
      expect(boilingPoint(airPressure(0), activity)).toBeLessThan(200);
    }
  });
  test('vapour pressure at the steam point', () => within(saturationPressure(100), 101.325, 0.003));
  test.each([
    [15, 0.86],
    [45, 0.64],
  ])('after %d min at the boil %d of the vitamin C is left', (minutes, left) =>
    within(Math.exp(-vitaminCLossRate(100) * minutes), left, 0.02),
  );
  test.each([
    [0, 1],
    [15, 0.4],
    [45, 0.3],
    [150, 0.05],
  ])('after %d min of simmering %d of the alcohol is left', (minutes, left) =>
    within(alcoholLeft(minutes), left, 0.001),
  );
});

describe('cooling', () => {
  test.each([
    ['2 kg, open', 2, 'off', 83],
    ['0.57 kg, open', 0.57, 'off', 33],
  ] as const)('a 20 cm pot from 95 to 40 °C: %s', (_what, kg, lid, minutes) => {
    const { diameter_m, mass_kg } = COOKING_POTS.saucepan;
    const area_m2 = potArea(COOKING_POTS.saucepan);
    const cooled = openCooling({
      heat_kJ_K: kg * 4.187,
      vessel: potFor(kg * 1000, diameter_m, mass_kg),
      place: 'room',
      from_C: 95,
      to_C: 40,
      around_C: 21,
      steam_kg_h: (temperature_C) => surfaceEvaporation({ area_m2, temperature_C, lid, ...ROOM }),
    });
    within(cooled.minutes, minutes, 0.08);
    // What the steam took along is no more than the heat there was, and a good part of it.
    const heat_kJ = (kg * 4.187 + mass_kg * 0.5) * 55;
    expect((cooled.steam_g * latentHeat(70)) / 1000).toBeGreaterThan(0.4 * heat_kJ);
    expect((cooled.steam_g * latentHeat(70)) / 1000).toBeLessThan(0.7 * heat_kJ);
  });
  test('without steam it is as slow as Newton says', () => {
    const { diameter_m, mass_kg } = COOKING_POTS.saucepan;
    const vessel = potFor(2000, diameter_m, mass_kg);
    const closed = { heat_kJ_K: 2 * 4.187, vessel, place: 'room' as const, from_C: 95, to_C: 40, around_C: 21 };
    within(
      openCooling({ ...closed, steam_kg_h: () => 0 }).minutes,
      coolingTime(coolingConstant(closed.heat_kJ_K, vessel, 'room'), 95, 40, 21),
      0.005,
    );
  });
  const jar = { area_m2: 0.06, shell_kg: 0.42, shell_kJ_kgK: 0.84 };
  const tau = coolingConstant(4.18, jar, 'room');
  test('a litre jar in a room: τ 114 min, 95 to 40 °C in 156 min, never to 21', () => {
    within(tau, 114.46, 0.05);
    within(coolingTime(tau, 95, 40, 21), 155.6, 0.05);
    expect(coolingTime(tau, 95, 21, 21)).toBe(Infinity);
    expect(coolingTime(tau, 30, 40, 21)).toBe(0);
  });
  // 57 to 21 °C at a time constant t beside 4 °C takes 1.137 t, 21 to 5 °C beside 0 °C takes 1.435 t (Newton).
  it.each([
    ['both in time', 88, 20, 0, true],
    ['too long to 21 °C, however fast afterwards', 132, 20, 0, false],
    ['in time to 21 °C, and too long to 5 °C', 88, 200, 0, false],
    ['never as cold as 5 °C', 88, 20, 6, false],
  ])('cooling in two stages: %s', (_what, first_tau, then_tau, around_C, ok) => {
    const stages = [
      { minutes: 1.137 * first_tau, tau_min: first_tau, around_C: 4 },
      { minutes: Infinity, tau_min: then_tau, around_C },
    ];
    expect(twoStageCooling(57, stages).ok).toBe(ok);
  });

  test('straight into the fridge it is too slow; an hour of ice passes', () => {
    const fridge = coolingConstant(4.18, jar, 'fridge');
    const a = twoStageCooling(90, [{ minutes: Infinity, tau_min: fridge, around_C: 4 }]);
    within(a.first_min, 178.96, 0.08);
    expect(a.ok).toBe(false);
    const b = twoStageCooling(90, [
      { minutes: 60, tau_min: tau, around_C: 21 },
      { minutes: 60, tau_min: coolingConstant(4.18, jar, 'ice bath'), around_C: 1 },
      { minutes: Infinity, tau_min: fridge, around_C: 3 },
    ]);
    within(b.first_min, 21.6, 0.12);
    within(b.all_min, 55.4, 0.12);
    expect(b.ok).toBe(true);
  });
});

describe('extraction', () => {
  test.each([
    [95, 10, 0.95, 0.02],
    [5, 720, 0.957, 0.03],
    [20, 30, 0.272, 0.03],
  ])('cut dried leaf at %d °C for %d min gives %d', (temperature, minutes, share, tolerance) =>
    expect(Math.abs(extractedShare('cut_leaf', temperature, minutes) - share)).toBeLessThan(tolerance),
  );
  test('nine tenths are out in 7.7 min', () =>
    expect(Math.abs(Math.log(10) / extractionRate('cut_leaf', 95) - 7.68)).toBeLessThan(0.3));
  test('100 g of fresh mint dry to 16 g; 10 g of dried elderberries were 44.6 g', () => {
    expect(driedFromFresh(100, 0.856)).toBeCloseTo(16, 1);
    expect(freshFromDried(10, 0.798)).toBeCloseTo(44.55, 1);
  });
  // 28 days: dried cut in vinegar 100 %, in oxymel 99 %, fresh in oxymel 97 %, whole berries in oxymel 89 %.
  test.each([
    ['cut_leaf', 'vinegar', 0.999],
    ['cut_leaf', 'oxymel', 0.985],
    ['fresh_leaf_torn', 'oxymel', 0.965],
    ['berry_whole_dried', 'oxymel', 0.89],
  ] as const)('28 days of %s in %s', (form, medium, share) =>
    expect(1 - Math.exp(-extractionRate(form, 20, medium) * 28 * 1440)).toBeCloseTo(share, 1),
  );
});

describe('syrups', () => {
  test.each([
    [60, 20, 59.742, 0.04],
    [65, 95, 5.8729, 0.06],
    [65, 20, 149.22, 0.05],
    [65, 5, 522.69, 0.06],
  ])('sucrose of %d °Brix at %d °C: %d mPa s', (brix, temperature, viscosity, tolerance) =>
    within(syrupViscosity(brix, temperature), viscosity, tolerance),
  );
  test('honey at 20 and 40 °C', () => {
    within(syrupViscosity(82.6, 20, 0.94), 12007, 0.25);
    within(syrupViscosity(82.6, 40, 0.94), 1401, 0.25);
  });
  test('two to one by cup and by weight', () => {
    const cups = mix({ 'white-sugar': 400, water: 236 });
    expect(brixOf(cups)).toBeCloseTo(62.87, 1);
    within(volumeOf(cups), 487.9, 0.006);
    const weight = mix({ 'white-sugar': 200, water: 100 });
    expect(Math.abs(brixOf(weight) - 66.65)).toBeLessThan(0.2);
    expect(Math.abs(norrishWaterActivity(weight)! - 0.853)).toBeLessThan(0.01);
  });
  test('honey that brings 300 g of 5 °Brix to 65: 1,023 g', () => {
    const honey = ingredientById('honey').composition!.solubleSolids_g;
    expect(Math.abs((300 * (0.65 - 0.05)) / (honey - 0.65) - 1022.7)).toBeLessThan(5);
  });
  test('equal volumes of cider vinegar and honey', () => {
    const oxymel = mix({ 'cider-vinegar': 253, honey: 355 });
    const mass = massOf(oxymel);
    const acetic = (oxymel.acetic_mmol * 60.05) / 10 / mass;
    expect(Math.abs(acetic - 2.081)).toBeLessThan(0.05);
    expect(Math.abs(brixOf(oxymel) - 49.83)).toBeLessThan(0.6);
    const { pH } = describeLiquid(oxymel)!;
    const index = acidSugarIndex({
      acetic_pct: acetic,
      salt_pct: 0,
      hexose_pct: (100 * (oxymel.glucose_g + oxymel.fructose_g)) / mass,
      disaccharide_pct: (100 * (oxymel.sucrose_g + oxymel.otherCarbohydrate_g)) / mass,
      pH,
    });
    expect(Math.abs(index - 78.2)).toBeLessThan(4);
  });
  test('60 mL of a 40 % tincture in 440 mL', () => {
    const drink = mix({ 'spirit-40': 60 * 0.948, water: 440 * 0.9982 });
    const { alcohol_pctABV, volume_mL } = describeLiquid(drink)!;
    expect(Math.abs(alcohol_pctABV - 4.8)).toBeLessThan(0.05);
    expect(Math.abs((15 * drink.ethanol_g) / volume_mL - 0.568)).toBeLessThan(0.03);
  });
});
