import { brewState, runBrew, type BrewEvent } from '../src/brew';
import type { DrinkDocument, Verb } from '../src/drink';

const step = (id: string, verb: Verb, text: string) => ({ id, verb, text });
let count = 0;
const event = (happening: object): BrewEvent =>
  ({ id: `e${(count += 1)}`, at: '2026-10-01T08:00:00.000Z', ...happening }) as BrewEvent;
const read = (of: string, quantity: string, value: number) => event({ kind: 'reading', step: of, quantity, value });

describe('what is read decides how jars keep', () => {
  const jars: DrinkDocument = {
    name: 'Raspberry syrup',
    kind: 'syrup',
    serving: '15 mL',
    target: null,
    steps: [
      step('berries', 'add', '500 g raspberries'),
      step('water', 'add', '700 g water'),
      step('boil', 'boil', '5 min'),
      step('cloth', 'strain', 'cloth'),
      step('sugar', 'add', '400 g white sugar'),
      step('acid', 'add', '10 g citric acid'),
      step('fill', 'bottle', '6 x 250 mL jar'),
      { ...step('bath', 'process', '10 min'), altitude: '100 m' },
      step('put', 'store', 'cupboard'),
    ],
  };
  const kept = (...events: readonly BrewEvent[]) => {
    const { place, days } = runBrew({ document: jars }, brewState(events)).analysis.keeping!;
    return [place, days];
  };

  test('a sour pH at filling lets them stand in the cupboard; without one they are for the fridge', () => {
    expect(kept()).toEqual(['fridge', 14]);
    expect(kept(read('fill', 'pH', 3.3))).toEqual(['cupboard', 365]);
    expect(kept(read('acid', 'pH', 3.3))).toEqual(['cupboard', 365]);
  });
  test('4.9 read takes the cupboard away, and the caution says what was read', () => {
    expect(kept(read('fill', 'pH', 4.9))[1]).toBeLessThan(1);
    const { cautions } = runBrew({ document: jars }, brewState([read('fill', 'pH', 4.9)])).analysis;
    expect(cautions.find(({ code }) => code === 'low-acid-sealed-jar')?.text).toMatch(/\(pH 4\.9, /);
  });
  test('of two readings the last one counts, and one that was taken back does not', () => {
    const sour = read('fill', 'pH', 3.3);
    expect(kept(read('fill', 'pH', 4.9), sour)).toEqual(['cupboard', 365]);
    expect(kept(sour, event({ kind: 'reading-removed', reading: sour.id }))).toEqual(['fridge', 14]);
  });
  test('as warm as it was read at filling, not as it was planned, goes into the glass', () => {
    const cracks = (...events: readonly BrewEvent[]) =>
      runBrew({ document: jars }, brewState(events)).analysis.findings.some(
        ({ code }) => code === 'hot-into-cold-glass',
      );
    // Ordinary glass bears 40 K: from a room of 21 °C that is 61.
    expect(cracks(read('fill', 'temperature_C', 85))).toBe(true);
    expect(cracks(read('fill', 'temperature_C', 55))).toBe(false);
    expect(cracks(read('acid', 'temperature_C', 85))).toBe(true);
    expect(cracks(read('acid', 'temperature_C', 55))).toBe(false);
    expect(cracks(read('acid', 'temperature_C', 85), read('fill', 'temperature_C', 55))).toBe(false);
  });
  test('what was read before something more went in says nothing of what is filled', () =>
    expect(kept(read('sugar', 'pH', 3.3))).toEqual(['fridge', 14]));
  test('one minute in the water bath instead of ten is no processing', () => {
    const [place, days] = kept(read('fill', 'pH', 3.3), read('bath', 'minutes', 1));
    expect(place).toBe('cupboard');
    expect(days).toBeLessThan(1);
    expect(kept(read('fill', 'pH', 3.3), read('bath', 'minutes', 11))).toEqual(['cupboard', 365]);
  });
  test('a kitchen whose altitude is known needs no step to say it: ten minutes are too few at 1,200 m', () => {
    const bath = { ...step('bath', 'process', '10 min') };
    const here = { ...jars, steps: jars.steps.map((each) => (each.id === 'bath' ? bath : each)) };
    const at = (altitude_m: number) =>
      runBrew({ document: here, options: { kitchen: { altitude_m } } }, brewState([read('fill', 'pH', 3.3)])).analysis;
    expect(at(1200).keeping!.days).toBeLessThan(1);
    expect(at(1200).findings.find(({ code }) => code === 'process-time-altitude')?.text).toMatch(
      /At 1.?200 m .*15 min/,
    );
    expect(at(200).keeping!.days).toBe(365);
  });
});
