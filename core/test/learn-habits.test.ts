import { learningErrors } from '../bench/learning';
import { brewState, learnHabits, runBrew, type BrewEvent, type BrewRecipe, type LearnedFrom } from '../src/brew';
import type { DrinkDocument, Verb } from '../src/drink';
import type { Habits } from '../src/equipment';

const step = (id: string, verb: Verb, text: string, more: object = {}) => ({ id, verb, text, ...more });
const TONIC: DrinkDocument = {
  name: 'Elder tonic',
  kind: 'tonic',
  serving: '15 mL',
  target: null,
  steps: [
    step('berries', 'add', '100 g dried elderberries'),
    step('water', 'add', '1 L water'),
    step('simmer', 'simmer', '40 min', { lid: 'off' }),
    step('cloth', 'strain', 'cloth'),
    step('cool', 'cool', 'to 40 °C'),
  ],
};
const recipe = (habits: Habits = {}): BrewRecipe => ({ document: TONIC, options: { kitchen: { habits } } });
const TRUTH: Habits = {
  'evaporation:saucepan': { factor: 1.4, cv: 0 },
  'strainer:cloth': { factor: 0.8, cv: 0 },
  'cooling:room': { factor: 1.25, cv: 0 },
};

/** What a step would show in a kitchen. */
function shown(habits: Habits, at: string, quantity: 'volume_mL' | 'minutes'): number {
  const { steps, analysis } = runBrew(recipe(habits), brewState([]));
  const entry = analysis.trace.entries.find((each) => steps[each.step]!.of === at)!;
  return entry[quantity]!;
}
let count = 0;
const read = (at: string, quantity: 'volume_mL' | 'minutes', value: number): BrewEvent => ({
  kind: 'reading',
  id: `r${(count += 1)}`,
  at: '2026-01-01T00:00:00Z',
  step: at,
  quantity,
  value,
});
const brew = (events: readonly BrewEvent[]): LearnedFrom => ({
  name: `brew ${(count += 1)}`,
  recipe: recipe(),
  state: brewState(events),
});
const honest = () =>
  brew([
    read('simmer', 'volume_mL', shown(TRUTH, 'simmer', 'volume_mL')),
    read('cloth', 'volume_mL', shown(TRUTH, 'cloth', 'volume_mL')),
    read('cool', 'minutes', shown(TRUTH, 'cool', 'minutes')),
  ]);

describe('a kitchen that learns', () => {
  it('knows nothing before its first reading', () => {
    expect(learnHabits([]).habits).toEqual({});
    expect(learnHabits([brew([])]).habits).toEqual({});
  });

  it.each(Object.entries(TRUTH))('comes to the true factor of %s', (key, { factor }) => {
    const { habits } = learnHabits(Array.from({ length: 6 }, honest));
    // Six readings of 2 to 5 % leave about that much.
    expect(habits[key]!.factor / factor).toBeGreaterThan(0.93);
    expect(habits[key]!.factor / factor).toBeLessThan(1.07);
  });

  it('is surer after each brew', () => {
    const points = learnHabits(Array.from({ length: 4 }, honest)).history.get('evaporation:saucepan')!;
    expect(points).toHaveLength(4);
    const widths = points.map(({ low, high }) => high / low);
    for (let index = 1; index < widths.length; index += 1) expect(widths[index]).toBeLessThan(widths[index - 1]!);
    // The tables leave 20 %: the first reading narrows that already.
    expect(widths[0]).toBeLessThan(Math.exp(2 * 1.96 * 0.2));
  });

  it('predicts what it will read', () => {
    const { habits } = learnHabits(Array.from({ length: 3 }, honest));
    const truth = shown(TRUTH, 'cloth', 'volume_mL');
    expect(Math.abs(shown(habits, 'cloth', 'volume_mL') / truth - 1)).toBeLessThan(0.02);
    expect(Math.abs(shown({}, 'cloth', 'volume_mL') / truth - 1)).toBeGreaterThan(0.05);
  });

  it('does not believe a slip of the pen', () => {
    const slip = brew([read('simmer', 'volume_mL', 80)]);
    const { habits } = learnHabits([...Array.from({ length: 4 }, honest), slip]);
    expect(Math.abs(habits['evaporation:saucepan']!.factor / 1.4 - 1)).toBeLessThan(0.12);
  });

  it('one reading of the yield moves pot and cloth together, the surer one less', () => {
    const { habits } = learnHabits([brew([read('cloth', 'volume_mL', shown(TRUTH, 'cloth', 'volume_mL'))])]);
    const pot = Math.log(habits['evaporation:saucepan']!.factor);
    expect(pot).toBeGreaterThan(0);
    expect(habits['evaporation:saucepan']!.cv).toBeLessThan(0.2);
  });

  it('halves the error of the predicted yield within five brews, in simulated kitchens', () => {
    const errors = learningErrors(6, 5);
    expect(errors[5]).toBeLessThan(errors[0]! / 2);
  });
});
