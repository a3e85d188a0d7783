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
import { PERSON_RULE_ROWS, SALTY } from './person-rule-rows';
import { NOW, aged, trialPerson } from './trial-person';

const codesFor = (person: Person, kind: DrinkKind, script: string) =>
  personCautions(drinkFactsOf(analyse(trialDrink(kind, script))), 'p', person, NOW).map(({ code }) => code);

test.each(PERSON_RULE_ROWS)(
  '%s: fires, and neither for others nor for other drinks',
  (code, about, notAbout, kind, fires, not) => {
    expect(codesFor(about, kind, fires)).toContain(code);
    expect(codesFor(notAbout, kind, fires)).not.toContain(code);
    if (not) expect(codesFor(about, kind, not)).not.toContain(code);
  },
);

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
  const rows = new Set(PERSON_RULE_ROWS.map(([code]) => code));
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
