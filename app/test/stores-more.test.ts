import type { BottleRecord, LotRecord, TriedBrews } from '@wellhydra/contract';
import type { DrinkDocument } from '@wellhydra/core/drink';
import { DEFAULT_SETTINGS } from '@wellhydra/core/kitchen';
import type { Had } from '../src/domain/people/drunk';
import { analyseDocument } from '../src/domain/run/analyse-document';
import { runContext } from '../src/domain/run/run-context';
import { costView } from '../src/features/drink/cost/cost-view';
import { wentWellView } from '../src/features/drink/well/went-well-view';
import { EMPTY_LABEL, readLabelForm, saltWords, withLabelText } from '../src/features/stores/label-form';
import { runningOut, wantedAgain } from '../src/features/stores/running-out';
import { NOW } from './trial-people';

/** What is bought, what it costs, what went well: as it is said. */

const DAY_ms = 86_400_000;
const document: DrinkDocument = {
  name: 'Rope-walk water',
  kind: 'tonic',
  serving: '100 mL',
  target: null,
  steps: [
    { id: 'a', verb: 'add', text: '1 L water' },
    { id: 'b', verb: 'add', text: '100 g honey' },
    { id: 'c', verb: 'add', text: '2 g table salt' },
  ],
};
const context = runContext(DEFAULT_SETTINGS, [document]);
const analysis = analyseDocument(document, context);
const lot = (ingredient: string, price: number | null) =>
  ({
    id: ingredient,
    ingredient,
    amount_g: 1000,
    remaining_g: 500,
    price,
    gotAt: NOW.toISOString(),
    bestBefore: null,
  }) as LotRecord;

describe('what a batch costs', () => {
  it('is at least what has a price, and says what has none and how to know it', () => {
    const view = costView(analysis, [lot('honey', 12)], DEFAULT_SETTINGS, 'd');
    expect(view.title).toMatch(/^At least £1\.20 for /);
    expect(view.without).toBe('Without table salt: to know them, put lots with prices into the stores.');
    expect(view.rows.map(({ name, cost }) => [name, cost])).toEqual([
      ['Honey', '£1.20'],
      ['Table salt', 'not known'],
    ]);
  });

  it('is held against a shop, dearer or cheaper', () => {
    const lots = [lot('honey', 12), lot('table-salt', 1)];
    const shop = (price: number) =>
      costView(analysis, lots, { ...DEFAULT_SETTINGS, shopPrices: [{ id: 'd', price, amount: 100 }] }, 'd').shop;
    expect(shop(1)).toMatch(/^As much of it from the shop is £10\.\d\d: £\d\.\d\d more\.$/);
    expect(shop(0.01)).toMatch(/less than this\.$/);
    expect(costView(analysis, lots, DEFAULT_SETTINGS, 'd').shop).toBe('');
  });

  it('has nothing to say before anything has a price', () => {
    expect(costView(analysis, [], DEFAULT_SETTINGS, 'd').title).toBe('Nothing has a price yet');
  });
});

describe('what is running out', () => {
  const bottle = { drinkId: 'd', remaining_mL: 300 } as BottleRecord;
  const had = [1, 2, 3].map(
    (days) =>
      ({
        pour: { drinkId: 'd', volume_mL: 100, pouredAt: new Date(NOW.getTime() - days * DAY_ms).toISOString() },
      }) as Had,
  );
  const names = new Map([['d', 'Rope-walk water']]);

  it('is what the pace of the week says', () => {
    const [view] = runningOut({ lasts: [], bottles: [bottle], had, names, now: NOW });
    expect(view).toMatchObject({ drinkId: 'd', missing_mL: null });
    expect(view!.words).toMatch(/^Rope-walk water: until .* at the pace of the last week$/);
    expect(runningOut({ lasts: [], bottles: [{ ...bottle, remaining_mL: 9000 }], had, names, now: NOW })).toEqual([]);
  });

  it('is what is planned by the spoon first, in as many batches as that takes', () => {
    const out = { kind: 'runs-out', at: new Date(NOW.getTime() + DAY_ms), missing_mL: 2500 } as const;
    const lasts = [{ drinkId: 'd', drinkName: 'Rope-walk water', out, batch: '', words: '', readyBy: NOW }];
    const [view] = runningOut({ lasts, bottles: [bottle], had, names, now: NOW });
    expect(view!.words).toMatch(/by what is planned$/);
    const wanted = wantedAgain(view!, analysis);
    expect(wanted.name).toBe('Rope-walk water, 3 batches');
    expect(wanted.used).toEqual({ honey: 300, 'table-salt': 6 });
  });
});

describe('a label in the form', () => {
  it('is read, brought to 100 g, and kept with what is doubtful about it', () => {
    const { form, read } = withLabelText(
      { ...EMPTY_LABEL, name: 'Gull powder' },
      'per serving (20 g)\nCalories 10\nCarbohydrate 19 g',
    );
    expect(form.figures).toMatchObject({ carbohydrate_g: '95', energy_kcal: '50' });
    const found = readLabelForm(form, read);
    expect(found).toMatchObject({ kind: 'ingredient', fields: { label: { serving_g: 100, carbohydrate_g: 95 } } });
    expect(found.kind === 'ingredient' && found.doubts.map(({ figure }) => figure)).toEqual(['energy_kcal']);
  });

  it.each([
    [{ name: '' }, 'name'],
    [{ figures: {} }, 'energy_kcal'],
    [{ figures: { fat_g: 'much' } }, 'fat_g'],
    [{ figures: { fat_g: '-1' } }, 'fat_g'],
    [{ figures: { carbohydrate_g: '80', fat_g: '80' } }, 'carbohydrate_g'],
    [{ teaspoon_g: '500' }, 'teaspoon_g'],
  ])('%j is wrong at %s', (change, at) => {
    const form = { ...EMPTY_LABEL, name: 'Gull powder', figures: { fat_g: '1,5' }, ...change };
    expect(readLabelForm(form, null)).toMatchObject({ kind: 'wrong', at });
  });

  it('says sodium as salt', () => {
    expect(saltWords('400')).toBe('1 g of salt');
    expect(saltWords('')).toBeUndefined();
  });
});

describe('what went well', () => {
  const tried = (honey: readonly number[]): TriedBrews => ({
    brews: honey.map((grams, index) => ({
      id: String(index),
      batch: `RW-${index}`,
      madeAt: NOW.toISOString(),
      taste: Math.min(5, 1 + grams / 40),
      used: { honey: grams, 'table-salt': 2 },
      got: 1000,
      brix: null,
      pH: null,
    })),
  });

  it('is not said of a few brews', () => {
    expect(wentWellView(tried([100]), document, context)).toMatchObject({ kind: 'too-few' });
    expect(wentWellView({ brews: [] }, document, context)).toMatchObject({
      words: expect.stringMatching(/^No brew of it was/),
    });
  });

  it('says how much, between what, and how sure; and changes one line for the next', () => {
    const view = wentWellView(tried([80, 100, 120, 140, 160]), document, context);
    if (view.kind !== 'known') throw new RangeError('too few');
    expect(view.liked[0]).toMatchObject({ name: 'Honey', sure: expect.stringMatching(/^Likely/) });
    expect(view.liked[0]!.words).toMatch(/^better with 12 g\/L more: 0\.3 points \(\+0\.\d+ to \+0\.\d+\)$/);
    expect(view.same).toBe('Table salt');
    expect(view.trial!.title).toBe('20 % more honey, and nothing else changed');
    expect(view.trial!.document!.steps.map(({ text }) => text)).toEqual(['1 L water', '120 g honey', '2 g table salt']);
  });
});
