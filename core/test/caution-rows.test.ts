import { analyse, trialDrink } from './trial-drink';

/** Every row of every list behind a caution: each plant, fruit, strainer and kind has its own case, and its near miss. */

const codesOf = (kind: Parameters<typeof trialDrink>[0], script: string) =>
  analyse(trialDrink(kind, script)).cautions.map(({ code }) => code);

/** Plants whose mere presence is said. */
const PRESENT: Readonly<Record<string, readonly string[]>> = {
  'honey-under-12-months': ['honey'],
  'grapefruit-medicines': [
    'grapefruit',
    'grapefruit juice',
    'grapefruit peel',
    'pomelo',
    'pomelo peel',
    'tangelo',
    'bitter orange',
    'bitter orange peel',
    'bitter orange peel, dried',
    'grapefruit zest',
  ],
  'liquorice-blood-pressure': ['liquorice root, dried'],
  'bleeding-medicines': ['ginkgo leaf, dried', 'dong quai root, dried', 'reishi, dried'],
  'pregnancy-herb': [
    'pennyroyal, dried',
    'mugwort, dried',
    'senna leaf, dried',
    'juniper berries',
    'liquorice root, dried',
    'dong quai root, dried',
    'sage, dried',
    'hibiscus, dried',
    'hibiscus, fresh',
    'raspberry leaf, dried',
    'hyssop, dried',
    'black seed',
    'fenugreek seed',
    'ashwagandha root, powdered',
  ],
  'thyroid-mint-family': ['lemon balm, dried', 'lemon balm, fresh'],
  'medicine-clash': ["St John's wort"],
  'daisy-allergy': [
    'chamomile, dried',
    'chamomile, fresh',
    'calendula petals, dried',
    'echinacea root, dried',
    'yarrow, dried',
  ],
  'not-to-swallow': ['comfrey leaf, dried', 'pennyroyal, dried'],
  'seeds-swell': ['chia seed', 'psyllium husk', 'basil seed', 'flax seed'],
  'elder-parts': ['elderberries, fresh', 'elderflower, fresh'],
  'elder-needs-cooking': ['elderberries, fresh', 'elderberries, dried'],
  'hip-hairs': ['rose hips, fresh', 'rose hips, dried'],
  'unknown-plant': [
    'elderberries, fresh',
    'elderflower, fresh',
    'rose hips, fresh',
    'nettle, fresh',
    'dandelion leaf, fresh',
    'sea buckthorn berries',
    'sloes',
    'haws, fresh',
    'rowan berries',
    'chickweed, fresh',
    'cleavers, fresh',
    'spruce tips',
    'pine tips',
  ],
  'rowan-needs-cooking': ['rowan berries'],
  'aloe-latex': ['aloe gel'],
  'oxalate-stones': ['sorrel, fresh', 'rhubarb'],
};
const ALL = [...new Set(Object.values(PRESENT).flat())];

describe.each(Object.entries(PRESENT))('%s', (code, plants) => {
  test.each(plants)('is said of %s', (plant) =>
    expect(codesOf('tea', `add 0.5 g ${plant} | add 1 L boiling water`)).toContain(code),
  );
  test.each(ALL.filter((plant) => !plants.includes(plant)))('is not said of %s', (plant) =>
    expect(codesOf('tea', `add 0.5 g ${plant} | add 1 L boiling water`)).not.toContain(code),
  );
});

test.each([
  ['pennyroyal, dried', true],
  ['mugwort, dried', true],
  ['senna leaf, dried', true],
  ['juniper berries', true],
  ['liquorice root, dried', true],
  ['dong quai root, dried', true],
  ['sage, dried', true],
  ['hyssop, dried', true],
  ['black seed', true],
  ['fenugreek seed', true],
  ['ashwagandha root, powdered', true],
  ['hibiscus, dried', false],
  ['raspberry leaf, dried', false],
])('in pregnancy %s is left out altogether: %s', (plant, leftOut) => {
  const { cautions } = analyse(trialDrink('tea', `add 0.5 g ${plant} | add 1 L boiling water`));
  const { text } = cautions.find(({ code }) => code === 'pregnancy-herb')!;
  expect(text).toMatch(leftOut ? /not taken in pregnancy/ : /small food amounts/);
});

/** What is said above an amount in a serving, g. */
const AMOUNTS: readonly (readonly [code: string, plant: string, line_g: number])[] = [
  ['bleeding-medicines', 'ginger, fresh', 10],
  ['bleeding-medicines', 'ginger, ground', 2],
  ['bleeding-medicines', 'ginger pieces, dried', 2],
  ['bleeding-medicines', 'turmeric, ground', 3],
  ['bleeding-medicines', 'turmeric pieces, dried', 3],
  ['bleeding-medicines', 'turmeric, fresh', 12],
  ['bleeding-medicines', 'garlic', 6.6],
  ['pregnancy-herb', 'ginger, fresh', 10],
  ['pregnancy-herb', 'ginger, ground', 1],
  ['pregnancy-herb', 'ginger pieces, dried', 1],
  ['pregnancy-herb', 'turmeric, ground', 1],
  ['pregnancy-herb', 'turmeric pieces, dried', 1],
  ['pregnancy-herb', 'turmeric, fresh', 5],
  ['pregnancy-herb', 'cinnamon stick', 1],
  ['pregnancy-herb', 'cinnamon, ground', 1],
  ['cassia-coumarin', 'cinnamon stick', 2],
  ['cassia-coumarin', 'cinnamon, ground', 2],
  ['hibiscus-blood-pressure', 'hibiscus, dried', 5],
];
test.each(AMOUNTS)('%s is said of %s above %d g in a serving, and not below', (code, plant, line_g) => {
  const inServing = (wanted_g: number) => {
    // What a plant drinks up is not served: found by trying.
    let grams = 4 * wanted_g;
    for (let round = 0; round < 6; round += 1) {
      const { serving } = analyse(trialDrink('tea', `add ${grams} g ${plant} | add 1 L boiling water`));
      grams = wanted_g * serving!.servings;
    }
    return codesOf('tea', `add ${grams} g ${plant} | add 1 L boiling water`);
  };
  expect(inServing(1.05 * line_g)).toContain(code);
  expect(inServing(0.95 * line_g)).not.toContain(code);
});

const PITTED = [
  'sour cherries',
  'sweet cherries',
  'plums',
  'apricots',
  'peaches',
  'apples',
  'apple peel and core',
  'sloes',
];
test.each(PITTED.flatMap((fruit) => ['blend', 'mash', 'mill'].map((verb) => [verb, fruit] as const)))(
  'to %s %s breaks pits; in the pot whole they do no harm',
  (verb, fruit) => {
    const script = `add 300 g ${fruit} | add 500 mL water`;
    expect(codesOf('juice', `${script} | ${verb}`)).toContain('seeds-pits');
    expect(codesOf('juice', `${script} | simmer 10 min`)).not.toContain('seeds-pits');
    expect(codesOf('juice', `add 500 mL water | add 50 g raspberries | ${verb} | add 300 g ${fruit}`)).not.toContain(
      'seeds-pits',
    );
  },
);

test.each([
  ['paper', false],
  ['paper filter', false],
  ['fine filter', false],
  ['cloth', true],
  ['fine cloth', true],
  ['muslin', true],
  ['fine sieve', true],
  ['mesh', true],
  ['colander', true],
  ['cloth | strain cloth', false],
  ['fine sieve | strain muslin', false],
  ['mesh | strain cloth', true],
  ['mesh | strain paper', false],
])('hairs of hips come through a strainer of %s: %s', (strainer, through) => {
  const codes = codesOf('syrup', `add 200 g fresh rose hips | add 1 L water | simmer 20 min | strain ${strainer}`);
  expect(codes.includes('hip-hairs')).toBe(through);
});

const UNDER_OIL = ['garlic', 'fresh ginger', 'fresh turmeric', 'fresh rosemary', 'fresh thyme', 'onion'];
test.each(UNDER_OIL)('%s under oil is for the fridge, and stops what is for a warm place', (plant) => {
  const severity = (script: string) =>
    analyse(trialDrink('tonic', script)).cautions.find(({ code }) => code === 'garlic-in-oil-or-honey')?.severity;
  const jar = `add 300 g olive oil | add 30 g ${plant}`;
  expect(severity(jar)).toBe('warn');
  expect(severity(`${jar} | store fridge`)).toBe('warn');
  expect(severity(`${jar} | store cupboard`)).toBe('stop');
  expect(severity(`${jar} | store cool room`)).toBe('stop');
  // A spoon of oil on a soup is not a jar of oil.
  expect(severity(`add 300 g water | add 20 g olive oil | add 30 g ${plant}`)).toBeUndefined();
});
test.each([
  ['add 300 g honey | add 30 g garlic', true],
  ['add 300 g honey | add 30 g fresh ginger', false],
  ['add 100 g honey | add 200 g cider vinegar | add 30 g garlic', false],
  ['add 300 g olive oil | add 10 g turmeric, ground', false],
])('%s is garlic in honey: %s', (script, said) =>
  expect(codesOf('tonic', script).includes('garlic-in-oil-or-honey')).toBe(said),
);

test.each([
  ['daily-hydration', true],
  ['tea', true],
  ['juice', true],
  ['syrup', false],
  ['concentrate', false],
  ['vinegar-honey', false],
] as const)('a sour %s is for teeth: %s', (kind, said) =>
  expect(codesOf(kind, 'add 30 g lemon juice | add 1 L water').includes('acid-teeth')).toBe(said),
);

test.each(['cupboard', 'cool room'] as const)('what is not sour is not sealed for the %s', (place) => {
  const jar = (rest: string) => `add 1 L water | add 50 g carrots, sliced | simmer 20 min | strain mesh${rest}`;
  expect(codesOf('tonic', jar(` | bottle 1 x 1 L jar | store ${place}`))).toContain('low-acid-sealed-jar');
  expect(codesOf('tonic', jar(` | store ${place}`))).not.toContain('low-acid-sealed-jar');
  expect(codesOf('tonic', jar(' | bottle 1 x 1 L jar | process 10 min | store fridge'))).toContain(
    'low-acid-sealed-jar',
  );
});

const CLOSED = 'bottle 1 x 500 mL glass bottle | store';
test.each([
  ['raw juice in the cupboard', `add 500 mL apple juice | ${CLOSED} cupboard`, true],
  ['raw juice in a cool room', `add 500 mL apple juice | ${CLOSED} cool room`, true],
  ['in the fridge', `add 500 mL apple juice | ${CLOSED} fridge`, false],
  ['not closed', 'add 500 mL apple juice | store cupboard', false],
  ['heated', `add 500 mL apple juice | heat to 85 °C | ${CLOSED} cupboard`, false],
  ['of little sugar', `add 20 mL lemon juice | add 480 mL water | ${CLOSED} cupboard`, false],
  ['a syrup', `add 200 mL apple juice | add 500 g white sugar | ${CLOSED} cupboard`, false],
  ['coconut water', `add 500 mL coconut water | ${CLOSED} cupboard`, false],
] as const)('what ferments must not be closed and warm: %s', (_what, script, said) =>
  expect(codesOf('juice', script).includes('sealed-ferment-pressure')).toBe(said),
);

/** A litre that is served by the half. */
const SOLUTION = 'add 1 L water | add 20 g glucose';
test.each([
  ['potassium-kidney', 'sport', 'add 0.08 g potassium chloride', 'add 0.07 g potassium chloride'],
  // Potassium chloride has 13.4 mmol of potassium a gram.
  ['potassium-too-much', 'sport', 'add 3.1 g potassium chloride', 'add 2.9 g potassium chloride'],
  ['potassium-serving', 'sport', 'add 1.55 g potassium chloride', 'add 1.4 g potassium chloride'],
  ['rehydration-potassium-high', 'rehydration', 'add 2 g potassium chloride', 'add 1.8 g potassium chloride'],
  ['soda-dose', 'sport', 'add 2.5 g baking soda', 'add 2.3 g baking soda'],
  ['vitamin-c-dose', 'sport', 'add 4.2 g ascorbic acid', 'add 3.8 g ascorbic acid'],
  ['sodium-blood-pressure', 'sport', 'add 0.27 g table salt', 'add 0.24 g table salt'],
  // 600 mg of sodium in a serving of half a litre are 3.05 g of salt in a litre.
  ['sodium-serving', 'sport', 'add 3.1 g table salt', 'add 3 g table salt'],
] as const)('%s begins where it is said to', (code, kind, above, below) => {
  expect(codesOf(kind, `${SOLUTION} | ${above}`)).toContain(code);
  expect(codesOf(kind, `${SOLUTION} | ${below}`)).not.toContain(code);
});

describe('potassium', () => {
  const caution = (code: string, script: string) =>
    analyse(trialDrink('sport', `${SOLUTION} | ${script}`)).cautions.find((each) => each.code === code);

  test.each([
    ['potassium-too-much', 'add 12 g potassium chloride', 20],
    ['potassium-kidney', 'add 2 g potassium chloride', 10],
    ['potassium-too-much', 'add 6 g potassium chloride | add 6 g tripotassium citrate', 20],
  ])('%s of “%s” names what gets under the line', (code, script, line_mmol) => {
    const said = caution(code, script)!.text;
    const doses = [...said.matchAll(/([\d.,]+) (m?g) (potassium chloride|tripotassium citrate monohydrate)/g)];
    expect(doses).toHaveLength(script.split('|').length);
    const again = doses.map(([, amount, unit, name]) => `add ${amount} ${unit} ${name}`).join(' | ');
    const { perServing } = analyse(trialDrink('sport', `${SOLUTION} | ${again}`));
    const added_mmol = perServing.potassium_mg / 39.098;
    expect(added_mmol).toBeLessThan(line_mmol + 0.1);
    expect(added_mmol).toBeGreaterThan(0.9 * line_mmol);
  });

  test('from fruit alone is a note, and a warning when it is very much', () => {
    const juice = (millilitres: number) =>
      analyse(
        trialDrink('juice', `add ${millilitres} mL coconut water`, { serving: `${millilitres} mL` }),
      ).cautions.find(({ code }) => code === 'potassium-serving')?.severity;
    expect([juice(100), juice(300), juice(600)]).toEqual([undefined, 'note', 'warn']);
  });
});

test.each([
  ['1 pinch table salt', 'two pinches are two pinches', false],
  ['2 pinches sea salt', 'two pinches are two pinches', false],
  ['1 heaped tsp table salt', 'a heaped spoon of salt is a lot', true],
  ['1 pinch potassium chloride', 'of potassium even a pinch', true],
  ['1 pinch baking soda', 'of soda even a pinch', true],
  ['1 pinch magnesium citrate', 'of magnesium even a pinch', true],
])('%s in a litre is to be measured level: %s', (salt, _why, said) =>
  expect(codesOf('sport', `add ${salt} | add 1 L water`).includes('measure-salt-level')).toBe(said),
);

test('a spirit is never told that it needs acid to keep', () => {
  const liqueur = (spirit_mL: number) =>
    codesOf('tonic', `add ${spirit_mL} mL spirit | add 500 mL water | add 50 g carrots, sliced | ${CLOSED} cupboard`);
  expect(liqueur(800)).not.toContain('low-acid-sealed-jar');
  expect(liqueur(100)).toContain('low-acid-sealed-jar');
});
