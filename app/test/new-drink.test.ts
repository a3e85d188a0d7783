import { DRINK_KINDS } from '@wellhydra/core/drink';
import { kindsFor } from '../src/domain/drinks/kind-words';
import { drinkFigures } from '../src/features/drinks/drink-figures';
import { STARTED, kindRows } from '../src/features/drinks/new-drink/kind-rows';
import { lot } from './trial-stores';

const known = new Map(
  Object.values(STARTED).map((document) => [document, drinkFigures({ document, settings: null, others: [] })]),
);
const figuresOf = (document: (typeof STARTED)['tea']) => known.get(document);

test.each([
  ['Something for a sore throat', 'tea'],
  ['I was sick all night', 'rehydration'],
  ['for a long run in the heat', 'daily-hydration'],
  ['a party with something fizzy', 'concentrate'],
  ['jars to give as a gift', 'syrup'],
  ['a sports drink', 'sport'],
  ['chia, thick', 'gel'],
])('"%s" may be a %s', (words, kind) => expect(kindsFor(words)).toContain(kind));

test.each(['', 'qwertz', 'grunt and trundle', 'colder than that, chilling'])('"%s" is no kind that is known', (words) =>
  expect(kindsFor(words)).toEqual([]),
);

test('a kind that is named comes before those it reminds of', () =>
  expect(kindsFor('syrup for a cough')[0]).toBe('syrup'));

test('every kind has its stream and a line, and those that fit come first', () => {
  const rows = kindRows('sore throat', figuresOf, null);
  expect(rows).toHaveLength(DRINK_KINDS.length);
  expect(rows.slice(0, 3).map(({ kind }) => kind)).toEqual(['tea', 'syrup', 'vinegar-honey']);
  expect(rows.map(({ fits }) => fits)).toEqual([
    true,
    true,
    true,
    ...Array<boolean>(DRINK_KINDS.length - 3).fill(false),
  ]);
  for (const { stream, line, house } of rows) expect([stream.length > 0, line !== '', house]).toEqual([true, true, '']);
});

test('what is in the house orders them, and what is missing is named', () => {
  const rows = kindRows('', figuresOf, [
    lot('a', { ingredient: 'white-sugar' }),
    lot('b', { ingredient: 'table-salt' }),
  ]);
  expect(rows[0]).toMatchObject({ kind: 'rehydration', house: 'All of it is in the house' });
  expect(rows.find(({ kind }) => kind === 'gel')!.house).toBe('Not in the house: chia seed');
});
