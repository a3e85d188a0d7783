import { analyseDrink } from '../src/analyse';
import { compareFigures, compareSteps, mostMoved, readPastedDrink, takenOver } from '../src/compare';
import { stepFromLine, writeDrink, type Drink } from '../src/drink';

const steps = (...lines: string[]) => lines.map(stepFromLine);
const analyse = (...lines: string[]) =>
  analyseDrink({ name: 'T', kind: 'tonic', serving: '100 mL', steps: steps(...lines) });

test('steps stand beside those that do the same', () => {
  const rows = compareSteps(
    steps('100 g dried elderberries', '900 mL water', 'simmer 45 min', 'strain through mesh', '300 g honey'),
    steps(
      '120 g dried elderberries',
      '900 mL water',
      'simmer 35 min',
      'steep 8 h',
      'strain through cloth',
      '300 g honey',
    ),
  );
  expect(rows.map(({ kind }) => kind)).toEqual(['changed', 'same', 'changed', 'only-second', 'changed', 'same']);
});
test('every step of either is there once', () => {
  const [a, b] = [steps('1 g salt', 'stir', '2 g salt'), steps('stir', '1 g salt')];
  const rows = compareSteps(a, b);
  expect(rows.flatMap(({ first }) => first ?? [])).toEqual(a);
  expect(rows.flatMap(({ second }) => second ?? [])).toEqual(b);
});
test('figures that differ, and none of a drink and itself', () => {
  const one = analyse('2 g table salt', '1 L water');
  const two = analyse('4 g table salt', '1 L water');
  expect(compareFigures(one, one)).toEqual([]);
  const sodium = compareFigures(one, two).find(({ figure }) => figure === 'perServing.sodium_mg')!;
  expect(sodium.second! / sodium.first!).toBeCloseTo(2, 1);
});

describe('a difference is taken over', () => {
  const [mine, other] = [
    steps('100 g dried elderberries', '900 mL water', 'simmer 35 min', '45 mL lemon juice'),
    steps('100 g dried elderberries', '900 mL water', 'simmer 90 min', 'steep 8 h'),
  ];
  const rows = compareSteps(mine, other);
  const kinds = rows.map(({ kind }) => kind);
  const after = (kind: (typeof kinds)[number]) => takenOver(rows, kinds.indexOf(kind)).map(({ text }) => text);
  test('one that is changed takes its place', () =>
    expect(after('changed')).toEqual(['100 g dried elderberries', '900 mL water', '90 min', '45 mL lemon juice']));
  test('one that is only there comes in where it stands', () =>
    expect([...after('only-second')].sort()).toEqual([...mine.map(({ text }) => text), '8 h'].sort()));
  test('one that is only here goes', () =>
    expect(after('only-first')).toEqual(['100 g dried elderberries', '900 mL water', '35 min']));
  test('where nothing differs nothing does', () => expect(takenOver(rows, 0)).toEqual(mine));
  test('all differences, one after the other, make it the other', () => {
    let left = mine;
    for (let taken = 0; taken < 9; taken += 1) {
      const now = compareSteps(left, other);
      const at = now.findIndex(({ kind }) => kind !== 'same');
      if (at < 0) break;
      left = [...takenOver(now, at)];
    }
    expect(left).toEqual(other);
  });
});

test('what a change has moved furthest: acids count by what they are, not by their exponent', () => {
  const water = ['1 L water', '20 g honey'];
  const [plain, salted, sour] = [
    analyse(...water),
    analyse(...water, '2 g table salt'),
    analyse(...water, '60 mL lemon juice'),
  ];
  expect(mostMoved(plain, salted)!.figure).toBe('perServing.sodium_mg');
  expect(mostMoved(plain, plain)).toBeUndefined();
  const acid = mostMoved(plain, sour, ({ figure }) => figure === 'liquid.pH')!;
  expect(acid.share).toBeCloseTo(1 - 10 ** (acid.second! - acid.first!), 9);
  expect(mostMoved(plain, salted, ({ figure }) => figure === 'perServing.fat_g')).toBeUndefined();
});

describe('a pasted drink', () => {
  test('lines with a title, bullets and headings', () => {
    const read = readPastedDrink(
      'Harbour hibiscus\nIngredients:\n- 1.4 L water\n• 28 g dried hibiscus\n1. Simmer 6 min\n2) Strain through mesh',
      'tea',
    );
    expect(read).toMatchObject({
      kind: 'drink',
      drink: {
        name: 'Harbour hibiscus',
        steps: [
          { verb: 'add', text: '1.4 L water' },
          { verb: 'add', text: '28 g dried hibiscus' },
          { verb: 'simmer', text: '6 min' },
          { verb: 'strain', text: 'mesh' },
        ],
      },
    });
  });
  test('a drink file', () => {
    const drink: Drink = { name: 'A', kind: 'sport', steps: steps('2 g salt', '1 L water') };
    expect(readPastedDrink(JSON.stringify(writeDrink(drink)), 'tea')).toEqual({ kind: 'drink', drink });
  });
  test.each([
    ['', /Paste a recipe/],
    ['{"a": ', /cannot be read/],
    ['{"format":"wellhydra-drink/1","name":"","kind":"tea","steps":[]}', /name/],
    ['{"a":1}', /Recipe/],
  ])('%s is refused with a reason', (text, because) =>
    expect(readPastedDrink(text, 'tea')).toMatchObject({
      kind: 'no-drink',
      because: expect.stringMatching(because),
    }),
  );
});
