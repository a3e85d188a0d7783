import { analyseDrink } from '../src/analyse';
import { EXTENSIVE_PROPERTIES, massOf, type ExtensiveProperty } from '../src/liquid';
import { AS_WRITTEN, imbalance, massBalance, runInPot, type WorkingPot } from '../src/simulate';
import { trialDrink } from './trial-drink';
import { randomDrink } from './random-drinks';
import fc from './seeded';

/** Solids dissolve out of what is listed as insoluble; energy and the volume of salts follow no balance of their own. */
const NOT_BALANCED = new Set<ExtensiveProperty>([
  'solubleSolids_g',
  'insoluble_g',
  'salts_g',
  'saltsVolume_mL',
  'energy_kcal',
  'addedSugars_g',
  'fat_g',
  'protein_g',
  'fibre_g',
]);
/** Gas that a carbonator puts in comes from no ingredient. */
const CARBONATED = 'carbonic_mmol';

function expectBalanced(pot: WorkingPot, where: string): void {
  const balance = massBalance(pot);
  const whole = massOf(balance.added);
  if (Math.abs(imbalance(balance)) > 1e-9 * whole) throw new Error(`${where}: ${imbalance(balance)} g of ${whole} g`);
  for (const name of EXTENSIVE_PROPERTIES) {
    if (NOT_BALANCED.has(name) || name === CARBONATED) continue;
    const out = balance.accounted[name] - balance.added[name];
    if (Math.abs(out) > 1e-9 * Math.max(Math.abs(balance.added[name]), 1e-6 * whole))
      throw new Error(`${where}: ${name} is out by ${out} of ${balance.added[name]}`);
  }
}

test('mass, water and every solute are kept at each step of any drink, to a billionth', () => {
  fc.assert(
    fc.property(randomDrink, ({ steps }) => {
      runInPot(steps, {}, AS_WRITTEN, (index, _done, pot) => expectBalanced(pot, `step ${index}`));
    }),
    { numRuns: 600 },
  );
});

test('crystals whose own water has boiled off take no more along than there is', () => {
  const steps = trialDrink(
    'tea',
    'add 0.03 g magnesium chloride hexahydrate | add 0.01 g sweet lemon | simmer 2 min; burner kettle',
  ).steps;
  const pot = runInPot(steps, {}, AS_WRITTEN, (index, _done, at) => expectBalanced(at, `step ${index}`));
  expect(pot.liquid.amount('water_g')).toBeGreaterThanOrEqual(0);
});

const finite = (value: unknown, path: string): void => {
  if (typeof value === 'number' && Number.isNaN(value)) throw new Error(`${path} is no number`);
  if (value && typeof value === 'object' && !(value instanceof Map))
    for (const [key, each] of Object.entries(value))
      if (key !== 'drink' && key !== 'ingredient') finite(each, `${path}.${key}`);
};

test('nothing crashes, nothing is NaN, and every refusal says where, what and why', () => {
  fc.assert(
    fc.property(randomDrink, (drink) => {
      const { trace, liquid, perServing, perLitre, problems, keeping } = analyseDrink(drink);
      finite(
        {
          liquid,
          perServing,
          perLitre,
          keeping,
          trace: trace.entries.map(({ pot: _pot, line: _line, ...entry }) => entry),
        },
        'analysis',
      );
      for (const problem of problems) {
        expect(problem.message.length).toBeGreaterThan(10);
        expect(typeof problem.text).toBe('string');
      }
      expect(trace.losses.steam_g).toBeGreaterThanOrEqual(0);
    }),
    { numRuns: 400 },
  );
});
