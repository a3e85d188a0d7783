import type Joi from 'joi';
import { inWords, makeBrew, pour, pourParams, register, saveDrink, signIn } from '../src';

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

test.each([
  ['a NUL in a name', register, { ...person, name: 'a\u0000', kitchenName: 'K' }, /holds characters that are none/],
  ['a word for an id', pourParams, { id: 'nine', pourId: ID }, /is no id \(UUID version 4, small letters\)/],
  ['a year far off', pour, { volume_mL: 5, pouredAt: '2300-01-01T00:00:00Z' }, /outside of the years 2000 to 2099/],
  ['a day without a time', pour, { volume_mL: 5, pouredAt: '2026-01-01' }, /is no moment such as/],
])('%s is told in words', (_what, schema: Joi.Schema, value, says) =>
  expect(inWords(schema).validate(value).error?.message).toMatch(says),
);
