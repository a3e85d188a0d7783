import type { DrinkStep } from '../src/drink';
import { POT_PARTS, potContents, runSteps, type Pot } from '../src/simulate';
import { randomDrink } from './random-drinks';
import fc from './seeded';

const contents = (...texts: string[]) => {
  const steps: DrinkStep[] = texts.map((text) => ({ verb: 'add', text }));
  return potContents(runSteps(steps).pot);
};

/** Solid matter that pours with the liquid, without its fat. */
const pulp = ({ body: { insoluble_g, fat_g } }: Pot): number => insoluble_g - Math.min(fat_g, insoluble_g);

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
test('dried berries swell by what a spoon cannot press out of them, as far as they have given; fresh ones shrink', () => {
  const after = (berries: string, minutes: number) => {
    const { pot } = runSteps([
      { verb: 'add', text: berries },
      { verb: 'add', text: '1 kg boiling water' },
      { verb: 'simmer', text: `${minutes} min`, lid: 'on' },
    ]);
    return { pot, parts: potContents(pot) };
  };
  // 1.8 mL a gram when they have given all; at 95 °C and 0.04 a minute four hours are ten times that rate.
  const done = after('100 g dried elderberries', 240);
  expect(done.pot.soaked_g).toBeGreaterThan(175);
  expect(done.pot.soaked_g).toBeLessThan(195);
  expect(done.parts.pieces).toBeCloseTo(done.pot.pieces_g + done.pot.soaked_g + pulp(done.pot), 6);
  const half = after('100 g dried elderberries', 17);
  expect(half.pot.soaked_g / done.pot.soaked_g).toBeCloseTo(1 - Math.exp(-0.04 * 17), 1);
  const fresh = after('100 g elderberries', 30);
  expect(fresh.pot.soaked_g).toBe(0);
  expect(fresh.parts.pieces).toBeLessThan(30);
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
