import { resizeFactor } from '../src/resize';
import { analyse, trialDrink, type Pair } from './trial-drink';

/** Every code has a drink that fires it and a near miss that does not. */

const FINDINGS: readonly Pair[] = [
  [
    'servings-disagree',
    'sport',
    'add 1 L water; note makes 8 servings | add 2 g table salt',
    'add 1 L water; note makes 2 servings | add 2 g table salt',
  ],
  [
    'amount-disagrees',
    'sport',
    'add 1 tsp table salt; note 10 g | add 1 L water',
    'add 1 tsp table salt; note 6 g | add 1 L water',
  ],
  ['spoon-for-pinch', 'juice', 'add 1 tsp table salt | add 500 mL water', 'add 1/8 tsp table salt | add 500 mL water'],
  [
    'hot-into-cold-glass',
    'tea',
    'add 500 mL water | heat to 65 °C | bottle 1 x 500 mL glass bottle',
    'add 500 mL water | heat to 60 °C | bottle 1 x 500 mL glass bottle',
  ],
  [
    'honey-too-hot',
    'tonic',
    'add 500 mL water | heat to 60 °C | add 50 g honey',
    'add 500 mL water | heat to 42 °C | add 50 g honey',
  ],
  [
    'boils-what-should-simmer',
    'tea',
    'add 1 L water | add 20 g fresh ginger, sliced | boil 10 min',
    'add 1 L water | add 20 g fresh ginger, sliced | simmer 10 min',
  ],
  [
    'vessel-overfull',
    'tea',
    'add 1.4 L water | heat to boil; pot small saucepan',
    'add 1.2 L water | heat to boil; pot small saucepan',
  ],
  [
    'jar-overfull-dried-herb',
    'vinegar-honey',
    'add 100 g dried peppermint | add 1.2 L cider vinegar | steep 28 days',
    'add 40 g dried peppermint | add 1.2 L cider vinegar | steep 28 days',
  ],
  [
    'herb-above-liquid',
    'vinegar-honey',
    'add 60 g dried peppermint | add 500 mL cider vinegar | steep 28 days',
    'add 20 g dried peppermint | add 500 mL cider vinegar | steep 28 days',
  ],
  ['serving-exceeds-batch', 'sport', 'add 470 mL water', 'add 480 mL water'],
  ['press-gives-nothing', 'juice', 'add 500 g pineapple | press by hand', 'add 500 g pineapple | press with a juicer'],
  [
    'minor-mineral-tiny',
    'dry-mix',
    'add 500 g white sugar | add 0.5 g magnesium citrate',
    'add 100 g white sugar | add 20 g magnesium citrate',
  ],
  ['uneven-mix', 'dry-mix', 'add 100 g white sugar | add 4 g table salt', 'add 100 g white sugar | add 8 g table salt'],
  [
    'fizz-order',
    'concentrate',
    'add 500 mL sparkling water | add 30 mL lemon juice',
    'add 30 mL lemon juice | add 500 mL sparkling water',
  ],
  [
    'headspace',
    'juice',
    'add 1 L apple juice | bottle 2 x 500 mL plastic bottle | store freezer',
    'add 1 L apple juice | bottle 2 x 550 mL plastic bottle; headspace 10 % | store freezer',
  ],
  [
    'process-time-altitude',
    'syrup',
    'add 1 L water | add 20 g citric acid | bottle 4 x 250 mL jar | process 10 min; altitude 1200 m',
    'add 1 L water | add 20 g citric acid | bottle 4 x 250 mL jar | process 15 min; altitude 1200 m',
  ],
  [
    'cooling-too-slow',
    'tea',
    'add 2 L water | add 20 g dried nettle | simmer 10 min | strain mesh | chill to 5 °C',
    'add 2 L water | add 20 g dried nettle | simmer 10 min | strain mesh | cool to 6 °C; in ice bath | chill to 5 °C',
  ],
  [
    'boils-what-should-simmer',
    'syrup',
    'add 1 L water | add 300 g honey; note do not boil | boil 3 min',
    'add 1 L water | add 300 g honey; note do not boil | heat to 70 °C',
  ],
  [
    'boils-what-should-simmer',
    'syrup',
    'add 1 L water | heat to 80 °C; note never let it boil | heat to boil',
    'add 1 L water | heat to boil | add 300 g honey; note never let it boil | rest 10 min',
  ],
  // In a room of 21 °C it never comes below that.
  [
    'cooling-too-slow',
    'tea',
    'add 2 L water | add 20 g dried nettle | simmer 10 min | cool to 30 °C | bottle 2 x 1 L bottle | store cupboard',
    'add 2 L water | add 20 g dried nettle | simmer 10 min | cool to 30 °C; in ice bath | bottle 2 x 1 L bottle | store fridge',
  ],
  // What is drunk from the pot is not kept.
  [
    'cooling-too-slow',
    'tea',
    'add 2 L water | add 20 g dried nettle | simmer 10 min | steep 1 h | bottle 2 x 1 L bottle',
    'add 2 L water | add 20 g dried nettle | simmer 10 min | steep 1 h',
  ],
  [
    'will-not-dissolve',
    'concentrate',
    'add 100 g water | add 50 g table salt',
    'add 100 g water | add 30 g table salt',
  ],
  [
    'not-strained',
    'tea',
    'add 10 g dried nettle | add 500 mL boiling water | steep 10 min',
    'add 10 g dried nettle | add 500 mL boiling water | steep 10 min | strain mesh',
  ],
  [
    'bitter-pith',
    'tea',
    'add 1 L water | add peel of 1 orange | simmer 15 min',
    'add 1 L water | add peel of 1 orange; note pared thin | simmer 15 min',
  ],
  [
    'no-label-date',
    'syrup',
    'add 500 g white sugar | add 250 g water | bottle 1 x 1 L bottle',
    'add 500 g white sugar | add 250 g water | bottle 1 x 1 L bottle; note label with the date',
  ],
  ['reduces-dry', 'tea', 'add 200 mL water | simmer 3 h', 'add 2 L water | simmer 3 h'],
  [
    'blender-loads',
    'juice',
    'add 1 kg apple, chopped | add 1 L water | blend',
    'add 500 g apple, chopped | add 500 mL water | blend',
  ],
  [
    'pass-strength',
    'tea',
    'add 20 g dried hibiscus | add 1 L boiling water | strain mesh | rinsePass 300 mL water',
    'add 20 g dried hibiscus | add 1 L boiling water | strain mesh',
  ],
  ['colder-already', 'tea', 'add 1 L water | cool to 60 °C', 'add 1 L boiling water | cool to 60 °C'],
];

describe('findings', () => {
  test.each(FINDINGS)('%s', (code, kind, fires, not) => {
    expect(analyse(trialDrink(kind, fires)).findings.map((each) => each.code)).toContain(code);
    expect(analyse(trialDrink(kind, not)).findings.map((each) => each.code)).not.toContain(code);
  });
});

const codes = (kind: Parameters<typeof trialDrink>[0], script: string, more = {}) =>
  analyse(trialDrink(kind, script, more)).findings.map(({ code }) => code);

test('a leaf among fruit is no powder that does not spread', () => {
  expect(codes('juice', 'add 500 g strawberries | add 2 g fresh mint')).not.toContain('uneven-mix');
  expect(codes('dry-mix', 'add 100 g white sugar | add 2 g green tea')).not.toContain('uneven-mix');
});

test('the potassium of a sachet is what it should be', () => {
  const sachet = 'add 1 L water | add 13.5 g glucose | add 2.6 g table salt | add 1.5 g potassium chloride';
  expect(codes('rehydration', sachet)).not.toContain('minor-mineral-tiny');
  expect(codes('sport', `add 1 L water | add 30 g white sugar | add 0.1 g potassium chloride`)).toContain(
    'minor-mineral-tiny',
  );
});

test('a serving of more than there is is all there is', () => {
  const small = trialDrink('sport', 'add 200 mL water | add 10 g white sugar', { serving: '250 mL' });
  const { serving, perServing } = analyse(small);
  expect(serving?.servings).toBe(1);
  expect(perServing.sugars_g).toBeCloseTo(10, 6);
  const four = resizeFactor(small, { kind: 'servings', servings: 4 });
  // Four glasses of 250 mL of what comes to 206 mL now.
  expect(four).toMatchObject({ kind: 'factor', factor: expect.closeTo(1000 / serving!.volume_mL!, 2) });
});

test('a press that gives nothing leaves the fruit as it is, and says what would do', () => {
  const { trace, findings } = analyse(trialDrink('juice', 'add 500 g pineapple | press by hand'));
  expect(trace.pot.dry).toBe(true);
  expect(trace.pot.mass_g).toBeCloseTo(500, 6);
  expect(findings.find(({ code }) => code === 'press-gives-nothing')?.text).toBe(
    'Pineapple gives no juice this way ("by hand"). Press it with blender and mesh or with blender and cloth or with a juicer.',
  );
});
