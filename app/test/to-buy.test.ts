import type { LotRecord } from '@wellhydra/contract';
import { MOST_TO_BUY, NOTHING_TO_BUY, type ShoppingItem } from '@wellhydra/core/shopping';
import { itemsRemoved, itemsSaved, shoppingCollided } from '../src/domain/stores/shopping';
import { oneMore, toBuy, type Wanting } from '../src/domain/stores/to-buy';
import { createStore } from '../src/domain/store';
import { NOW } from './trial-people';

const lot = (by: Partial<LotRecord> = {}): LotRecord => ({
  id: 'l',
  ingredient: 'honey',
  name: 'Heather honey',
  amount_g: 340,
  remaining_g: 100,
  price: 5,
  got: 'bought',
  gotAt: '2026-10-01T00:00:00.000Z',
  bestBefore: null,
  place: '',
  origin: '',
  identifiedBy: '',
  purity_pct: null,
  note: '',
  ...by,
});
let made = 0;
const env = { now: NOW, newId: () => `i${(made += 1)}` };
const item = (by: Partial<ShoppingItem> = {}): ShoppingItem => ({
  text: '500 g honey',
  ingredient: 'honey',
  why: '',
  added: '2026-11-01T00:00:00.000Z',
  ticked: null,
  ...by,
});

const house = (lots: readonly LotRecord[]) => ({ lots, made: new Map<string, number>() });

describe('what is missing for drinks is put on the list', () => {
  const wanting: readonly Wanting[] = [
    { name: 'Fog', used: { honey: 300, 'table-salt': 2 }, prepared: [] },
    { name: 'Kelp', used: { honey: 200 }, prepared: [] },
  ];
  test('together, in packages as they were bought, with what it is for', () => {
    const items = Object.values(toBuy(wanting, house([lot()]), NOTHING_TO_BUY, env));
    // 500 g are wanted and 100 g are there: two jars of 340 g. Of salt the smallest package.
    expect(items.map(({ text, ingredient, why }) => [text, ingredient, why])).toEqual([
      ['2 x 340 g honey', 'honey', '500 g for Fog, Kelp'],
      [expect.stringMatching(/^25 g .*salt/), 'table-salt', '2 g for Fog'],
    ]);
    expect(items[0]).toMatchObject({ ticked: null, added: NOW.toISOString() });
  });
  test('what was picked says nothing of packages', () => {
    const [honey] = Object.values(toBuy(wanting, house([lot({ got: 'picked' })]), NOTHING_TO_BUY, env));
    expect(honey!.text).toBe('500 g honey');
  });
  test('not what is there, nor what is on the list already; what is in the basket is asked for again', () => {
    const salt = lot({ id: 's', ingredient: 'table-salt', remaining_g: 100 });
    const names = (list: Record<string, ShoppingItem>) =>
      Object.values(toBuy(wanting, house([lot(), salt]), { items: list }, env)).map(({ ingredient }) => ingredient);
    expect(names({})).toEqual(['honey']);
    expect(names({ a: item() })).toEqual([]);
    expect(names({ a: item({ ticked: NOW.toISOString() }) })).toEqual(['honey']);
    expect(toBuy(wanting, house([lot({ remaining_g: 500 }), salt]), NOTHING_TO_BUY, env)).toEqual({});
  });
});

test('of what is low one more is bought as the last one was, or as much as the largest lot had', () => {
  const words = (...lots: LotRecord[]) => oneMore('honey', lots, NOW).text;
  expect(words(lot(), lot({ id: 'new', amount_g: 500, gotAt: '2026-11-01T00:00:00.000Z' }))).toBe('500 g honey');
  expect(words(lot({ got: 'picked', amount_g: 900 }))).toBe('1 kg honey');
  expect(words()).toBe('100 g honey');
});

describe('the list on a device', () => {
  test('two who shop at once: what each has ticked stays ticked', () => {
    const store = createStore();
    store.dispatch(itemsSaved({ a: item(), b: item({ text: 'salt', ingredient: null }) }));
    const { a, b } = store.getState().shopping.mine.items;
    store.dispatch(shoppingCollided({ revision: 1, shopping: { items: { a: a!, b: b! } } }));
    store.dispatch(itemsSaved({ a: { ...a!, ticked: NOW.toISOString() } }));
    const other = { ...b!, ticked: '2026-11-28T10:00:00.000Z' };
    store.dispatch(shoppingCollided({ revision: 2, shopping: { items: { a: a!, b: other } } }));
    const { items } = store.getState().shopping.mine;
    expect([items['a']!.ticked, items['b']!.ticked]).toEqual([NOW.toISOString(), other.ticked]);
    store.dispatch(itemsRemoved(['a']));
    expect(Object.keys(store.getState().shopping.mine.items)).toEqual(['b']);
  });
  test('it is never fuller than can be sent: what was bought longest ago makes room', () => {
    const store = createStore();
    const ticked = (at: number) => item({ ticked: new Date(NOW.getTime() + at).toISOString() });
    const full = Object.fromEntries(Array.from({ length: MOST_TO_BUY }, (_each, at) => [`t${at}`, ticked(at)]));
    store.dispatch(itemsSaved(full));
    store.dispatch(itemsSaved({ fresh: item() }));
    const ids = Object.keys(store.getState().shopping.mine.items);
    expect([ids.length, ids.includes('fresh'), ids.includes('t0'), ids.includes('t1')]).toEqual([
      MOST_TO_BUY,
      true,
      false,
      true,
    ]);
  });
});
