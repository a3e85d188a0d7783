import type { BottleRecord, DrinkRecord } from '@wellhydra/contract';
import type { DrinkDocument } from '@wellhydra/core/drink';
import { dueView } from '../src/domain/words/due-words';
import { bottleView, nextPour_mL, poursLeft, shelfSummary } from '../src/features/bottles/bottles-view';
import { analyseDocument } from '../src/domain/run/analyse-document';
import { answerSpread } from '../src/features/drink/figures/answer-spread';
import { cautionsView, keepingView } from '../src/domain/drinks/cautions-view';
import { figuresView, sensible } from '../src/features/drink/figures/figures-view';
import { basisTitle, yieldWords } from '../src/domain/words/yield-words';
import { saveState } from '../src/features/drink/header/save-state';
import { oddsWords, targetWords } from '../src/features/drink/figures/target-words';
import { drinkFigures } from '../src/features/drinks/drink-figures';
import { currentDocuments, drinkGroups } from '../src/features/drinks/drinks-view';
import { newDocument } from '../src/domain/drinks/starters';
import { SACHET, drink } from './trial-drinks';

const label = (document: DrinkDocument, basis: 'serving' | 'litre' | 'batch', name: string) =>
  figuresView(analyseDocument(document), basis, answerSpread({ document, settings: null, others: [] }).ranges).find(
    (figure) => figure.label === name,
  );

describe('figures', () => {
  test.each([
    [0.001, '0'],
    [0.193, '0.19'],
    [3.368, '3.4'],
    [12.62, '13'],
    [74.07, '74'],
    [425.7, '426'],
    [1234, '1230'],
  ])('%d is said as %s', (value, words) => expect(sensible(value)).toBe(words));

  test('a litre shows what the target is written in', () => {
    expect(label(SACHET, 'litre', 'Sodium')).toMatchObject({ value: '74 mmol/L', equal: 'aim 75', outside: false });
    expect(label(SACHET, 'litre', 'Citrate')?.value).toBe('9.9 mmol/L');
    expect(label(SACHET, 'litre', 'Dissolved particles')?.value).toBe('243 mOsm/L');
  });
  test('a glass shows milligrams, with the band of the litre scaled to it', () => {
    const sodium = label(SACHET, 'serving', 'Sodium')!;
    expect(sodium).toMatchObject({ value: '426 mg', equal: '19 % of a day' });
    const { dot, band, whisker } = sodium.places!;
    expect(band![0] < dot && dot < band![1]).toBe(true);
    expect(whisker![0] < dot && dot < whisker![1]).toBe(true);
    expect(sodium.spoken).toMatch(/within the band 60 to 90.*with these measures/);
  });
  test('a batch is the sum of its glasses', () => {
    expect(label(SACHET, 'batch', 'Sodium')?.value).toBe('1700 mg');
    expect(label(SACHET, 'serving', 'Sugars')?.equal).toBe('0.81 tsp');
  });
  test('a figure off its band says so', () => {
    const salty = drink(['25 g sugar', '6 g salt', 'water to 1 L']);
    expect(label(salty, 'litre', 'Sodium')).toMatchObject({ outside: true });
    expect(label(salty, 'serving', 'Sodium')?.spoken).toMatch(/above the band/);
  });
  test('without a target there are no bands; with nothing in the pot no figures', () => {
    expect(label(drink(['200 mL orange juice'], { kind: 'juice' }), 'serving', 'Sodium')?.places?.band).toBeUndefined();
    expect(figuresView(analyseDocument(drink([])), 'serving', {})).toEqual([]);
  });
  test('titles and yields', () => {
    const analysis = analyseDocument(SACHET);
    expect([basisTitle(analysis, 'serving'), basisTitle(analysis, 'litre'), basisTitle(analysis, 'batch')]).toEqual([
      'In each 250 mL',
      'In a litre',
      'In all 1 L',
    ]);
    expect(yieldWords(analysis)).toEqual({ total: '1 L', servings: '4' });
    expect(yieldWords(analyseDocument(drink(['100 g glucose'], { kind: 'dry-mix', serving: '6 g' })))).toEqual({
      total: '100 g',
      servings: '16',
    });
    expect(yieldWords(analyseDocument(drink([])))).toEqual({ total: 'nothing yet', servings: '0' });
  });
  test('the chance of too much salt is said as odds', () => {
    const spooned = answerSpread({
      document: drink(['25 g sugar', '1/2 heaped cutlery tsp salt', 'water to 1 L']),
      settings: null,
      others: [],
    });
    expect(oddsWords(spooned.chanceTooSalty)).toMatch(/about 1 batch in [23]/);
    expect(oddsWords(0)).toMatch(/fewer than 1 batch in 1,000/);
    expect(oddsWords(0.9)).toMatch(/90 batches in 100/);
    expect(oddsWords(null)).toBeNull();
    expect(targetWords(analyseDocument(SACHET))).toMatch(/WHO/);
  });
});

describe('cautions and keeping', () => {
  test('what must be read first stands apart', () => {
    const view = cautionsView(analyseDocument(drink(['25 g sugar', '6 g salt', '10 g honey', 'water to 1 L'])));
    expect(view.stops.map(({ code }) => code)).toEqual(['rehydration-salt-high']);
    expect(view.others.map(({ code }) => code)).toContain('honey-under-12-months');
  });
  test('keeping in words', () => {
    expect(keepingView(analyseDocument(SACHET))).toMatchObject({
      title: 'Keeps about 24 h',
      text: expect.stringMatching(/laboratory/),
    });
    expect(keepingView(analyseDocument(drink(['100 g glucose'], { kind: 'dry-mix', serving: '5 g' })))?.text).toMatch(
      /cupboard/,
    );
    expect(keepingView(analyseDocument(drink([])))).toBeNull();
  });
});

const bottle = (changes: Partial<BottleRecord>): BottleRecord => ({
  id: 'b',
  brewId: 'w',
  batch: 'T-01',
  drinkId: 'd',
  drinkName: 'Trial',
  kind: 'sport',
  place: 'fridge',
  spot: null,
  vessel: null,
  label: null,
  facts: null,
  volume_mL: 500,
  remaining_mL: 500,
  serving_mL: 200,
  madeAt: '2026-03-01T08:00:00Z',
  openedAt: null,
  useBy: '2026-03-03T08:00:00Z',
  useByReason: '',
  stands: [{ place: 'fridge', since: '2026-03-01T08:00:00Z' }],
  keeping: {
    place: 'fridge',
    days: 2,
    daysOpened: 2,
    daysInCoolRoom: 0.1,
    closed: { fridge: 2, 'cool room': 0.1, cupboard: 0.1, freezer: 240 },
    heldBackBy: ['it is not sterile'],
  },
  cautions: [],
  perServing: null,
  ...changes,
});
const NOW = new Date('2026-03-02T08:00:00Z');

describe('bottles', () => {
  test.each([
    ['2026-03-02T08:30:00Z', '30 min', 'soon'],
    ['2026-03-03T08:00:00Z', '24 h', 'soon'],
    ['2026-03-12T08:00:00Z', '10 days', 'later'],
    ['2026-09-12T08:00:00Z', '6 months', 'later'],
    ['2026-03-01T08:00:00Z', 'past by 24 h', 'past'],
  ])('until %s is %s', (useBy, words, urgency) => expect(dueView(useBy, NOW)).toMatchObject({ words, urgency }));
  test('a pour is a serving, or the rest', () => {
    expect(nextPour_mL(bottle({}))).toBe(200);
    expect(nextPour_mL(bottle({ remaining_mL: 50 }))).toBe(50);
    expect(poursLeft(bottle({}))).toBe(2.5);
    expect(bottleView(bottle({ remaining_mL: 50 }), NOW).pourLabel).toBe('Pour 50 mL');
    expect(bottleView(bottle({ kind: 'dry-mix', serving_mL: 5 }), NOW).pourLabel).toBe('Pour 5 g');
  });
  test('powders are counted, and not poured together with what is wet', () => {
    expect(shelfSummary([bottle({}), bottle({ id: 'e', kind: 'dry-mix' })])).toBe('2 bottles · 500 mL');
    expect(shelfSummary([bottle({ kind: 'dry-mix' })])).toBe('1 bottle');
  });
});

describe('the list of drinks', () => {
  const nothingYet = () => undefined;
  const figuresOf = (document: DrinkDocument) => drinkFigures({ document, settings: null, others: [] });
  const record = (id: string, document: DrinkDocument): DrinkRecord => ({
    id,
    revision: 1,
    document,
    savedAt: '',
    savedBy: '',
  });
  test('by kind and name, with what was typed here in its place', () => {
    const records = [
      record('1', drink(['1 L water'], { name: 'Zed', kind: 'tonic' })),
      record('2', SACHET),
      record('3', drink(['1 L water'], { name: 'Ash', kind: 'tonic' })),
    ];
    const groups = drinkGroups(currentDocuments(records, {}), '', figuresOf);
    expect(groups.map(({ kind, lines }) => [kind, lines.map(({ name }) => name)])).toEqual([
      ['Tonic', ['Ash', 'Zed']],
      ['Rehydration', ['Trial']],
    ]);
  });
  test('found by words of name, kind or steps', () => {
    const all = currentDocuments(
      [record('1', SACHET), record('2', drink(['1 L water'], { name: 'Plain', kind: 'tonic' }))],
      {},
    );
    expect(drinkGroups(all, 'CITRATE salt', nothingYet).flatMap(({ lines }) => lines.map(({ id }) => id))).toEqual([
      '1',
    ]);
    expect(drinkGroups(all, 'tonic', nothingYet).flatMap(({ lines }) => lines.map(({ id }) => id))).toEqual(['2']);
    expect(drinkGroups(all, 'no such', nothingYet)).toEqual([]);
  });
  test('a warning where something is wrong', () => {
    const warnings = drinkGroups(
      currentDocuments(
        [record('1', drink(['25 g sugar', '6 g salt', 'water to 1 L'])), record('2', drink(['2 g slat']))],
        {},
      ),
      '',
      figuresOf,
    ).flatMap(({ lines }) => lines.map(({ warning }) => warning));
    expect(warnings).toEqual(['Too salty to give', '1 step is not understood']);
  });
  test('a new drink of each kind runs clean', () => {
    let count = 0;
    for (const kind of [
      'rehydration',
      'sport',
      'daily-hydration',
      'infused-water',
      'juice',
      'syrup',
      'vinegar-honey',
      'dry-mix',
      'tea',
    ] as const) {
      const { problems, cautions } = analyseDocument(newDocument(kind, () => String((count += 1))));
      expect([kind, problems]).toEqual([kind, []]);
      expect(cautions.map(({ code }) => code)).not.toContain('rehydration-salt-high');
    }
  });
});

test('how things stand with the server', () => {
  expect(saveState({ unsent: false, stuck: null, revision: 4 })).toBe('Version 4 · saved');
  expect(saveState({ unsent: true, stuck: null, revision: 4 })).toBe('Saving');
  expect(saveState({ unsent: true, stuck: 'no-connection', revision: 4 })).toMatch(/Kept on this device/);
  expect(saveState({ unsent: true, stuck: 'refused', revision: 4 })).toMatch(/refused/);
});
