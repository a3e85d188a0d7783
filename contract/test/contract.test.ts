import { makeBrew, register, saveDrink, signIn, pour } from '../src';

const ID = '3f2b8c1e-6a54-4b7d-9f0e-1c2d3e4f5a6b';
const person = { name: 'Ines', email: 'ines@skerry.example', password: 'long enough to keep' };
const document = {
  name: 'T',
  kind: 'sport',
  serving: '250 mL',
  target: null,
  steps: [{ id: 'a', verb: 'add', text: '2 g slat' }],
};
const brew = {
  drinkId: ID,
  drinkRevision: 1,
  madeAt: '2026-01-01T10:00:00.000Z',
  bottles: [{ id: ID, volume_mL: 500, place: 'fridge' }],
};

test.each([
  ['a new kitchen', register, { ...person, kitchenName: 'Skerry Light' }],
  ['an invitation', register, { ...person, invitation: 'ABC' }],
  ['a sign-in', signIn, { email: person.email, password: 'x' }],
  ['a drink with text nobody understands', saveDrink, { expectedRevision: 0, document }],
  ['a brew', makeBrew, brew],
  ['a pour', pour, { volume_mL: 15, pouredAt: brew.madeAt }],
])('takes %s', (_what, schema, value) => expect(schema.validate(value).error).toBeUndefined());

test.each([
  ['both kitchen and invitation', register, { ...person, kitchenName: 'A', invitation: 'B' }],
  ['neither', register, person],
  ['a short password', register, { ...person, password: 'short', kitchenName: 'A' }],
  ['no e-mail address', signIn, { email: 'ines', password: 'x' }],
  ['an unknown kind', saveDrink, { expectedRevision: 0, document: { ...document, kind: 'soup' } }],
  [
    'two steps with one id',
    saveDrink,
    { expectedRevision: 0, document: { ...document, steps: [document.steps[0], document.steps[0]] } },
  ],
  ['an unknown field', saveDrink, { expectedRevision: 0, document, more: 1 }],
  ['less than nothing drunk at once', makeBrew, { ...brew, bottles: [], drunk_mL: -1 }],
  ['a bottle in no known place', makeBrew, { ...brew, bottles: [{ id: ID, volume_mL: 500, place: 'roof' }] }],
  ['a pour of nothing', pour, { volume_mL: 0, pouredAt: brew.madeAt }],
])('refuses %s', (_what, schema, value) => expect(schema.validate(value).error).toBeDefined());
