import type { DrinkKind } from '../src/drink';
import { lineFromStep, stepFromLine } from '../src/drink';
import { measureSpread } from '../src/spread';
import { analyse, trialDrink } from './trial-drink';

/** Everything drunk counts in full; what stays behind counts by what it gave. By hand, from the rows of the catalogue. */

const within = (value: number, expected: number, relative = 0.03) =>
  expect(Math.abs(value / expected - 1)).toBeLessThanOrEqual(relative);
const run = (kind: DrinkKind, script: string) => analyse(trialDrink(kind, script));
const codes = (kind: DrinkKind, script: string) => run(kind, script).findings.map(({ code }) => code);

test('six pitted dates, about 96 g, blended in milk bring 64 g of sugars and all their fibre', () => {
  const sugars = (script: string) => run('juice', script).batch.sugars_g;
  const milk = sugars('add 500 mL milk');
  const { batch } = run('juice', 'add 500 mL milk | add 96 g dates | blend');
  within(batch.sugars_g - milk, 64);
  within(batch.fibre_g, 7.7);
  // Whole and left in the glass they bring what comes out of them.
  expect(sugars('add 500 mL milk | add 96 g dates | infuse 1 h') - milk).toBeLessThan(20);
});

test('40 g of chia stirred in bring 194 kcal, 12 g of fat, 14 g of fibre', () => {
  const { batch } = run('infused-water', 'add 1 L water | add 40 g chia seed | stir 1 min');
  within(batch.energy_kcal, 194);
  within(batch.fat_g, 12.3);
  within(batch.fibre_g, 13.8);
  const strained = run('infused-water', 'add 1 L water | add 40 g chia seed | stir 1 min | strain cloth').batch;
  expect(strained.fat_g).toBeLessThan(0.5);
});

test('a powder brings its whole caffeine, strained or in a bag what came out', () => {
  const caffeine = (script: string) => run('tonic', script).batch.caffeine_mg;
  within(caffeine('add 200 mL water | add 2 g guarana powder | stir 1 min'), 90, 0.001);
  expect(caffeine('add 200 mL water | add 2 g guarana powder | stir 1 min | strain fine filter')).toBeLessThan(60);
  expect(caffeine('add 200 mL boiling water | add 1 bag tea | steep 4 min')).toBeLessThan(60);
});

test('a blended smoothie has the volume of all that pours, and bottles fill with it', () => {
  const { trace, liquid, serving } = run('juice', 'add 500 mL milk | add 96 g dates | blend');
  const milk_g = trace.entries[0]!.mass_g;
  expect(trace.pot.mass_g).toBeCloseTo(milk_g + 96, 6);
  expect(liquid!.volume_mL).toBeGreaterThan(550);
  expect(liquid!.volume_mL).toBeLessThan(590);
  expect(trace.pot.pieces_g).toBe(0);
  // A serving of 200 mL is so large a share of everything.
  within(serving!.mass_g, ((milk_g + 96) * 200) / liquid!.volume_mL, 1e-9);
});

test('half of a smoothie poured off takes half of the pulp along', () => {
  const { batch } = run('juice', 'add 500 mL milk | add 96 g dates | blend | draw half');
  const whole = run('juice', 'add 500 mL milk | add 96 g dates | blend').batch;
  within(batch.sugars_g, whole.sugars_g / 2, 1e-6);
  within(batch.fibre_g, whole.fibre_g / 2, 1e-6);
});

test('pieces that are eaten count in full, and others by what they gave', () => {
  const of = (more: string) =>
    run('infused-water', `add 1 L water | add 300 g strawberries, sliced${more} | infuse 1 h; at 5 °C`).batch.sugars_g;
  // 300 g x 4.9 % of sugars.
  within(of('; eaten'), 14.7, 0.001);
  expect(of('')).toBeLessThan(8);
});

test('what lies at the bottom is drunk, too', () => {
  const { batch, findings } = run('tonic', 'add 100 mL water | add 50 g fine salt | stir 2 min');
  within(batch.sodium_mg, 50 * 393.4, 0.01);
  expect(findings.map(({ code }) => code)).toContain('will-not-dissolve');
});

test('every figure of it has a spread around it', () => {
  const analysis = run('juice', 'add 500 mL milk | add 96 g dates | blend');
  const { ranges } = measureSpread(analysis, { draws: 400 });
  for (const figure of ['perServing.sugars_g', 'perServing.fibre_g', 'yield.volume_mL'] as const) {
    const nominal =
      figure === 'yield.volume_mL'
        ? analysis.liquid!.volume_mL
        : analysis.perServing[figure.slice(11) as 'sugars_g' | 'fibre_g'];
    expect(ranges[figure]!.p5).toBeLessThanOrEqual(nominal);
    expect(ranges[figure]!.p95).toBeGreaterThanOrEqual(nominal);
    within(ranges[figure]!.p50, nominal, 0.05);
  }
});

describe('whether they are eaten is asked', () => {
  test.each([
    ['slices in a jug', 'add 1 L water | add 300 g strawberries, sliced | infuse 1 h', true],
    ['said to be eaten', 'add 1 L water | add 300 g strawberries, sliced; eaten | infuse 1 h', false],
    ['taken out', 'add 1 L water | add 300 g strawberries, sliced | infuse 1 h | remove solids', false],
    ['a sprig', 'add 1 L water | add 2 g mint | infuse 1 h', false],
    ['chia, which is drunk', 'add 1 L water | add 40 g chia seed | infuse 1 h', false],
  ])('%s', (_what, script, asked) => expect(codes('infused-water', script).includes('pieces-left')).toBe(asked));

  test.each([
    ['whole leaves in a tonic', 'add 1 L water | add 10 g mint | simmer 5 min', true],
    ['blended', 'add 1 L water | add 10 g mint | blend', false],
    ['eaten', 'add 1 L water | add 10 g mint; eaten | simmer 5 min', false],
  ])('not strained: %s', (_what, script, asked) => expect(codes('tonic', script).includes('not-strained')).toBe(asked));
});

describe('an unfinished sheet is not yet wrong', () => {
  const SIMMERED = 'add 1 L water | add 10 g mint | simmer 5 min';
  test.each([
    ['leaves in what still simmers', SIMMERED, 'not-strained', true],
    ['leaves in what is bottled', `${SIMMERED} | bottle 1 L bottle`, 'not-strained', undefined],
    ['less than a serving so far', 'add 20 mL water', 'serving-exceeds-batch', true],
    [
      'less than a serving in the bottle',
      'add 20 mL water | bottle 1 x 50 mL bottle',
      'serving-exceeds-batch',
      undefined,
    ],
  ])('%s', (_what, script, code, open) => {
    const found = run('tonic', script).findings.find((finding) => finding.code === code);
    expect(found).toBeDefined();
    expect(found!.open).toBe(open);
  });
});

test.each(['300 g strawberries, sliced, eaten too', '6 dates; to be eaten', '6 dates, eaten'])(
  'the line "%s" says so',
  (line) => {
    const step = stepFromLine(line);
    expect(step.eaten).toBe(true);
    expect(step.text).not.toMatch(/eaten/);
    expect(stepFromLine(lineFromStep(step))).toEqual(step);
  },
);
