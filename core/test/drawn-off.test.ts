import { brewRecipe, brewState, drawnOff, runBrew, type BrewEvent } from '../src/brew';
import type { DrinkDocument, Verb } from '../src/drink';
import { DEFAULT_SETTINGS } from '../src/kitchen';
import { massOf } from '../src/liquid';
import { drinkFactsOf } from '../src/people';

const document = (...lines: readonly (readonly [Verb, string])[]): DrinkDocument => ({
  name: 'Hedge syrup',
  kind: 'syrup',
  serving: '15 mL',
  target: null,
  steps: lines.map(([verb, text], index) => ({ id: `s${index}`, verb, text })),
});
const SYRUP = document(
  ['add', '1 L water'],
  ['add', '500 g white sugar'],
  ['simmer', '10 min'],
  ['draw', '250 mL'],
  ['simmer', '20 min'],
  ['add', '50 g honey'],
  ['store', 'fridge'],
);
const made = (drink: DrinkDocument, events: readonly BrewEvent[] = []) => {
  const recipe = brewRecipe({ document: drink, preparations: [], settings: DEFAULT_SETTINGS });
  const state = brewState(events);
  const run = runBrew(recipe, state);
  return { run, drawn: drawnOff(recipe, state, run) };
};
const at = '2026-10-01T08:00:00.000Z';

test('what is drawn off is what was in the pot at that moment, and nothing that went in after', () => {
  const { run, drawn } = made(SYRUP);
  const [thin] = drawn;
  const before = run.analysis.trace.entries[2]!;
  expect(drawn.map(({ step }) => step)).toEqual(['s3']);
  expect(thin!.analysis.drink.name).toBe('Hedge syrup, thin');
  expect(thin!.analysis.liquid!.volume_mL).toBeCloseTo(250, 6);
  expect(thin!.analysis.liquid!.brix).toBeCloseTo(before.brix!, 6);
  expect(drinkFactsOf(thin!.analysis).contains).not.toContain('honey');
  expect(drinkFactsOf(run.analysis).contains).toContain('honey');
});

test('the pot and what was drawn off are all there was, to the gram', () => {
  const { run, drawn } = made(SYRUP);
  const [before, after] = [run.analysis.trace.entries[2]!, run.analysis.trace.entries[3]!];
  expect(drawn[0]!.analysis.trace.pot.mass_g + after.mass_g).toBeCloseTo(massOf(before.pot.body), 6);
});

test('pieces and crystals stay in the pot, and twice is twice', () => {
  const { drawn } = made(
    document(
      ['add', '1 L water'],
      ['add', '200 g dried elderberries'],
      ['simmer', '20 min'],
      ['draw', '100 mL'],
      ['draw', '200 mL'],
      ['strain', 'cloth'],
      ['add', '300 g honey'],
    ),
  );
  expect(drawn.map(({ analysis }) => analysis.trace.pot.solids.length)).toEqual([0, 0]);
  expect(drawn.map(({ analysis }) => Math.round(analysis.liquid!.volume_mL))).toEqual([100, 200]);
  // Not strained: the pot had berries in it, and their caution holds for what was taken out of it.
  expect(drawn[0]!.analysis.keeping!.days).toBeGreaterThan(0);
});

test('what was read before it counts; a step that is left out draws nothing off', () => {
  const reading: BrewEvent = { kind: 'reading', id: 'r', at, step: 's2', quantity: 'brix', value: 45 };
  expect(made(SYRUP, [reading]).drawn[0]!.analysis.liquid!.brix).toBeCloseTo(45, 3);
  expect(made(SYRUP, [{ kind: 'step-skipped', id: 'k', at, step: 's3' }]).drawn).toEqual([]);
  expect(made(document(['add', '100 mL water'], ['draw', '2 L'])).drawn).toEqual([]);
  expect(made(document(['draw', '2 L'])).drawn).toEqual([]);
});
