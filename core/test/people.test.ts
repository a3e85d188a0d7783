import {
  HOUSEHOLD_LIMITS,
  NOBODY,
  householdOf,
  ageOf,
  ageWords,
  madeForOf,
  personAt,
  withMadeFor,
  withRow,
  withoutPerson,
  type AgeGroup,
  type Household,
  type Person,
} from '../src/household';
import {
  LINE_ROWS,
  NO_INTAKE,
  dailyLines,
  drinkFactsOf,
  intakeOf,
  intakeSum,
  lineRow,
  linesCrossedBy,
  plantFamily,
} from '../src/people';
import { molarMass } from '../src/catalogue';
import { ATOMIC_WEIGHTS } from '../src/liquid';
import { analyse, trialDrink } from './trial-drink';
import { NOW, aged, trialPerson } from './trial-person';

test.each<[string, string, number, AgeGroup, string]>([
  // Born in the month, so no more than so old for certain.
  ['2025-11', '12 months is not yet sure in the month of the birthday', 11, 'infant', '11 months'],
  ['2025-10', 'a year', 12, 'toddler', '12 months'],
  ['2026-05', 'a baby', 5, 'infant', '5 months'],
  ['2019-05', 'a child', 89, 'child', '7 years'],
  ['2013-01', 'an older child', 165, 'older-child', '13 years'],
  ['2009-01', 'a teenager', 213, 'teenager', '17 years'],
  ['1986-03', 'a grown-up', 487, 'adult', ''],
  ['1961-10', 'an elder', 780, 'elder', '65 years'],
])('%s is %s', (born, _what, months, group, words) => {
  expect(ageOf({ born, group: 'adult' }, NOW)).toEqual({ group, months });
  expect(ageWords({ born, group: 'adult' }, NOW)).toBe(words);
});

test('a group alone counts as its youngest, and a month that is none is refused', () => {
  expect(ageOf({ born: null, group: 'child' }, NOW)).toEqual({ group: 'child', months: 48 });
  expect(ageWords({ born: null, group: 'child' }, NOW)).toBe('4 to 8 years');
  expect(() => ageOf({ born: '2026-13', group: 'adult' }, NOW)).toThrow(RangeError);
});

/** The most a day, by line and person. Sources stand with the rows. */
test.each<[string, Person, number]>([
  ['sodium_mg', aged(24), 1200],
  ['sodium_mg', aged(50), 1500],
  ['sodium_mg', aged(110), 1800],
  ['sodium_mg', trialPerson(), 2300],
  ['addedPotassium_mg', trialPerson(), 1564],
  ['addedPotassium_mg', trialPerson({}, 'kidneys'), 0],
  ['sugars_g', aged(20), 0],
  ['sugars_g', aged(60), 19],
  ['sugars_g', aged(90), 24],
  ['sugars_g', trialPerson(), 50],
  ['addedMagnesium_mg', aged(24), 65],
  ['addedMagnesium_mg', aged(60), 110],
  ['addedMagnesium_mg', trialPerson(), 350],
  ['addedMagnesium_mg', trialPerson({}, 'kidneys'), 0],
  ['caffeine_mg', trialPerson(), 400],
  ['caffeine_mg', trialPerson({}, 'pregnant'), 200],
  ['caffeine_mg', trialPerson({}, 'nursing'), 200],
  ['caffeine_mg', aged(90), 0],
  ['vitaminC_mg', aged(24), 400],
  ['vitaminC_mg', aged(60), 650],
  ['vitaminC_mg', trialPerson({ group: 'older-child' }), 1200],
  ['vitaminC_mg', trialPerson({ group: 'teenager' }), 1800],
  ['vitaminC_mg', trialPerson(), 2000],
  ['vitaminC_mg', trialPerson({}, 'kidney-stones'), 1000],
  ['plant:cinnamon', trialPerson(), 2],
  ['plant:cinnamon', trialPerson({ weight_kg: 90 }), 3],
  ['plant:ginger', trialPerson(), 2],
  ['plant:ginger', trialPerson({}, 'pregnant'), 1],
  ['plant:turmeric', trialPerson(), 3],
  ['plant:hibiscus', trialPerson(), 10],
  ['plant:liquorice-root', trialPerson(), 2],
  ['plant:liquorice-root', trialPerson({}, 'pregnant'), 0],
])('the line of %s', (key, person, most) => {
  const at = personAt(person, NOW);
  const line = dailyLines(at).find((each) => each.key === key)!;
  expect(line.most).toBeCloseTo(most, 6);
  expect(line.from).toBe('usual');
  const of = (amount: number) =>
    key.startsWith('plant:') ? { ...NO_INTAKE, plants_g: { [key.slice(6)]: amount } } : { ...NO_INTAKE, [key]: amount };
  // At the line nothing is crossed, a little above it is.
  const keysCrossed = (amount: number) => linesCrossedBy(at, NO_INTAKE, of(amount)).map((each) => each.line.key);
  if (most > 0) expect(keysCrossed(most)).not.toContain(key);
  expect(keysCrossed(most + 0.01)).toContain(key);
  expect(linesCrossedBy(at, of(most), NO_INTAKE)).toEqual([]);
});

test('every line that there is has a case', () => {
  expect(LINE_ROWS).toHaveLength(11);
});

test('a line of one’s own comes before the usual one', () => {
  const wilf = personAt(trialPerson({ lines: { addedPotassium_mg: { most: 400, from: 'clinic' } } }), NOW);
  const [first, ...others] = dailyLines(wilf);
  expect(first).toMatchObject({ key: 'addedPotassium_mg', most: 400, from: 'clinic', source: 'Their clinic' });
  expect(others.map(({ key }) => key)).not.toContain('addedPotassium_mg');
});

test('any plant can have a line of one’s own, and nonsense none', () => {
  const lines = { 'plant:nettle': { most: 3, from: 'own' }, nonsense: { most: 1, from: 'own' } } as const;
  expect(dailyLines(personAt(trialPerson({ lines }), NOW))[0]).toMatchObject({ name: 'Nettle, dried', most: 3 });
  expect(lineRow('nonsense')).toBeUndefined();
});

test('forms of a plant are one family', () => {
  expect(['ginger-fresh', 'ginger-ground', 'cinnamon-stick', 'ceylon-cinnamon-stick'].map(plantFamily)).toEqual([
    'ginger',
    'ginger',
    'cinnamon',
    'ceylon-cinnamon',
  ]);
});

test('what a pour brings is counted from masses', () => {
  const drink = trialDrink(
    'sport',
    'add 2 g table salt | add 1 g potassium chloride | add 40 g white sugar | add 960 mL water',
    {
      serving: '250 mL',
    },
  );
  const analysis = analyse(drink);
  const servings = analysis.serving!.servings;
  const all = intakeOf(drinkFactsOf(analysis), servings);
  // 2 g NaCl, 1 g KCl: by their formulas; tap water brings some sodium of its own, no potassium salt.
  expect(all.addedPotassium_mg).toBeCloseTo((1000 * (ATOMIC_WEIGHTS.K as number)) / molarMass('KCl'), 1);
  expect(all.sodium_mg / ((2000 * (ATOMIC_WEIGHTS.Na as number)) / molarMass('NaCl'))).toBeCloseTo(1, 1);
  expect(all.sugars_g).toBeCloseTo(40, 1);
  const twice = intakeSum([all, all]);
  expect(twice.sugars_g).toBeCloseTo(80, 1);
});

test('a plant in the drink counts as dried plant, summed over pours', () => {
  const facts = drinkFactsOf(
    analyse(trialDrink('tea', 'add 2 g ginger, ground | add 250 mL boiling water | steep 10 min')),
  );
  const { plants_g } = intakeSum([intakeOf(facts, 1), intakeOf(facts, 1)]);
  expect(plants_g['ginger']).toBeGreaterThan(2);
  expect(plants_g['ginger']).toBeLessThanOrEqual(4);
});

const PLAN = {
  drinkId: 'd',
  amount_mL: 5,
  begins: NOW.toISOString(),
  phases: [],
  from_min: 480,
  to_min: 1200,
  ended: null,
};
const SWEAT = {
  before_kg: 70,
  after_kg: 69,
  drunk_mL: 0,
  urine_mL: 0,
  minutes: 60,
  clothes: 'none',
  marks: 'none',
  at: NOW.toISOString(),
} as const;
const SHEET = { begins: NOW.toISOString(), entries: {}, signs: {}, ended: null };
const TWO: Household = {
  people: { wren: aged(5), tam: aged(90) },
  spoonPlans: {
    both: { ...PLAN, people: { wren: true, tam: true }, skipped: { 'wren@x': true, 'tam@x': true } },
    one: { ...PLAN, people: { wren: true }, skipped: {} },
  },
  sweatTests: { a: { ...SWEAT, personId: 'wren' }, b: { ...SWEAT, personId: 'tam' } },
  sheets: { a: { ...SHEET, personId: 'wren' }, b: { ...SHEET, personId: 'tam' } },
  madeFor: { alone: { wren: true }, both: { wren: true, tam: true } },
};

test('with a person goes all that was kept of them', () => {
  const left = withoutPerson(TWO, 'wren');
  expect(JSON.stringify(left)).not.toContain('wren');
  expect(Object.keys(left.spoonPlans)).toEqual(['both']);
  expect([Object.keys(left.people), Object.keys(left.sweatTests), Object.keys(left.sheets)]).toEqual([
    ['tam'],
    ['b'],
    ['b'],
  ]);
  expect(left.madeFor).toEqual({ both: { tam: true } });
});

test('of a household one person sees themselves, and of what is shared their own part', () => {
  expect(householdOf(TWO, 'tam')).toEqual({
    people: { tam: TWO.people.tam },
    spoonPlans: { both: { ...PLAN, people: { tam: true }, skipped: { 'tam@x': true } } },
    sweatTests: { b: TWO.sweatTests.b },
    sheets: { b: TWO.sheets.b },
  });
  expect([householdOf(TWO, null), householdOf(TWO, 'gone')]).toEqual([NOBODY, NOBODY]);
});

test('whom a drink is made for, as long as they are there; for nobody it is for everybody', () => {
  const household: Household = { ...NOBODY, people: { tam: aged(90), wren: aged(5) } };
  const made = withMadeFor(household, 'd', ['tam', 'gone']);
  expect(madeForOf(made, 'd')).toEqual(['tam']);
  expect(madeForOf(made, 'other')).toEqual([]);
  expect(withMadeFor(made, 'd', []).madeFor).toEqual({});
  let full = household;
  for (let index = 0; index <= HOUSEHOLD_LIMITS.madeFor; index += 1) full = withMadeFor(full, `d${index}`, ['tam']);
  expect(Object.keys(full.madeFor!)).toHaveLength(HOUSEHOLD_LIMITS.madeFor);
  expect([madeForOf(full, 'd0'), madeForOf(full, `d${HOUSEHOLD_LIMITS.madeFor}`)]).toEqual([[], ['tam']]);
});

describe('what is kept has room', () => {
  const test_ = (index: number) => ({
    personId: 'p',
    at: new Date(NOW.getTime() + 60_000 * index).toISOString(),
    before_kg: 70,
    after_kg: 69,
    drunk_mL: 0,
    urine_mL: 0,
    minutes: 60,
    clothes: 'none' as const,
    marks: 'none' as const,
  });
  test('of a part that is full the oldest makes room, and a row that changes takes none', () => {
    let house = NOBODY;
    for (let index = 0; index < HOUSEHOLD_LIMITS.sweatTests + 3; index += 1)
      house = withRow(house, 'sweatTests', `t${index}`, test_(index));
    expect(Object.keys(house.sweatTests)).toHaveLength(HOUSEHOLD_LIMITS.sweatTests);
    expect([house.sweatTests['t2'], house.sweatTests['t3']?.at]).toEqual([undefined, test_(3).at]);
    const changed = withRow(house, 'sweatTests', 't9', { ...test_(9), minutes: 90 });
    expect(Object.keys(changed.sweatTests)).toHaveLength(HOUSEHOLD_LIMITS.sweatTests);
    expect(changed.sweatTests['t9']!.minutes).toBe(90);
  });
  test('nobody is thrown out for somebody else', () => {
    let house = NOBODY;
    for (let index = 0; index <= HOUSEHOLD_LIMITS.people; index += 1)
      house = withRow(house, 'people', `p${index}`, trialPerson());
    expect(Object.keys(house.people)).toHaveLength(HOUSEHOLD_LIMITS.people + 1);
  });
});
