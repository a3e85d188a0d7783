import { adviceFor, brewState, expectedAt, mendingWater, runBrew, type BrewEvent } from '../src/brew';
import type { DrinkDocument, DrinkKind, Verb } from '../src/drink';

/** What a reading of an addition is, and what it means for the steps that are still to come. */

const document = (
  kind: DrinkKind,
  steps: readonly (readonly [id: string, verb: Verb, text: string])[],
): DrinkDocument => ({
  name: 'Trial',
  kind,
  serving: '15 mL',
  target: null,
  steps: steps.map(([id, verb, text]) => ({ id, verb, text })),
});
let count = 0;
const read = (step: string, quantity: string, value: number): BrewEvent =>
  ({ id: `e${(count += 1)}`, at: '2026-10-01T08:00:00.000Z', kind: 'reading', step, quantity, value }) as BrewEvent;
const after = (drink: DrinkDocument, ...events: readonly BrewEvent[]) =>
  runBrew({ document: drink }, brewState(events)).analysis;
const advice = (drink: DrinkDocument, reading: BrewEvent) => {
  const state = brewState([reading]);
  return adviceFor({ document: drink, measures: { scale_g: 1 } }, state, state.readings[0]!);
};

const SACHET = document('rehydration', [
  ['water', 'add', '1 L water'],
  ['salt', 'add', '2.6 g table salt'],
  ['sugar', 'add', '13.5 g glucose'],
  ['stir', 'dissolve', ''],
]);

describe('at an addition a reading is how much of that went in', () => {
  test.each([
    ['weighed by itself', 'salt', 'mass_g', 5, 5],
    ['water from a jug', 'water', 'volume_mL', 1200, 2.6],
    ['nearer to the whole pot: a reading of the pot', 'salt', 'mass_g', 990, 2.6],
  ] as const)('%s', (_what, step, quantity, value, salt_g) => {
    const { trace } = after(SACHET, read(step, quantity, value));
    expect(trace.pot.entries.find(({ ingredient }) => ingredient.id === 'table-salt')!.mass_g).toBeCloseTo(salt_g, 9);
    if (step === 'water') expect(trace.entries[0]!.volume_mL).toBeCloseTo(1200, 0);
    if (value === 990) expect(trace.entries[1]!.mass_g).toBeCloseTo(990, 6);
  });
  test('its bands are those of the addition, in a pot of liquid too', () => {
    const expected = expectedAt({ document: SACHET }, brewState([]), 'salt');
    expect(expected.mass_g!.p50).toBeCloseTo(2.6, 6);
    expect(expected.mass_g!.p95).toBeLessThan(3);
    expect(expectedAt({ document: SACHET }, brewState([]), 'water').volume_mL!.p50).toBeCloseTo(1000, -1);
  });
  test('twice the salt is a stop at once, and half of it is not', () => {
    const stops = (grams: number) =>
      after(SACHET, read('salt', 'mass_g', grams)).cautions.flatMap(({ code, severity }) =>
        severity === 'stop' ? [code] : [],
      );
    expect([stops(2.6), stops(6), stops(1.3)]).toEqual([[], ['rehydration-salt-high'], []]);
  });
});

describe('what follows is run before anything is advised', () => {
  const juice = (...then: readonly (readonly [string, Verb, string])[]) =>
    document('syrup', [
      ['berries', 'add', '1 kg blackberries'],
      ['water', 'add', '400 mL water'],
      ['simmer', 'simmer', '20 min'],
      ['press', 'strain', 'cloth'],
      ...then,
    ]);
  const short = (drink: DrinkDocument) =>
    advice(drink, read('press', 'volume_mL', 0.8 * after(drink).trace.entries[3]!.volume_mL!));

  /** Grams of the one thing that is advised. */
  const gramsOf = (of: ReturnType<typeof short>): number =>
    Number(/^(\d+) g white sugar$/.exec(of!.amounts[0]!.to)![1]);

  test('less juice means less sugar', () =>
    expect(gramsOf(short(juice(['sugar', 'add', '700 g white sugar'])))).toBeCloseTo(560, -1));
  test('water to a mark makes up for the volume: the sugar stays', () =>
    expect(short(juice(['fill', 'add', 'water to 1.2 L'], ['sugar', 'add', '700 g white sugar']))).toBeNull());
  test('a reduction to a mark takes the shortfall up: nothing is cut', () =>
    expect(
      short(juice(['reduce', 'reduce', 'to 500 mL'], ['sugar', 'add', '400 g white sugar']))?.amounts ?? [],
    ).toEqual([]));
  test('a reduction by a share hands it on', () =>
    expect(gramsOf(short(juice(['reduce', 'reduce', 'to half'], ['sugar', 'add', '400 g white sugar'])))).toBeCloseTo(
      320,
      -1,
    ));
  test('more berries than planned ask for more water and more sugar', () => {
    const drink = juice(['sugar', 'add', '700 g white sugar']);
    const { amounts } = advice(drink, read('berries', 'mass_g', 1240))!;
    // Of 400 mL 496 mL, read off a jug to 5 mL.
    expect(amounts.map(({ to }) => to)[0]).toBe('495 mL water');
    const grams = Number(/^(\d+) g/.exec(amounts[1]!.to)![1]);
    expect(Math.abs(grams / (1.24 * 700) - 1)).toBeLessThan(0.03);
  });
  test('spoons, lemons and capsules stay what hands can measure', () => {
    const drink = juice(
      ['honey', 'add', '4 tbsp honey'],
      ['lemon', 'add', 'juice of 2 lemons'],
      ['salt', 'add', '1 pinch of salt'],
    );
    expect(short(drink)!.amounts.map(({ to }) => to)).toEqual(['9 1/2 tsp honey', 'juice of 1 1/2 lemons']);
  });
});

test('taking the advice holds the strength it names, within 3 %', () => {
  const drink = document('syrup', [
    ['berries', 'add', '1 kg blackberries'],
    ['water', 'add', '400 mL water'],
    ['simmer', 'simmer', '20 min'],
    ['press', 'strain', 'cloth'],
    ['sugar', 'add', '700 g white sugar'],
    ['acid', 'add', '8 g citric acid'],
  ]);
  const planned = after(drink).liquid!.brix;
  const expected = after(drink).trace.entries[3]!.volume_mL!;
  for (const share of [0.8, 1.2]) {
    const reading = read('press', 'volume_mL', share * expected);
    const changes = advice(drink, reading)!.amounts.map(
      ({ step, to: text }): BrewEvent =>
        ({ id: `c${step}`, at: '2026-10-01T08:00:00.000Z', kind: 'amount-changed', step, text }) as BrewEvent,
    );
    expect(Math.abs(after(drink, reading, ...changes).liquid!.brix / planned - 1)).toBeLessThan(0.03);
  }
});

describe('water that mends a stop', () => {
  const mending = (grams: number, step: string) =>
    mendingWater({ document: SACHET }, brewState([read('salt', 'mass_g', grams)]), {
      code: 'rehydration-salt-high',
      step,
    });
  test('brings a drink that is too salty to what a sachet has', () => {
    // 6 g are 102.7 mmol in about 1,010 mL: 75 mmol/L in about 1,370 mL.
    const water_mL = mending(6, 'stir')!;
    expect(Math.abs(water_mL - 360)).toBeLessThanOrEqual(20);
    const state = brewState([
      read('salt', 'mass_g', 6),
      { id: 'w', at: '2026-10-01T08:00:00.000Z', kind: 'added', step: 'stir', text: `${water_mL} mL water` },
    ]);
    const { perLitre, cautions } = runBrew({ document: SACHET }, state).analysis;
    expect(Math.abs(perLitre!.sodium_mmol / 75 - 1)).toBeLessThan(0.02);
    expect(cautions.some(({ severity }) => severity === 'stop')).toBe(false);
  });
  test('is not asked for where nothing is wrong, and there is none for what no water mends', () => {
    expect(mending(2.6, 'stir')).toBeNull();
    const raw = document('tonic', [
      ['berries', 'add', '100 g dried elderberries'],
      ['water', 'add', '1 L water'],
      ['simmer', 'simmer', '2 min'],
    ]);
    expect(mendingWater({ document: raw }, brewState([]), { code: 'elder-needs-cooking', step: 'simmer' })).toBeNull();
  });
  test('the least that does, of a dose that is too large for a serving', () => {
    const strong = document('sport', [
      ['water', 'add', '500 mL water'],
      ['potassium', 'add', '4 g potassium chloride'],
    ]);
    const sized = { ...strong, serving: '250 mL' };
    const water_mL = mendingWater({ document: sized }, brewState([]), {
      code: 'potassium-too-much',
      step: 'potassium',
    })!;
    const stopsWith = (mL: number) =>
      runBrew(
        { document: sized },
        brewState([
          { id: 'w', at: '2026-10-01T08:00:00.000Z', kind: 'added', step: 'potassium', text: `${mL} mL water` },
        ]),
      ).analysis.cautions.some(({ code }) => code === 'potassium-too-much');
    expect([stopsWith(water_mL), stopsWith(water_mL - 10)]).toEqual([false, true]);
  });
});
