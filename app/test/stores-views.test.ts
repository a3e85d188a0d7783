import type { LotRecord, LotTrace } from '@wellhydra/contract';
import { ingredientName } from '../src/domain/stores/ingredient-name';
import { showMoney } from '../src/domain/words/money';
import { lotDue, reachedWords, stockViews, storesWorth } from '../src/features/stores/stores-view';
import { NOW } from './trial-people';
import { inDays, lot } from './trial-stores';

describe('what is in the house', () => {
  test('by ingredient, the lot to be used first on top, each with what is left of it', () => {
    const [honey, salt] = stockViews(
      [
        lot('b'),
        lot('a', { bestBefore: inDays(5), remaining_g: 250 }),
        lot('s', { ingredient: 'table-salt', name: 'Salt' }),
      ],
      NOW,
    );
    expect([honey!.name, honey!.left, honey!.low]).toEqual([ingredientName('honey'), '850 g', false]);
    expect(honey!.lots.map(({ id, left, share }) => [id, left, share])).toEqual([
      ['a', '250 g of 1 kg', 0.25],
      ['b', '600 g of 1 kg', 0.6],
    ]);
    expect(salt!.lots[0]!.about).toBe('Dry cupboard · North croft');
  });
  test('is found by ingredient, lot, place and shop; what is used up is not there', () => {
    const found = (search: string) => stockViews([lot('a'), lot('gone', { remaining_g: 0 })], NOW, search).length;
    expect(['honey', 'HEATHER', 'cupboard', 'croft', 'rust'].map(found)).toEqual([1, 1, 1, 1, 0]);
    expect(stockViews([lot('gone', { remaining_g: 0 })], NOW)).toEqual([]);
  });
  test.each([
    [null, null],
    [inDays(-3), { words: 'past its day by 3 days', urgency: 'past' }],
    [inDays(5), { words: 'best within 5 days', urgency: 'soon' }],
    [inDays(90), { words: expect.stringMatching(/^best within /), urgency: 'later' }],
  ])('best before %s', (bestBefore, due) => expect(lotDue(bestBefore, NOW)).toEqual(due));
  test('a fifth or less is low, and what is soon past its day is said', () => {
    const worth = (by: Partial<LotRecord>) => storesWorth([lot('a', by)], NOW);
    expect(worth({ remaining_g: 200 }).low).toEqual(['honey, 200 g']);
    expect(worth({ remaining_g: 201 }).low).toEqual([]);
    expect(worth({ bestBefore: inDays(5) }).soon).toEqual([{ id: 'a', words: 'Heather honey: best within 5 days' }]);
    expect(worth({ bestBefore: inDays(15) }).soon).toEqual([]);
    // A second jar that is full: there is enough.
    expect(storesWorth([lot('a', { remaining_g: 100 }), lot('b', { remaining_g: 1000 })], NOW).low).toEqual([]);
  });
});

test('what a lot has reached is counted', () => {
  const at = inDays(0);
  const bottle = (id: string, remaining_mL: number) => ({
    id,
    volume_mL: 500,
    remaining_mL,
    place: 'fridge',
    useBy: at,
  });
  const drinker = (personId: string) => ({ personId, volume_mL: 100, last: at });
  const brew = (id: string, by: Partial<LotTrace['brews'][number]>): LotTrace['brews'][number] => ({
    id,
    batch: 'FE-01',
    through: false,
    drinkId: 'd',
    drinkName: 'Fog',
    madeAt: at,
    grams: 10,
    bottles: [],
    drinkers: [],
    ...by,
  });
  const brews = [
    brew('a', { bottles: [bottle('1', 0), bottle('2', 100)], drinkers: [drinker('tam'), drinker('ines')] }),
    brew('b', { bottles: [bottle('3', 500)], drinkers: [drinker('tam')] }),
  ];
  expect(reachedWords(brews)).toBe('2 batches; 3 bottles, 2 of them still on the shelf; 2 people have had of it');
  expect(reachedWords([brew('a', { bottles: [bottle('1', 0)], drinkers: [drinker('tam')] })])).toBe(
    '1 batch; 1 bottle, 0 of it still on the shelf; 1 person has had of it',
  );
});

test.each([
  [1.5, undefined, '£1.50'],
  [0.11, 'EUR', '€0.11'],
  [0.004, undefined, '£0.004'],
  [0, undefined, '£0.00'],
])('%d is %s', (amount, currency, words) => expect(showMoney(amount, currency)).toBe(words));
