import type { BottleRecord, DrinkRecord } from '@wellhydra/contract';
import type { DrinkDocument } from '@wellhydra/core/drink';
import { bottleView, dueView, nextPour_mL, poursLeft, shelfView } from '../src/features/bottles/bottles-view';
import { fillBottles, suggestBottles } from '../src/features/bottles/fill-bottles';
import { analyseDocument } from '../src/features/drink/analyse-draft';
import { answerSpread } from '../src/features/drink/answer-spread';
import { cautionsView, keepingView } from '../src/features/drink/cautions-view';
import { insertStep, moveStep, removeStep, totalMark, withTotal } from '../src/features/drink/edit-document';
import { basisTitle, figuresView, sensible, yieldWords } from '../src/features/drink/figures-view';
import { barParts, bandMasses } from '../src/features/drink/pot-bands';
import { saveState } from '../src/features/drink/save-state';
import { composerView, lineFromStep, stepFromLine, stepsView } from '../src/features/drink/steps-view';
import { streamShape } from '../src/features/drink/stream-shape';
import { oddsWords, targetWords } from '../src/features/drink/target-words';
import { figuresOf } from '../src/features/drinks/drink-figures';
import { currentDocuments, drinkGroups } from '../src/features/drinks/drinks-view';
import { newDocument } from '../src/features/drinks/kinds';

const drink = (lines: readonly string[], more: Partial<DrinkDocument> = {}): DrinkDocument => ({
  name: 'Trial',
  kind: 'rehydration',
  serving: '250 mL',
  target: null,
  steps: lines.map((text, index) => ({ id: `s${index}`, verb: 'add', text })),
  ...more,
});
const SACHET = drink([
  '2.6 g table salt',
  '13.5 g glucose',
  '1.5 g potassium chloride',
  '2.9 g trisodium citrate dihydrate',
  'water to 1 L',
]);
const label = (document: DrinkDocument, basis: 'serving' | 'litre' | 'batch', name: string) =>
  figuresView(analyseDocument(document), basis, answerSpread({ number: 1, document }).ranges).find(
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
      number: 1,
      document: drink(['25 g sugar', '1/2 heaped cutlery tsp salt', 'water to 1 L']),
    });
    expect(oddsWords(spooned.chanceTooSalty)).toMatch(/about 1 batch in [23]/);
    expect(oddsWords(0)).toMatch(/fewer than 1 batch in 1,000/);
    expect(oddsWords(0.9)).toMatch(/90 batches in 100/);
    expect(oddsWords(null)).toBeNull();
    expect(targetWords(analyseDocument(SACHET))).toMatch(/WHO/);
  });
});

describe('steps', () => {
  test('rows say what was written, what it comes to, and what is wrong', () => {
    const document = drink(['1/2 tsp salt', '2 g slat', 'water to 1 L']);
    const [salt, slat, water] = stepsView(document, analyseDocument(document));
    expect(salt).toMatchObject({ title: '1/2 tsp salt', details: 'Table salt · 3 g ± 13 %', problem: null });
    expect(salt!.notes[0]).toMatch(/fine table salt/);
    expect(slat!.problem).toMatchObject({ suggestions: expect.arrayContaining(['2 g salt']) });
    expect(water!.details).toMatch(/^99\d g|^1 kg|^0\.99/);
  });
  test('a weighed powder is said in spoons too', () => {
    const document = drink(['1.5 g potassium chloride', '1 L water']);
    expect(stepsView(document, analyseDocument(document))[0]!.details).toMatch(/about 1\/4 tsp level/);
  });
  test.each([
    ['stir 2 min', 'stir', '2 min'],
    ['Dissolve', 'dissolve', ''],
    ['add 2 g salt', 'add', '2 g salt'],
    ['2 g salt', 'add', '2 g salt'],
  ])('%p is a step', (line, verb, text) => {
    expect(stepFromLine(line)).toEqual({ verb, text });
    expect(stepFromLine(lineFromStep(stepFromLine(line)))).toEqual({ verb, text });
  });
  test('what is being typed is read at once', () => {
    expect(composerView('')).toEqual({ kind: 'empty' });
    expect(composerView('1/2 tsp salt')).toMatchObject({ kind: 'understood', text: '0.5 US tsp table salt' });
    expect(composerView('water to 1 L')).toMatchObject({ details: 'filled up to 1 L' });
    expect(composerView('2 g slat')).toMatchObject({ kind: 'problem' });
    expect(composerView('stir')).toMatchObject({ text: 'Stir' });
  });
  test('moved, removed, put back, filled up', () => {
    const texts = (document: DrinkDocument) => document.steps.map(({ text }) => text.slice(0, 3));
    expect(texts(moveStep(SACHET, 's0', 2))).toEqual(['13.', '1.5', '2.6', '2.9', 'wat']);
    expect(texts(moveStep(SACHET, 's0', 99)).at(-1)).toBe('2.6');
    expect(moveStep(SACHET, 'none', 0)).toBe(SACHET);
    const step = SACHET.steps[1]!;
    expect(insertStep(removeStep(SACHET, step.id), step, 1)).toEqual(SACHET);
    expect(totalMark(SACHET)).toBe('1 L');
    expect(totalMark(withTotal(SACHET, '2 L', 'n'))).toBe('2 L');
    expect(withTotal(drink(['2 g salt']), '2 L', 'n').steps.at(-1)).toMatchObject({ id: 'n', text: 'water to 2 L' });
    expect(totalMark(drink(['2 to 3 g salt']))).toBeUndefined();
  });
});

describe('the pot as a picture', () => {
  test('bands hold all of the mass', () => {
    const { trace } = analyseDocument(
      drink(['100 mL lemon juice', '50 g honey', '5 g salt', '3 slices cucumber', '1 L water']),
    );
    expect(Object.values(bandMasses(trace.pot)).reduce((sum, mass) => sum + mass, 0)).toBeCloseTo(trace.pot.mass_g, 6);
    expect(barParts(trace.pot).reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1, 9);
  });
  test('an acid is not drawn as a salt', () => {
    const { trace } = analyseDocument(drink(['5 g citric acid', '1 L water']));
    expect(bandMasses(trace.pot)).toMatchObject({ salt: 0, acid: expect.closeTo(5, 6) });
  });
  test('the stream has a path for every band and none for nothing', () => {
    const analysis = analyseDocument(SACHET);
    const paths = streamShape(analysis, [60, 120, 180, 240, 300], 80);
    expect(paths.map(({ band }) => band)).toEqual(['water', 'sugar', 'acid', 'salt', 'pieces']);
    for (const { path } of paths) expect(path).not.toMatch(/NaN/);
    expect(streamShape(analyseDocument(drink([])), [], 80)).toEqual([]);
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
  volume_mL: 500,
  remaining_mL: 500,
  serving_mL: 200,
  madeAt: '2026-03-01T08:00:00Z',
  openedAt: null,
  useBy: '2026-03-03T08:00:00Z',
  useByReason: '',
  cautions: [],
  pours: [],
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
  ])('until %s is %s', (useBy, words, urgency) => expect(dueView(useBy, NOW)).toEqual({ words, urgency }));
  test('a pour is a serving, or the rest', () => {
    expect(nextPour_mL(bottle({}))).toBe(200);
    expect(nextPour_mL(bottle({ remaining_mL: 50 }))).toBe(50);
    expect(poursLeft(bottle({}))).toBe(2.5);
    expect(bottleView(bottle({ remaining_mL: 50 }), NOW).pourLabel).toBe('Pour 50 mL');
    expect(bottleView(bottle({ kind: 'dry-mix', serving_mL: 5 }), NOW).pourLabel).toBe('Pour 5 g');
  });
  test('the empty stand apart', () => {
    const { full, empty, summary } = shelfView([bottle({}), bottle({ id: 'e', remaining_mL: 0 })], NOW);
    expect([full.length, empty.length, summary]).toEqual([1, 1, '1 bottle · 500 mL']);
  });
  test.each([
    [1000, { count: '1', size: '1 L' }],
    [1600, { count: '1', size: '1 L' }],
    [780, { count: '1', size: '750 mL' }],
    [2040, { count: '2', size: '1 L' }],
    [60, { count: '1', size: '60 mL' }],
  ])('%d mL go into %j', (volume, row) => expect(suggestBottles(volume)).toEqual(row));
  test('the form says what is wrong with it', () => {
    expect(fillBottles({ count: '2', size: '500 mL' }, false)).toEqual({ kind: 'bottles', volumes_mL: [500, 500] });
    expect(fillBottles({ count: '0', size: '500 mL' }, false)).toMatchObject({ field: 'count' });
    expect(fillBottles({ count: '2', size: 'big' }, false)).toMatchObject({ field: 'size' });
    expect(fillBottles({ count: '2', size: '500 g' }, false)).toMatchObject({ field: 'size' });
    expect(fillBottles({ count: '1', size: '250 g' }, true)).toMatchObject({ kind: 'bottles' });
  });
});

describe('the list of drinks', () => {
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
    expect(drinkGroups(all, 'CITRATE salt', null).flatMap(({ lines }) => lines.map(({ id }) => id))).toEqual(['1']);
    expect(drinkGroups(all, 'tonic', null).flatMap(({ lines }) => lines.map(({ id }) => id))).toEqual(['2']);
    expect(drinkGroups(all, 'no such', null)).toEqual([]);
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
  expect(saveState({ unsent: true, stuck: 'offline', revision: 4 })).toMatch(/Kept on this device/);
  expect(saveState({ unsent: true, stuck: 'refused', revision: 4 })).toMatch(/refused/);
});
