import { NOTHING_TO_BUY } from '@wellhydra/core/shopping';
import type { PreparedUse } from '@wellhydra/core/stores';
import { houseOf } from '../src/domain/stores/house';
import { toBuy } from '../src/domain/stores/to-buy';
import { makeViews, ownBottles } from '../src/features/stores/make-view';
import { bottle, NOW } from './trial-people';
import { inDays, lot } from './trial-stores';

/** What can be made of the lots and the bottles that are there. */

interface Trial {
  readonly used: Record<string, number>;
  readonly prepared?: readonly PreparedUse[];
}
const drink = (id: string, { used, prepared = [] }: Trial) => ({ id, name: id, used, prepared });

test('nothing missing first, what uses up soon before that, then by what is missing', () => {
  const drinks = [
    drink('two', { used: { 'table-salt': 5, glucose: 20 } }),
    drink('one', { used: { honey: 700 } }),
    drink('ready', { used: { honey: 100 } }),
    drink('soon', { used: { 'lemon-juice': 50 } }),
    drink('water', { used: {} }),
  ];
  const lots = [
    lot('h'),
    lot('l', { ingredient: 'lemon-juice', name: 'Lemon juice', remaining_g: 90, bestBefore: inDays(3) }),
    lot('s', { ingredient: 'white-sugar', name: 'Sugar', remaining_g: 5000, amount_g: 5000 }),
  ];
  const views = makeViews(drinks, houseOf(lots, [], NOW), NOW);
  expect(views.map(({ id }) => id)).toEqual(['soon', 'ready', 'one', 'two']);
  expect(views[0]!.usesUp).toEqual(['lemon juice']);
  expect(views[2]!.missing).toEqual([
    { words: '100 g more honey', instead: expect.stringMatching(/^\d+ g white sugar would do$/) },
  ]);
  expect(views[3]!.missing.map(({ words }) => words)).toContainEqual(expect.stringMatching(/^5 g .*salt/));
});

describe('a drink that is made of another', () => {
  const syrup = (amount_mL: number, honey: number): PreparedUse => ({
    name: 'Hip syrup',
    amount_mL,
    used: { honey },
  });
  const lemonade = drink('lemonade', { used: {}, prepared: [syrup(200, 100)] });
  const bottles = (...left: readonly number[]) =>
    left.map((remaining_mL, index) =>
      bottle({ id: String(index), drinkName: 'hip syrup ', remaining_mL, useBy: inDays(10 - index) }),
    );
  const missing = (honey_g: number, ...left: readonly number[]) =>
    makeViews([lemonade], houseOf([lot('h', { remaining_g: honey_g })], bottles(...left), NOW), NOW)[0]!.missing;

  test('can be made where its bottles have enough, and says what is missing where not', () => {
    expect(missing(0, 120, 80)).toEqual([]);
    expect(missing(0, 120)).toEqual([{ words: '80 mL more Hip syrup', instead: null }]);
    // Of 100 g of honey in 200 mL, 40 g go into the 80 mL that are missing.
    expect(missing(39, 120)[0]!.instead).toBeNull();
    expect(missing(40, 120)[0]!.instead).toBe('what goes into that is there: make it first');
    expect(missing(0)).toEqual([{ words: '200 mL Hip syrup', instead: null }]);
  });
  test('is not made of what is past its date', () => {
    const past = bottle({ drinkName: 'Hip syrup', remaining_mL: 500, useBy: inDays(-1) });
    expect(makeViews([lemonade], houseOf([], [past], NOW), NOW)[0]!.missing).toHaveLength(1);
  });
  test('puts on the list what goes into what has to be made first; two drinks do not share a bottle', () => {
    const list = (count: number, ...left: readonly number[]) =>
      Object.values(
        toBuy(Array(count).fill(lemonade), houseOf([], bottles(...left), NOW), NOTHING_TO_BUY, {
          now: NOW,
          newId: () => crypto.randomUUID(),
        }),
      ).map(({ why }) => why);
    expect(list(1, 200)).toEqual([]);
    expect(list(1, 120)).toEqual(['40 g for lemonade']);
    expect(list(2, 200)).toEqual(['100 g for lemonade']);
  });
  test('what is made here for others is listed with the bottle to be used first', () => {
    const documents = [
      { name: 'Hip syrup', steps: [{ verb: 'add', text: '1 kg hips' }] },
      { name: 'Bone broth', steps: [] },
      { name: 'Lemonade', steps: [{ verb: 'use', text: '200 mL hip syrup' }] },
    ];
    expect(ownBottles(documents, bottles(120, 80))).toEqual([
      { name: 'Hip syrup', left: '2 bottles, 200 mL', first: expect.objectContaining({ id: '1' }) },
    ]);
    expect(ownBottles(documents, [])).toEqual([{ name: 'Hip syrup', left: 'none on the shelf', first: null }]);
  });
});
