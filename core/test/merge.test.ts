import { baseOf, isSame, mergeFields } from '../src/merge';
import fc from './seeded';

const rows = (...names: readonly string[]) => names.map((name) => ({ name, size: 1 }));

test.each([
  ['what one changed', { a: 1, b: 1 }, { a: 2, b: 1 }, { a: 1, b: 3 }, { a: 2, b: 3 }],
  ['mine, where both changed the same', { a: 1 }, { a: 2 }, { a: 3 }, { a: 2 }],
  ['what they added', {}, {}, { b: 1 }, { b: 1 }],
  ['not what I took away', { a: 1, b: 1 }, { a: 1 }, { a: 1, b: 1 }, { a: 1 }],
  ['not what they took away', { a: 1, b: 1 }, { a: 1, b: 1 }, { a: 1 }, { a: 1 }],
  [
    'fields within fields',
    { of: { a: 1, b: 1 } },
    { of: { a: 2, b: 1 } },
    { of: { a: 1, b: 3 } },
    { of: { a: 2, b: 3 } },
  ],
  ['mine, where fields became a list', { of: { a: 1 } }, { of: [1] }, { of: { a: 2 } }, { of: [1] }],
  ['mine, of lists whose rows cannot be told apart', { of: [1] }, { of: [1, 2] }, { of: [1, 3] }, { of: [1, 2] }],
  [
    'mine, of lists with one row that has no name',
    { of: rows('a') },
    { of: [...rows('a'), {}] },
    { of: rows('a', 'b') },
    { of: [...rows('a'), {}] },
  ],
  ['mine, where there was nothing', { of: null }, { of: { a: 1 } }, { of: { b: 1 } }, { of: { a: 1 } }],
  [
    'rows that both added',
    { of: rows('a') },
    { of: rows('a', 'b') },
    { of: rows('a', 'c') },
    { of: rows('a', 'b', 'c') },
  ],
  [
    'no row that one of us took away',
    { of: rows('a', 'b', 'c') },
    { of: rows('a', 'c') },
    { of: rows('a', 'b') },
    { of: rows('a') },
  ],
])('kept is %s', (_what, base, mine, theirs, merged) =>
  expect(mergeFields<object>(base, mine, theirs)).toEqual(merged),
);

test('a row is known by its id, and by its name only where it has none', () => {
  const was = [{ id: '1', name: 'Pan', size: 1 }];
  const renamed = [{ id: '1', name: 'Pot', size: 1 }];
  const another = [{ id: '2', name: 'Pan', size: 9 }];
  expect(mergeFields({ of: was }, { of: renamed }, { of: [...was, ...another] })).toEqual({
    of: [...renamed, ...another],
  });
});

test('of a row that both changed mine is kept whole, and theirs where only they did', () => {
  const was = [
    { name: 'a', size: 1 },
    { name: 'b', size: 1 },
  ];
  const mine = [{ name: 'a', size: 2 }, was[1]!];
  const theirs = [
    { name: 'a', size: 3 },
    { name: 'b', size: 3 },
  ];
  expect(mergeFields({ of: was }, { of: mine }, { of: theirs })).toEqual({ of: [mine[0], theirs[1]] });
});

const document = fc.dictionary(fc.constantFrom('a', 'b', 'c', 'd'), fc.integer({ min: 0, max: 3 }));
test('who changed nothing changes nothing, on either side; the same again is the same', () =>
  fc.assert(
    fc.property(document, document, document, (base, mine, theirs) => {
      expect(mergeFields(base, base, theirs)).toEqual(theirs);
      expect(mergeFields(base, mine, base)).toEqual(mine);
      const merged = mergeFields(base, mine, theirs);
      expect(mergeFields(theirs, merged, theirs)).toEqual(merged);
    }),
  ));

test('the same is what says the same', () => {
  expect(isSame({ a: [1, { b: 2 }] }, { a: [1, { b: 2 }] })).toBe(true);
  expect(isSame({ a: [1, { b: 2 }] }, { a: [1, { b: 3 }] })).toBe(false);
});

describe('what two edits began with, where mine was sent and not answered', () => {
  const known = { a: 1, of: [{ name: 'pan', size: 1 }] };
  const sent = {
    a: 2,
    of: [
      { name: 'pan', size: 2 },
      { name: 'pot', size: 1 },
    ],
  };
  const before = (theirs: object, base: object = known) => baseOf(base, [{ base: known, content: sent }], theirs);

  test('is what was sent, where theirs has it', () => {
    expect(before(sent)).toEqual(sent);
    expect(before({ ...sent, b: 1 })).toEqual(sent);
  });
  test('is what was known, where theirs has it not', () => {
    expect(before(known)).toEqual(known);
    expect(before({ a: 2, of: known.of })).toEqual({ a: 2, of: known.of });
    expect(before({ a: 3, of: [{ name: 'pan', size: 2 }] })).toEqual({ a: 1, of: [{ name: 'pan', size: 2 }] });
  });
  test('has no row that was sent without it and is not in theirs', () => {
    const without = { base: known, content: { ...known, of: [] } };
    expect(baseOf<object>(known, [without], { a: 1, of: [] })).toEqual({ a: 1, of: [] });
    expect(baseOf<object>(known, [without], known)).toEqual(known);
  });
  test('is theirs of later where only they have changed it, though what was sent was as it is now', () => {
    const later = { a: 5, of: known.of };
    const untouched = { base: known, content: { ...known, of: [] } };
    expect(baseOf<object>(later, [untouched], { a: 1, of: [] })).toEqual({ a: 5, of: [] });
  });
  test('mine of since then is kept over it, also where it is as it was in the beginning', () => {
    expect(mergeFields<object>(before(sent), known, { ...sent, b: 1 })).toEqual({ ...known, b: 1 });
  });
});
