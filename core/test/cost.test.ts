import { analyseDrink } from '@wellhydra/core/analyse';
import {
  againstShop,
  costOfBatch,
  costPerGram,
  pricesPerGram,
  savingsBySubstitutes,
  stoveEnergy,
  type Prices,
} from '@wellhydra/core/cost';
import type { Drink } from '@wellhydra/core/drink';
import { DEFAULT_SETTINGS } from '@wellhydra/core/kitchen';
import { burnerDraws } from '@wellhydra/core/equipment';
import { kitchenOptions } from '@wellhydra/core/simulate';
import type { Lot } from '@wellhydra/core/stores';

const lot = (id: string, ingredient: string, more: Partial<Lot> = {}): Lot => ({
  id,
  ingredient,
  amount_g: 1000,
  remaining_g: 1000,
  price: 10,
  gotAt: '2026-01-01T00:00:00.000Z',
  bestBefore: null,
  ...more,
});
const syrup: Drink = {
  name: 'Priced',
  kind: 'syrup',
  serving: '100 mL',
  steps: [
    { verb: 'add', text: '1 L water' },
    { verb: 'heat', text: 'to boil', burner: 'induction' },
    { verb: 'add', text: '200 g honey' },
    { verb: 'add', text: '10 g table salt' },
    { verb: 'bottle', text: '2 x 500 mL bottle' },
  ],
};
const prices = (more: Partial<Prices> = {}, settings: Partial<Prices['settings']> = {}): Prices => ({
  perGram: new Map([
    ['honey', 0.012],
    ['table-salt', 0.001],
  ]),
  settings: { ...DEFAULT_SETTINGS, ...settings },
  ...more,
});
const analysis = analyseDrink(syrup, kitchenOptions(DEFAULT_SETTINGS));

describe('what a gram costs', () => {
  it('is the price of the lot that is used next, and of the one bought last where none is left', () => {
    const found = pricesPerGram([
      lot('old', 'honey', { price: 8, bestBefore: '2027-01-01' }),
      lot('new', 'honey', { price: 12, gotAt: '2026-05-01T00:00:00.000Z' }),
      lot('gone', 'table-salt', { remaining_g: 0, price: 1, gotAt: '2026-02-01T00:00:00.000Z' }),
      lot('before', 'table-salt', { remaining_g: 0, price: 4 }),
      lot('gift', 'citric-acid', { price: null }),
    ]);
    expect(Object.fromEntries(found)).toEqual({ honey: 0.008, 'table-salt': 0.001 });
  });
});

describe('what the stove draws', () => {
  it('is the heat that went in over the share that reaches the pot', () => {
    const [induction, ...others] = stoveEnergy(analysis.drink, analysis.trace, DEFAULT_SETTINGS);
    expect(others).toEqual([]);
    const minutes = analysis.trace.entries[1]!.minutes;
    // 1530 W reach the pot, 0.85 of what is drawn.
    expect(induction).toMatchObject({ burner: 'induction', fuel: 'electricity' });
    expect(induction!.kWh).toBeCloseTo((1530 / 0.85 / 1000) * (minutes / 60), 6);
    // At least what a litre takes from 20 °C to the boil: 4.18 kJ/K.
    expect(induction!.kWh * 0.85).toBeGreaterThan((4.18 * 78) / 3600);
  });

  it('is less for a simmer than for a boil as long, which takes the whole burner', () => {
    const held = (verb: 'simmer' | 'boil') => {
      const run = analyseDrink({
        ...syrup,
        steps: [
          { verb: 'add', text: '2 L water' },
          { verb, text: '30 min' },
        ],
      });
      return stoveEnergy(run.drink, run.trace, DEFAULT_SETTINGS)[0]!.kWh;
    };
    expect(held('simmer')).toBeLessThan(0.8 * held('boil'));
  });

  it.each([
    ['gas medium', undefined, { fuel: 'gas', share: 0.4 }],
    ['Induction plate', undefined, { fuel: 'electricity', share: 0.85 }],
    ['range', { net_W: 500, rated_W: 2000, fuel: 'gas' as const }, { fuel: 'gas', share: 0.25 }],
    ['range', { net_W: 500, rated_W: 300 }, { fuel: 'electricity', share: 1 }],
    ['700 W', undefined, { fuel: 'electricity', share: 0.7 }],
  ])('%s %j draws as %j', (name, own, expected) => {
    expect(burnerDraws(name, own)).toEqual(expected);
  });
});

describe('what a batch costs', () => {
  it('adds up, the dearest first, water for nothing', () => {
    const cost = costOfBatch(analysis, prices({}, { energyPrices: { electricity: 0.3 } }));
    const [honey, stove] = cost.parts;
    expect(honey).toMatchObject({ kind: 'ingredient', id: 'honey', amount: 200 });
    expect(honey!.cost).toBeCloseTo(2.4, 9);
    expect(stove!.kind).toBe('stove');
    expect(cost.parts.map(({ id }) => id)).not.toContain('water');
    expect(cost.known).toBeCloseTo(2.4 + 0.01 + stove!.cost!, 9);
    expect(cost.whole).toBe(true);
    expect(cost.perServing).toBeCloseTo(cost.known / analysis.serving!.servings, 9);
    expect(cost.perLitre).toBeCloseTo((1000 * cost.known) / analysis.liquid!.volume_mL, 9);
  });

  it('says what it does not know, and is at least the rest', () => {
    const cost = costOfBatch(analysis, prices({ perGram: new Map([['honey', 0.012]]) }));
    expect(cost.whole).toBe(false);
    expect(cost.known).toBeCloseTo(2.4, 9);
    expect(cost.parts.filter(({ cost: each }) => each === null).map(({ kind }) => kind)).toEqual(
      expect.arrayContaining(['ingredient', 'stove', 'bottles']),
    );
  });

  it('counts bottles by what the kitchen pays for one of the size', () => {
    const containers = [{ name: 'Flask', size_mL: 500, count: 9, heatSafe: false, dark: false, price: 1.5 }];
    const bottles = costOfBatch(analysis, prices({}, { containers })).parts.find(({ kind }) => kind === 'bottles');
    expect(bottles).toEqual({ kind: 'bottles', id: 'Flask', name: 'Flask', amount: 2, cost: 3 });
  });
});

describe('what it is held against', () => {
  const cost = costOfBatch(analysis, prices());

  it('a shop’s price for as much', () => {
    const volume_mL = analysis.liquid!.volume_mL;
    const { inShop, saved } = againstShop(analysis, cost, { price: 5, amount: 250 });
    expect(inShop).toBeCloseTo((5 * volume_mL) / 250, 9);
    expect(saved).toBeCloseTo(inShop - cost.known, 9);
    expect(againstShop(analysis, cost, { price: 0, amount: 250 }).saved).toBeLessThan(0);
  });

  it('a gram of a mineral: all that the batch costs over what is in it', () => {
    const [sodium] = costPerGram(analysis, cost);
    // 10 g of salt are 39.3 % sodium.
    expect(sodium).toMatchObject({ mineral: 'sodium' });
    expect(sodium!.grams).toBeCloseTo(3.93, 1);
    expect(sodium!.cost).toBeCloseTo(cost.known / sodium!.grams, 9);
  });

  it('substitutes that have a price and cost less; none that would cost more', () => {
    const cheap = new Map([...prices().perGram, ['white-sugar', 0.001]]);
    const [saving] = savingsBySubstitutes(analysis, cost, cheap);
    expect(saving).toMatchObject({ of: 'Honey', instead: 'White sugar' });
    expect(saving!.saved).toBeGreaterThan(2);
    expect(saving!.saved).toBeLessThan(2.4);
    expect(savingsBySubstitutes(analysis, cost, new Map([...prices().perGram, ['white-sugar', 9]]))).toEqual([]);
  });
});
