import fc from 'fast-check';
import { CATALOGUE } from '../src/catalogue';
import {
  byExpiry,
  costOf,
  missingFor,
  preparedOf,
  readLot,
  stockOf,
  takeFromLots,
  usedOf,
  type Lot,
} from '../src/stores';
import { analyse, trialDrink } from './trial-drink';

const lot = (id: string, remaining_g: number, by: Partial<Lot> = {}): Lot => ({
  id,
  ingredient: 'honey',
  amount_g: 1000,
  remaining_g,
  price: 12,
  gotAt: '2026-10-01T00:00:00.000Z',
  bestBefore: null,
  ...by,
});

describe('what a batch takes', () => {
  test('is everything that went in but water, each ingredient once', () => {
    const { trace } = analyse(
      trialDrink('syrup', 'add 500 mL water | add 200 g honey | simmer 10 min | add 50 g honey'),
    );
    expect(usedOf(trace)).toEqual({ honey: expect.closeTo(250, 6) });
    expect(usedOf(trace, { steps: new Set([0, 1]) })).toEqual({ honey: expect.closeTo(200, 6) });
  });
  test('of a preparation it takes nothing: that took it when it was made', () => {
    const syrup = trialDrink('syrup', 'add 500 mL water | add 500 g white sugar');
    const drink = trialDrink('tonic', 'add 1 L water | use 100 mL Base | add 1 g table salt', {
      preparations: { Base: { ...syrup, name: 'Base' } },
    });
    const { trace } = analyse(drink);
    expect(Object.keys(usedOf(trace))).toEqual(['table-salt']);
    // Half a kilogram of sugar is in all of the syrup, in 100 mL of it as much less.
    const whole_mL = analyse(syrup).liquid!.volume_mL;
    const taken = { name: 'Base', amount_mL: expect.closeTo(100, 6) };
    expect(preparedOf(trace)).toEqual([{ ...taken, used: { 'white-sugar': expect.closeTo(50_000 / whole_mL, 6) } }]);
    expect(preparedOf(trace, new Set([0]))).toEqual([]);
  });
  test('of a dry one it takes grams, as its jars are counted', () => {
    const mix = trialDrink('dry-mix', 'add 100 g white sugar | add 10 g table salt');
    const drink = trialDrink('tonic', 'add 1 L water | use 20 g Mix', {
      preparations: { Mix: { ...mix, name: 'Mix' } },
    });
    expect(preparedOf(analyse(drink).trace)).toEqual([
      {
        name: 'Mix',
        amount_mL: expect.closeTo(20, 6),
        used: { 'white-sugar': expect.closeTo(200 / 11, 6), 'table-salt': expect.closeTo(20 / 11, 6) },
      },
    ]);
  });
});

describe('lots are used', () => {
  test('the first to expire first; those that say nothing last, the oldest of them first', () => {
    const lots = [
      lot('none-new', 10, { gotAt: '2026-11-01T00:00:00.000Z' }),
      lot('none-old', 10),
      lot('late', 10, { bestBefore: '2027-05-01T00:00:00.000Z' }),
      lot('soon', 10, { bestBefore: '2026-12-01T00:00:00.000Z' }),
    ];
    expect([...lots].sort(byExpiry).map(({ id }) => id)).toEqual(['soon', 'late', 'none-old', 'none-new']);
    expect(takeFromLots(lots, 25).takings).toEqual([
      { id: 'soon', amount: 10 },
      { id: 'late', amount: 10 },
      { id: 'none-old', amount: 5 },
    ]);
  });
  test('never more than there is, and what is taken and missing is what was wanted', () => {
    const amounts = fc.array(fc.double({ min: 0, max: 500, noNaN: true }), { maxLength: 6 });
    fc.assert(
      fc.property(amounts, fc.double({ min: 0, max: 2000, noNaN: true }), (remaining, wanted) => {
        const lots = remaining.map((grams, index) => lot(String(index), grams));
        const { takings, missing } = takeFromLots(lots, wanted);
        for (const { id, amount } of takings) expect(amount).toBeLessThanOrEqual(remaining[Number(id)]!);
        const all = takings.reduce((sum, { amount }) => sum + amount, missing);
        expect(Math.abs(all - wanted)).toBeLessThan(1e-4);
      }),
    );
    expect(() => takeFromLots([], -1)).toThrow(RangeError);
  });
  test('and cost their share of what was paid', () => {
    expect(costOf(lot('a', 10), 250)).toBe(3);
    expect(costOf(lot('a', 10, { price: null }), 250)).toBeNull();
  });
});

describe('a lot as it is typed', () => {
  test.each<[string, string, number]>([
    ['1 kg honey', 'honey', 1000],
    ['2 x 500 g white sugar', 'white-sugar', 1000],
    ['3 × 250 g table salt', 'table-salt', 750],
    ['500 mL honey', 'honey', 710],
  ])('%s', (text, ingredient, grams) => {
    const read = readLot(text);
    expect(read).toMatchObject({ kind: 'lot', ingredient: { id: ingredient } });
    expect(read.kind === 'lot' && read.amount_g / grams).toBeCloseTo(1, 1);
  });
  test('every ingredient is read by its own name: what is corrected or bought by the list is the same again', () => {
    for (const { id, name } of CATALOGUE)
      expect([id, readLot(`2 x 100 g ${name.toLowerCase()}`)]).toEqual([
        id,
        { kind: 'lot', ingredient: expect.objectContaining({ id }), amount_g: 200 },
      ]);
  });
  test.each(['', 'honey jar of dreams', '5 g moonshine dust', '0 g honey'])('“%s” is told to be none', (text) =>
    expect(readLot(text)).toMatchObject({ kind: 'unread', message: expect.stringMatching(/./) }),
  );
});

describe('what is missing for a drink', () => {
  test('is what there is too little of, with what is there and would do', () => {
    const stock = stockOf([lot('a', 100), lot('b', 60), { ...lot('c', 400), ingredient: 'white-sugar' }, lot('d', 0)]);
    expect([...stock]).toEqual([
      ['honey', 160],
      ['white-sugar', 400],
    ]);
    expect(missingFor({ honey: 160 }, stock)).toEqual([]);
    // Jars are not weighed to the gram.
    expect(missingFor({ honey: 162 }, stock)).toEqual([]);
    const [missing] = missingFor({ honey: 300 }, stock);
    expect(missing).toMatchObject({ ingredient: 'honey', wanted_g: 300, there_g: 160 });
    expect(missing!.instead).toEqual([expect.stringMatching(/^\d+ g white sugar$/)]);
    expect(missingFor({ 'own:unknown': 5 }, stock)).toEqual([
      { ingredient: 'own:unknown', wanted_g: 5, there_g: 0, instead: [] },
    ]);
  });
});
