import { analyseDrink } from '../src/analyse';
import type { Drink, DrinkKind, DrinkStep, Verb } from '../src/drink';

/** Every code has a drink that fires it and a near miss that does not. */

/** "add 30 g honey | simmer 20 min; lid ajar": verb, text, then qualifiers. */
function drink(kind: DrinkKind, script: string, more: Partial<Drink> = {}): Drink {
  const steps = script.split('|').map((line): DrinkStep => {
    const [head = '', ...qualifiers] = line.trim().split(';');
    const [verb, ...text] = head.trim().split(' ');
    const pairs = qualifiers.map((each) => {
      const [name, ...value] = each.trim().split(' ');
      return [name, value.join(' ') || true] as const;
    });
    return { verb: verb as Verb, text: text.join(' '), ...Object.fromEntries(pairs) };
  });
  return { name: 'Trial', kind, steps, ...more };
}
const analyse = (of: Drink) => {
  const analysis = analyseDrink(of);
  expect(analysis.problems).toEqual([]);
  return analysis;
};

const ORS = 'add 1 L water | add 6 level tsp white sugar';
type Pair = readonly [code: string, kind: DrinkKind, fires: string, not: string];

const CAUTIONS: readonly Pair[] = [
  ['honey-under-12-months', 'tonic', 'add 20 g honey | add 200 mL water', 'add 20 g maple syrup | add 200 mL water'],
  [
    'elder-needs-cooking',
    'tonic',
    'add 50 g dried elderberries | add 500 mL water | simmer 19 min',
    'add 50 g dried elderberries | add 500 mL water | simmer 20 min',
  ],
  [
    'elder-parts',
    'syrup',
    'add 500 g fresh elderberries | add 1 L water | simmer 25 min',
    'add 50 g dried elderberries | add 1 L water | simmer 25 min',
  ],
  [
    'hip-hairs',
    'syrup',
    'add 200 g fresh rose hips | add 1 L water | simmer 20 min | strain mesh',
    'add 200 g fresh rose hips | add 1 L water | simmer 20 min | strain fine cloth',
  ],
  ['grapefruit-medicines', 'juice', 'add 300 mL grapefruit juice', 'add 300 mL orange juice'],
  [
    'liquorice-blood-pressure',
    'tea',
    'add 3 g liquorice root | add 500 mL boiling water',
    'add 3 g fennel seed | add 500 mL boiling water',
  ],
  ['potassium-kidney', 'sport', 'add 1 g potassium chloride | add 1 L water', 'add 1 g table salt | add 1 L water'],
  ['sodium-blood-pressure', 'sport', 'add 2 g table salt | add 1 L water', 'add 0.1 g table salt | add 1 L water'],
  [
    'rehydration-salt-high',
    'rehydration',
    `${ORS} | add 1 level tsp table salt`,
    `${ORS} | add 1/2 level tsp table salt`,
  ],
  ['rehydration-salt-low', 'rehydration', `${ORS} | add 1/4 level tsp table salt`, `${ORS} | add 4 g table salt`],
  [
    'rehydration-sugar-high',
    'rehydration',
    'add 1 L water | add 45 g white sugar | add 3 g table salt',
    'add 1 L water | add 30 g white sugar | add 3 g table salt',
  ],
  [
    'rehydration-no-potassium',
    'rehydration',
    `${ORS} | add 3 g table salt`,
    `${ORS} | add 3 g table salt | add 1 g potassium chloride`,
  ],
  ['rehydration-see-clinician', 'rehydration', ORS, 'add 1 L water'],
  ['water-safety', 'rehydration', ORS, 'add 1 L water'],
  [
    'magnesium-laxative',
    'sport',
    'add 6 g magnesium citrate | add 1 L water',
    'add 2 g magnesium citrate | add 1 L water',
  ],
  [
    'bleeding-medicines',
    'tea',
    'add 60 g fresh ginger | add 1 L boiling water',
    'add 40 g fresh ginger | add 1 L boiling water',
  ],
  [
    'pregnancy-herb',
    'tea',
    'add 5 g raspberry leaf | add 500 mL boiling water',
    'add 5 g dried lemon balm | add 500 mL boiling water',
  ],
  [
    'thyroid-mint-family',
    'tea',
    'add 5 g dried lemon balm | add 500 mL boiling water',
    'add 5 g dried peppermint | add 500 mL boiling water',
  ],
  ['free-sugars', 'sport', 'add 60 g white sugar | add 1 L water', 'add 45 g white sugar | add 1 L water'],
  [
    'acid-teeth',
    'daily-hydration',
    'add 30 g lemon juice | add 1 L water',
    'add 1 g lemon juice | add 1 L hard tap water',
  ],
  ['raw-juice-vulnerable', 'juice', 'add 500 mL apple juice | heat to 69 °C', 'add 500 mL apple juice | heat to 72 °C'],
  [
    'low-acid-sealed-jar',
    'tonic',
    'add 1 L water | add 50 g carrots, sliced | simmer 20 min | strain mesh | bottle 1 x 1 L jar | store cupboard',
    'add 1 L water | add 50 g carrots, sliced | simmer 20 min | strain mesh | bottle 1 x 1 L jar | store fridge',
  ],
  [
    'sealed-ferment-pressure',
    'concentrate',
    'add 500 mL water | add 5 g citric acid | add 3 g baking soda | bottle 1 x 500 mL glass bottle',
    'add 500 mL water | add 5 g citric acid | add 0.5 g baking soda | bottle 1 x 500 mL glass bottle',
  ],
  ['alcohol-tincture', 'tonic', 'add 20 mL spirit | add 500 mL water', 'add 3 mL spirit | add 500 mL water'],
  [
    'unknown-plant',
    'tea',
    'add 30 g fresh nettle | add 500 mL boiling water',
    'add 10 g dried nettle | add 500 mL boiling water',
  ],
  [
    'seeds-pits',
    'juice',
    'add 300 g cherries | add 200 mL water | blend',
    'add 300 g raspberries | add 200 mL water | blend',
  ],
  [
    'caffeine',
    'tea',
    'add 5 g green tea | add 500 mL boiling water | steep 4 min',
    'add 5 g rooibos | add 500 mL boiling water | steep 4 min',
  ],
  ['measure-salt-level', 'sport', 'add 1 pinch table salt | add 1 L water', 'add 1/8 tsp table salt | add 1 L water'],
  [
    'cassia-coumarin',
    'tonic',
    'add 20 g ground cinnamon | add 900 mL water',
    'add 10 g ground cinnamon | add 900 mL water',
  ],
  [
    'hibiscus-blood-pressure',
    'tea',
    'add 40 g dried hibiscus | add 1 L boiling water',
    'add 20 g dried hibiscus | add 1 L boiling water',
  ],
  [
    'medicine-clash',
    'tea',
    "add 3 g St John's wort | add 500 mL boiling water",
    'add 3 g chamomile | add 500 mL boiling water',
  ],
  [
    'daisy-allergy',
    'tea',
    'add 3 g chamomile | add 500 mL boiling water',
    'add 3 g dried sage | add 500 mL boiling water',
  ],
  ['not-to-swallow', 'tea', 'add 3 g comfrey | add 500 mL boiling water', 'add 3 g mullein | add 500 mL boiling water'],
  ['seeds-swell', 'gel', 'add 30 g chia seed | add 300 mL water', 'add 30 g rolled oats | add 300 mL water'],
];

describe('cautions', () => {
  test.each(CAUTIONS)('%s', (code, kind, fires, not) => {
    expect(analyse(drink(kind, fires)).cautions.map((each) => each.code)).toContain(code);
    const other: DrinkKind = kind === 'rehydration' && fires === ORS ? 'sport' : kind;
    expect(analyse(drink(other, not)).cautions.map((each) => each.code)).not.toContain(code);
  });

  test('what went wrong in a preparation holds for the drink it goes into', () => {
    const raw = drink('syrup', 'add 100 g dried elderberries | add 500 mL water | rest 12 h | strain cloth');
    const cooked = drink('syrup', 'add 100 g dried elderberries | add 500 mL water | simmer 30 min | strain cloth');
    const using = (syrup: Drink) =>
      drink('tonic', 'use 100 mL elder | add 200 mL water', { preparations: { elder: syrup } });
    expect(analyse(using(raw)).cautions.map(({ code }) => code)).toContain('elder-needs-cooking');
    expect(analyse(using(cooked)).cautions.map(({ code }) => code)).not.toContain('elder-needs-cooking');
  });
});

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
    expect(analyse(drink(kind, fires)).findings.map((each) => each.code)).toContain(code);
    expect(analyse(drink(kind, not)).findings.map((each) => each.code)).not.toContain(code);
  });
});
