import { adviceFor, brewState, expectedAt, runBrew, type BrewEvent } from '../src/brew';
import type { DrinkDocument, Verb } from '../src/drink';
import { AS_WRITTEN, imbalance, massBalance, runInPot } from '../src/simulate';

const step = (id: string, verb: Verb, text: string) => ({ id, verb, text });
let count = 0;
const read = (of: string, quantity: string, value: number): BrewEvent =>
  ({
    id: `e${(count += 1)}`,
    at: '2026-10-01T08:00:00.000Z',
    kind: 'reading',
    step: of,
    quantity,
    value,
  }) as BrewEvent;

describe('what is weighed into a jar of powder', () => {
  const MIX: DrinkDocument = {
    name: 'Powder',
    kind: 'dry-mix',
    serving: '5 g',
    target: null,
    steps: [
      step('salt', 'add', '54 g fine salt'),
      step('sugar', 'add', '100 g glucose'),
      step('mix', 'shake', '2 min'),
    ],
  };
  const sodium = (...events: readonly BrewEvent[]) => {
    const { analysis } = runBrew({ document: MIX }, brewState(events));
    return { batch: analysis.batch.sodium_mg, serving: analysis.perServing.sodium_mg, mass: analysis.trace.pot.mass_g };
  };

  test('80 g of salt where 54 were planned is what is in every spoon of it', () => {
    const planned = sodium();
    const read80 = sodium(read('salt', 'mass_g', 80));
    expect(read80.mass).toBeCloseTo(180, 6);
    expect(read80.batch / planned.batch).toBeCloseTo(80 / 54, 6);
    // 5 g of 180 g, instead of 5 of 154.
    expect(read80.serving / planned.serving).toBeCloseTo(((80 / 54) * 154) / 180, 6);
  });

  test('and it is said at once what of the rest goes with so much', () => {
    const expected = expectedAt({ document: MIX }, brewState([]), 'salt').mass_g!;
    expect(expected.p5).toBeGreaterThan(50);
    expect(expected.p95).toBeLessThan(58);
    const advice = (grams: number) => {
      const state = brewState([read('salt', 'mass_g', grams)]);
      return adviceFor({ document: MIX }, state, state.readings[0]!);
    };
    expect(advice(80)).toMatchObject({ measured: 80, expected: 54 });
    expect(advice(80)!.amounts.map(({ to }) => to)).toEqual(['148 g glucose']);
    expect(advice(54)).toBeNull();
  });

  test('a scale that was not set to nothing shows all that lies there', () => {
    expect(sodium(read('sugar', 'mass_g', 154)).mass).toBeCloseTo(154, 6);
    expect(sodium(read('sugar', 'mass_g', 110)).mass).toBeCloseTo(164, 6);
  });

  test('mass is conserved through it', () => {
    const [salt, ...rest] = MIX.steps;
    const pot = runInPot([{ ...salt!, measured: { mass_g: 80 } }, ...rest], {}, AS_WRITTEN, () => undefined);
    expect(pot.entries[0]!.mass_g).toBe(80);
    expect(Math.abs(imbalance(massBalance(pot)))).toBeLessThan(1e-9);
  });
});
