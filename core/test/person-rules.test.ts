import { type Person } from '../src/household';
import {
  ALLERGENS,
  FROM_ANIMALS,
  PERSON_RULES,
  drinkFactsOf,
  namedCautions,
  namedSummary,
  personCautions,
} from '../src/people';
import { ingredientById } from '../src/catalogue';
import type { DrinkKind } from '../src/drink';
import { analyse, trialDrink } from './trial-drink';
import { NOW, aged, trialPerson } from './trial-person';

const codesFor = (person: Person, kind: DrinkKind, script: string) =>
  personCautions(drinkFactsOf(analyse(trialDrink(kind, script))), 'p', person, NOW).map(({ code }) => code);

/** Somebody it is about, somebody it is just not about; a drink that fires it, and one that just does not. */
type Row = readonly [code: string, about: Person, notAbout: Person, kind: DrinkKind, fires: string, not: string];

const SALTY = 'add 2 g table salt | add 1 L water';
const GRAPEFRUIT = 'add 200 mL grapefruit juice | heat to 90 °C | add 200 mL water';
const ORANGE = 'add 200 mL orange juice | heat to 90 °C | add 200 mL water';
const WORT = "add 2 g St John's wort | add 250 mL boiling water";
const MINT = 'add 2 g peppermint, dried | add 250 mL boiling water';
const RAW = 'add 200 mL apple juice';
const HEATED = 'add 200 mL apple juice | heat to 75 °C';
const TINCTURE = 'add 20 mL herbal tincture | add 100 mL water';
const DROPS = 'add 1 mL herbal tincture | add 1 L water';
const adult = trialPerson();
const having = (...facts: Parameters<typeof trialPerson>[1][]) => trialPerson({}, ...facts);

const ROWS: readonly Row[] = [
  [
    'honey-infant',
    aged(11),
    aged(12),
    'tea',
    'add 5 g honey | add 250 mL water',
    'add 5 g white sugar | add 250 mL water',
  ],
  ['milk-only', aged(11), aged(12), 'tea', 'add 1 g table salt | add 1 L water', 'add 1 L water'],
  ['home-rehydration-child', aged(167), aged(168), 'rehydration', SALTY, ''],
  [
    'herbs-child',
    aged(143),
    aged(144),
    'tea',
    'add 4 g thyme, dried | add 1 L boiling water',
    'add 0.3 g thyme, dried | add 1 L boiling water',
  ],
  ['alcohol-child', aged(215), aged(216), 'tonic', TINCTURE, DROPS],
  [
    'caffeine-child',
    aged(215),
    aged(216),
    'tea',
    'add 2 g black tea | add 250 mL boiling water | steep 5 min',
    'add 0.1 g black tea | add 250 mL boiling water | steep 5 min',
  ],
  [
    'soda-child',
    aged(71),
    aged(72),
    'tonic',
    'add 0.2 g baking soda | add 250 mL water',
    'add 0.2 g table salt | add 250 mL water',
  ],
  [
    'sugar-toddler',
    aged(23),
    aged(24),
    'tea',
    'add 5 g white sugar | add 250 mL water',
    'add 0.1 g white sugar | add 250 mL water',
  ],
  ['raw-juice-age', aged(59), aged(60), 'juice', RAW, HEATED],
  ['raw-juice-age', trialPerson({ group: 'elder' }), adult, 'juice', RAW, HEATED],
  [
    'pregnancy-plants',
    having('pregnant'),
    having('nursing'),
    'tea',
    'add 0.5 g sage, dried | add 250 mL boiling water',
    MINT,
  ],
  ['pregnancy-plants', having('pregnant'), adult, 'tonic', DROPS, MINT],
  [
    'pregnancy-little',
    having('pregnant'),
    having('nursing'),
    'tea',
    'add 0.5 g hibiscus, dried | add 250 mL boiling water',
    'add 0.5 g ginger, ground | add 250 mL boiling water',
  ],
  [
    'caffeine-mother',
    having('nursing'),
    adult,
    'tea',
    'add 8 g black tea | add 250 mL boiling water | steep 10 min',
    'add 1 g black tea | add 250 mL boiling water | steep 5 min',
  ],
  ['alcohol-mother', having('pregnant'), adult, 'tonic', TINCTURE, DROPS],
  ['raw-juice-health', having('immune'), having('liver'), 'juice', RAW, HEATED],
  [
    'potassium-builds-up',
    having('kidneys'),
    having('heart'),
    'tonic',
    'add 0.05 g potassium chloride | add 250 mL water',
    'add 1 g table salt | add 250 mL water',
  ],
  [
    'potassium-builds-up',
    having('ace-inhibitor'),
    having('pressure-tablets'),
    'juice',
    'add 260 mL carrot juice',
    'add 60 mL carrot juice | add 200 mL water',
  ],
  [
    'magnesium-kidneys',
    having('kidneys'),
    having('heart'),
    'tonic',
    'add 1 g magnesium citrate | add 250 mL water',
    SALTY,
  ],
  ['salt-pressure', having('blood-pressure'), having('diabetes'), 'sport', SALTY, 'add 250 mL water'],
  [
    'liquorice-health',
    having('diuretic'),
    having('thyroid'),
    'tea',
    'add 1 g liquorice root, dried | add 250 mL boiling water',
    MINT,
  ],
  [
    'sugar-diabetes',
    having('diabetes'),
    having('thyroid'),
    'tea',
    'add 18 g honey | add 240 mL water',
    'add 3 g honey | add 240 mL water',
  ],
  [
    'turmeric-liver',
    having('liver'),
    having('heart'),
    'tea',
    'add 3 g turmeric, ground | add 250 mL boiling water | steep 20 min',
    MINT,
  ],
  [
    'lemon-balm',
    having('sedative'),
    having('reflux'),
    'tea',
    'add 1 g lemon balm, dried | add 250 mL boiling water',
    MINT,
  ],
  [
    'mint-reflux',
    having('reflux'),
    having('thyroid'),
    'tea',
    MINT,
    'add 1 g lemon balm, dried | add 250 mL boiling water',
  ],
  [
    'vinegar-stomach',
    having('reflux'),
    having('thyroid'),
    'tonic',
    'add 10 mL cider vinegar | add 240 mL water',
    'add 2 mL cider vinegar | add 240 mL water',
  ],
  [
    'vitamin-c-stones',
    having('kidney-stones'),
    having('kidneys'),
    'tea',
    'add 1.6 g ascorbic acid | add 250 mL water',
    'add 0.5 g ascorbic acid | add 250 mL water',
  ],
  [
    'oxalate-stones',
    having('kidney-stones'),
    having('kidneys'),
    'juice',
    'add 50 g rhubarb | add 250 mL boiling water',
    MINT,
  ],
  [
    'elder-immune',
    having('immune-medicine'),
    having('liver'),
    'tea',
    'add 10 g elderberries, dried | add 300 mL water | simmer 30 min',
    MINT,
  ],
  ['grapefruit-medicine', having('other-medicine'), having('pregnant'), 'juice', GRAPEFRUIT, ORANGE],
  ['st-johns-wort-medicine', having('chloroquine'), having('kidneys'), 'tea', WORT, MINT],
  [
    'minerals-apart',
    having('thyroid-tablet'),
    having('thyroid'),
    'tonic',
    'add 1 g calcium citrate | add 250 mL water',
    SALTY,
  ],
  [
    'bleeding',
    having('surgery'),
    having('heart'),
    'tea',
    'add 20 g ginger, fresh | add 250 mL boiling water',
    'add 1 g ginger, fresh | add 250 mL boiling water',
  ],
  ['alcohol-medicine', having('no-alcohol-medicine'), having('other-medicine'), 'tonic', TINCTURE, DROPS],
  [
    'hibiscus-pressure',
    having('pressure-tablets'),
    having('blood-pressure'),
    'tea',
    'add 3 g hibiscus, dried | add 250 mL boiling water',
    'add 0.1 g hibiscus, dried | add 250 mL boiling water',
  ],
  [
    'not-vegan',
    having('vegan'),
    adult,
    'tonic',
    'add 5 g honey | add 250 mL water',
    'add 5 g white sugar | add 250 mL water',
  ],
  [
    'wants-no-alcohol',
    having('no-alcohol'),
    adult,
    'tonic',
    'add 10 mL herbal tincture | add 240 mL water',
    'add 250 mL water',
  ],
  [
    'wants-no-caffeine',
    having('no-caffeine'),
    adult,
    'tea',
    'add 2 g green tea | add 250 mL boiling water | steep 3 min',
    MINT,
  ],
  [
    'allergy-daisies',
    having('daisies'),
    having('bees'),
    'tea',
    'add 1 g chamomile, fresh | add 250 mL boiling water',
    MINT,
  ],
  ['allergy-bees', having('bees'), having('daisies'), 'tea', 'add 5 g honey | add 250 mL water', MINT],
  [
    'allergy-milk',
    having('milk'),
    having('soya'),
    'tonic',
    'add 50 mL milk | add 200 mL water',
    'add 50 mL oat drink | add 200 mL water',
  ],
  ['allergy-egg', having('egg'), having('milk'), 'tonic', 'add 50 g egg | add 200 mL milk', 'add 200 mL milk'],
  [
    'allergy-tree-nuts',
    having('tree-nuts'),
    having('peanuts'),
    'tonic',
    'add 200 mL almond drink',
    'add 200 mL oat drink',
  ],
  [
    'allergy-peanuts',
    having('peanuts'),
    having('tree-nuts'),
    'tonic',
    'add 10 g peanut butter | add 200 mL oat drink',
    'add 10 g almond butter | add 200 mL oat drink',
  ],
  ['allergy-soya', having('soya'), having('milk'), 'tonic', 'add 200 mL soya drink', 'add 200 mL milk'],
  [
    'allergy-gluten',
    having('gluten'),
    having('milk'),
    'tonic',
    'add 20 g pearl barley | add 1 L water | simmer 30 min',
    MINT,
  ],
  ['allergy-celery', having('celery'), having('gluten'), 'juice', 'add 100 mL celery juice', RAW],
];

test.each(ROWS)('%s: fires, and neither for others nor for other drinks', (code, about, notAbout, kind, fires, not) => {
  expect(codesFor(about, kind, fires)).toContain(code);
  expect(codesFor(notAbout, kind, fires)).not.toContain(code);
  if (not) expect(codesFor(about, kind, not)).not.toContain(code);
});

test('a home mix for a child is told of by what kind of drink it is', () => {
  expect(codesFor(aged(90), 'sport', SALTY)).not.toContain('home-rehydration-child');
});

test('potassium that a clinic has drawn a line for is up to the line, and one of their own is none', () => {
  const codes = (from: 'clinic' | 'own') =>
    codesFor(
      trialPerson({ lines: { addedPotassium_mg: { most: 400, from } } }, 'ace-inhibitor'),
      'tea',
      'add 0.5 g potassium chloride | add 250 mL water',
    );
  expect(codes('clinic')).not.toContain('potassium-builds-up');
  expect(codes('own')).toContain('potassium-builds-up');
});

test('every rule has its row', () => {
  const rows = new Set(ROWS.map(([code]) => code));
  expect(PERSON_RULES.map(({ code }) => code).filter((code) => !rows.has(code))).toEqual([]);
});

test('everything that an allergy or a choice names stands in the catalogue', () => {
  const ids = [...Object.values(ALLERGENS).flatMap((each): readonly string[] => each.ids), ...FROM_ANIMALS];
  for (const id of ids) expect(ingredientById(id).id).toBe(id);
});

test('cautions name the person, gravest first, and a baby is told one thing', () => {
  const facts = drinkFactsOf(analyse(trialDrink('tea', 'add 18 g honey | add 1 g table salt | add 200 mL water')));
  const wren = { ...aged(5), name: 'Wren' };
  expect(personCautions(facts, 'w', wren, NOW).map(({ title }) => title)).toEqual([
    'Not for Wren: honey',
    'Not for Wren: nothing but milk at this age',
  ]);
  const pia = trialPerson({}, 'diabetes', 'blood-pressure', 'vegan');
  expect(personCautions(facts, 'p', pia, NOW).map(({ severity }) => severity)).toEqual(['stop', 'warn', 'note']);
});

test('what is only in the glass counts too', () => {
  const drink = trialDrink('tea', 'add 1 L water', {
    serving: '200 mL',
    atServing: [{ verb: 'add', text: '1 tsp honey' }],
  });
  const facts = drinkFactsOf(analyse(drink));
  expect(personCautions(facts, 'p', trialPerson({}, 'vegan'), NOW)[0]?.code).toBe('not-vegan');
});

test('what is the same for several is said once, and a baby once', () => {
  const facts = drinkFactsOf(analyse(trialDrink('tea', 'add 5 g honey | add 1 g table salt | add 250 mL water')));
  const named = (name: string, person: Person) => ({ ...person, name });
  const people = {
    c: named('Wren', aged(5)),
    b: named('Juno', trialPerson({}, 'vegan')),
    a: named('Ada', trialPerson({}, 'vegan', 'heart')),
    d: named('Marek', trialPerson({}, 'blood-pressure')),
  };
  const said = namedCautions(facts, people, NOW);
  expect(said.map(({ title }) => title)).toEqual([
    'Not for Ada and Juno: not vegan',
    'Not for Wren: honey',
    'With care for Ada and Marek: added salt',
  ]);
  expect(namedSummary(said)).toBe('Not for Ada, Juno and Wren. With care for Marek.');
  expect(namedSummary(namedCautions(facts, {}, NOW))).toBe('');
});
