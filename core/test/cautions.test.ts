import type { Drink, DrinkKind } from '../src/drink';
import { analyse, trialDrink, type Pair } from './trial-drink';

/** Every code has a drink that fires it and a near miss that does not. */

const ORS = 'add 1 L water | add 6 level tsp white sugar';
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
    'add 200 g fresh rose hips | add 1 L water | simmer 20 min | strain fine cloth | strain fine cloth',
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
  [
    'measure-salt-level',
    'sport',
    'add 1 heaped tsp table salt | add 1 L water',
    'add 2 pinches table salt | add 1 L water',
  ],
  [
    'garlic-in-oil-or-honey',
    'tonic',
    'add 300 g honey | add 30 g garlic | store fridge',
    'add 100 g honey | add 300 g cider vinegar | add 30 g garlic | store fridge',
  ],
  [
    'potassium-too-much',
    'sport',
    'add 2 L water | add 14 g potassium chloride',
    'add 2 L water | add 5 g potassium chloride',
  ],
  ['potassium-serving', 'juice', 'add 500 mL coconut water', 'add 500 mL apple juice'],
  [
    'rehydration-potassium-high',
    'rehydration',
    `${ORS} | add 3 g potassium chloride`,
    `${ORS} | add 1.5 g potassium chloride`,
  ],
  ['soda-dose', 'sport', 'add 1 L water | add 6 g baking soda', 'add 1 L water | add 2 g baking soda'],
  ['vitamin-c-dose', 'sport', 'add 1 L water | add 10 g ascorbic acid', 'add 1 L water | add 2 g ascorbic acid'],
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
    expect(analyse(trialDrink(kind, fires)).cautions.map((each) => each.code)).toContain(code);
    const other: DrinkKind = kind === 'rehydration' && fires === ORS ? 'sport' : kind;
    expect(analyse(trialDrink(other, not)).cautions.map((each) => each.code)).not.toContain(code);
  });

  test('what went wrong in a preparation holds for the drink it goes into', () => {
    const raw = trialDrink('syrup', 'add 100 g dried elderberries | add 500 mL water | rest 12 h | strain cloth');
    const cooked = trialDrink(
      'syrup',
      'add 100 g dried elderberries | add 500 mL water | simmer 30 min | strain cloth',
    );
    const using = (syrup: Drink) =>
      trialDrink('tonic', 'use 100 mL elder | add 200 mL water', { preparations: { elder: syrup } });
    expect(analyse(using(raw)).cautions.map(({ code }) => code)).toContain('elder-needs-cooking');
    expect(analyse(using(cooked)).cautions.map(({ code }) => code)).not.toContain('elder-needs-cooking');
  });
});

describe('what is done to each glass is in the drink', () => {
  const glass = (kind: DrinkKind, script: string, ...atServing: readonly string[]) =>
    analyse(
      trialDrink(kind, script, {
        serving: '250 mL',
        atServing: atServing.map((text) => ({ verb: 'add' as const, text })),
      }),
    ).cautions.map(({ code }) => code);
  const TEA = 'add 1 L water | add 10 g dried nettle | simmer 5 min | strain cloth';
  test.each([
    ['honey in a cup', 'honey-under-12-months', 'tea', TEA, '1 tbsp honey', '1 tbsp white sugar'],
    ['grapefruit juice', 'grapefruit-medicines', 'tea', TEA, '50 mL grapefruit juice', '50 mL orange juice'],
    ['raw juice', 'raw-juice-vulnerable', 'tea', TEA, '50 mL apple juice', '50 mL coconut water'],
    [
      'potassium by the glass',
      'potassium-too-much',
      'sport',
      'add 1 L water',
      '2 g potassium chloride',
      '0.7 g potassium chloride',
    ],
    [
      'salt by the glass',
      'rehydration-salt-high',
      'rehydration',
      'add 1 L water | add 2.6 g table salt | add 13.5 g glucose',
      '1 g table salt',
      '0.2 g table salt',
    ],
  ] as const)('%s: %s', (_what, code, kind, script, fires, not) => {
    expect(glass(kind, script, fires)).toContain(code);
    expect(glass(kind, script, not)).not.toContain(code);
    expect(glass(kind, script)).not.toContain(code);
  });
});
