import type { DrinkStep } from '../src/drink';
import { POT_PARTS, potContents, runSteps } from '../src/simulate';
import { randomDrink } from './random-drinks';
import fc from './seeded';

const contents = (...texts: string[]) => {
  const steps: DrinkStep[] = texts.map((text) => ({ verb: 'add', text }));
  return potContents(runSteps(steps).pot);
};

test('a sachet in a litre: its salts by weight, its glucose as sugar', () => {
  const parts = contents(
    '2.6 g table salt',
    '1.5 g potassium chloride',
    '2.9 g trisodium citrate',
    '13.5 g glucose',
    '1 kg water',
  );
  // The citrate is sold with two waters of crystallisation, 12.2 % of it, which are water once dissolved.
  expect(parts.salt).toBeCloseTo(2.6 + 1.5 + 2.9 * (1 - 0.1225), 1);
  expect(parts.sugar).toBeCloseTo(13.5, 1);
  expect(parts.acid).toBeCloseTo(0, 6);
});
test('lemon juice brings acid, spirit is spirit, coconut milk has fat', () => {
  // About 5 % citric acid in lemon juice; 40 % by volume is 31.6 g in 100 mL.
  expect(contents('100 g lemon juice').acid).toBeGreaterThan(4.5);
  expect(contents('100 mL vodka').spirit).toBeCloseTo(31.6, 0);
  expect(contents('100 g coconut milk').fat).toBeCloseTo(21.3, 6);
});
test('the parts of any pot add up to its mass, and none is less than nothing', () =>
  fc.assert(
    fc.property(randomDrink, ({ steps }) => {
      for (const { pot } of runSteps(steps).entries) {
        const parts = potContents(pot);
        const sum = POT_PARTS.reduce((total, part) => total + parts[part], 0);
        expect(Math.abs(sum - pot.mass_g)).toBeLessThanOrEqual(1e-9 * Math.max(1, pot.mass_g));
        for (const part of POT_PARTS) expect(parts[part]).toBeGreaterThanOrEqual(-1e-9);
      }
    }),
    { numRuns: 150 },
  ));
