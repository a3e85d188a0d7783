import { type DrinkDocument, stepFromLine } from '@wellhydra/core/drink';
import { analyseDocument } from '../src/domain/run/analyse-document';
import {
  duplicateStep,
  insertStep,
  moveStep,
  removeStep,
  replaceStep,
  rewriteStep,
  totalMark,
  withTotal,
} from '../src/domain/drinks/edit-document';
import { composerView, stepsView, wholeView } from '../src/features/drink/step/steps-view';
import { curveStream } from '../src/features/drink/stream/curve-stream';
import { momentView, momentsView } from '../src/features/drink/stream/moment-view';
import { SALT_MAGNIFIED, bandWidths, potShares } from '../src/features/drink/stream/pot-bands';
import { streamShape } from '../src/features/drink/stream/stream-shape';
import { BANDS } from '../src/ui/bands';
import { area, line } from 'd3-shape';
import { SACHET, drink, steps } from './trial-drinks';

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
  test('a row says what leaves, how long it takes, and what is in the pot then', () => {
    const document = steps(
      '60 g dried elderberries',
      '1 L water',
      'simmer 30 min lid ajar',
      'strain through cloth',
      'cool to 40 °C',
    );
    const [, , simmer, strain, cool] = stepsView(document, analyseDocument(document));
    expect(simmer).toMatchObject({ title: 'Simmer 30 min', line: 'simmer 30 min, lid ajar' });
    expect(simmer!.details).toMatch(/^lid ajar · and \d+ min to get there · \d+(\.\d)? g leaves as steam$/);
    expect(strain!.details).toMatch(/about \d+(\.\d)? g stays behind · \d+ mL comes through/);
    expect(strain!.after).toMatch(/mL$/);
    expect(cool!.details).toMatch(/^about \d+ min · \d+(\.\d)? g leaves as steam$/);
  });
  test('leaves that still have to be strained are something to come, not a slip on their step', () => {
    const leaves = /still in it at the end/;
    const shown = (...lines: string[]) => {
      const document = steps('10 g dried nettle', '1 L water', 'simmer 10 min', ...lines);
      const analysis = analyseDocument(document);
      return { row: stepsView(document, analysis)[0]!.notes.join(), whole: wholeView(analysis).join() };
    };
    const begun = shown();
    expect([begun.row, begun.whole]).toEqual([
      expect.not.stringMatching(leaves),
      expect.stringMatching(/^Before it is finished:.*still in it/),
    ]);
    const bottled = shown('bottle 1 L bottle', 'store fridge');
    expect([bottled.row, bottled.whole]).toEqual([expect.stringMatching(leaves), expect.not.stringMatching(leaves)]);
  });
  test('what is done to each glass stands apart, and does not move the steps of the batch', () => {
    const document = steps('1 tsp coconut oil', '1 L water', '2 g salt');
    const perGlass = {
      ...document,
      steps: document.steps.map((step, index) => (index === 0 ? { ...step, atServing: true } : step)),
    };
    const [oil, water, salt] = stepsView(perGlass, analyseDocument(perGlass));
    expect([oil!.batchIndex, water!.batchIndex, salt!.batchIndex]).toEqual([null, 0, 1]);
    expect(water!.after).toBe('1 L');
    expect(oil!.details).toMatch(/g/);
  });
  test('a step keeps its note when its line is written anew, and loses what the new line does not say', () => {
    const document = steps('simmer 30 min lid ajar');
    const noted = replaceStep(document, { ...document.steps[0]!, note: 'Watch it', optional: true });
    expect(rewriteStep(noted, 's0', stepFromLine('boil 5 min')).steps).toEqual([
      { id: 's0', verb: 'boil', text: '5 min', note: 'Watch it', optional: true },
    ]);
    expect(duplicateStep(noted, 's0', 'n').steps.map(({ id, note }) => [id, note])).toEqual([
      ['s0', 'Watch it'],
      ['n', 'Watch it'],
    ]);
  });
  test('what is being typed is read at once', () => {
    expect(composerView('')).toEqual({ kind: 'empty' });
    expect(composerView('1/2 tsp salt')).toMatchObject({ kind: 'understood', text: '0.5 US tsp table salt' });
    expect(composerView('water to 1 L')).toMatchObject({ details: 'filled up to 1 L' });
    expect(composerView('2 g slat')).toMatchObject({ kind: 'problem' });
    expect(composerView('simmer 35 min lid ajar')).toMatchObject({ text: 'Simmer 35 min', details: 'lid ajar' });
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
    const widths = bandWidths(trace.pot);
    const magnified = widths.salt * (1 - 1 / SALT_MAGNIFIED);
    expect(BANDS.reduce((sum, band) => sum + widths[band], 0) - magnified).toBeCloseTo(trace.pot.mass_g, 6);
    expect(potShares(trace.pot).reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1, 2);
  });
  test('an acid is not drawn as a salt', () => {
    const { trace } = analyseDocument(drink(['5 g citric acid', '1 L water']));
    expect(bandWidths(trace.pot)).toMatchObject({ salt: 0, acid: expect.closeTo(5, 1) });
  });
  test('the stream has a path for every band that is there and none for nothing', () => {
    const { bands, outflows } = streamShape(analyseDocument(SACHET), [60, 120, 180, 240, 300], 80);
    expect(bands.map(({ band }) => band)).toEqual(['water', 'sugar', 'salt']);
    for (const { path } of bands) expect(path).not.toMatch(/NaN/);
    // At the end, what one glass takes.
    expect(outflows.map(({ kind, step }) => [kind, step])).toEqual([['served', 4]]);
    expect(streamShape(analyseDocument(drink([])), [], 80)).toEqual({ bands: [], outflows: [] });
  });
  test('the edge of the stream turns smoothly where the width changes and is straight elsewhere, and an area closes', () => {
    const edge = line().curve(curveStream);
    expect(
      edge([
        [0, 0],
        [10, 40],
        [10, 60],
      ]),
    ).toBe('M0,0C0,20,10,20,10,40L10,60');
    const between = area<number>()
      .y((y) => y)
      .x0(2)
      .x1(8)
      .curve(curveStream);
    expect(between([0, 50])).toBe('M8,0L8,50L2,50L2,0Z');
  });
  test('steam, strained solids and what is drawn off leave it where they leave the pot', () => {
    const document = steps(
      '100 g dried elderberries',
      '1 L water',
      'simmer 30 min lid off',
      'strain through cloth',
      'draw off 100 mL',
    );
    const { outflows } = streamShape(analyseDocument(document), [60, 120, 180, 240, 300], 80);
    expect(outflows.map(({ kind, step }) => [kind, step])).toEqual([
      ['steam', 2],
      ['strained', 3],
      // One glass would leave by the same place: words say what it takes.
      ['drawn', 4],
    ]);
    for (const { path } of outflows) expect(path).not.toMatch(/NaN/);
  });
  test('one glass leaves it at its end, within the last row, as thick as its share', () => {
    const analysis = analyseDocument({ ...drink(['900 mL water', '100 g honey']), serving: '250 mL' });
    const { mass_g } = analysis.trace.entries.at(-1)!;
    const glass = (rowEnds: readonly number[]) =>
      streamShape(analysis, rowEnds, 40, 80).outflows.find(({ kind }) => kind === 'served')!;
    expect(glass([60, 120]).grams).toBeCloseTo(mass_g / analysis.serving!.servings, 9);
    for (const ends of [
      [60, 120],
      [60, 96],
      [60, 300],
    ]) {
      const heights = [...glass(ends).path.matchAll(/,(-?[\d.]+)/g)].map(([, y]) => Number(y));
      expect(Math.min(...heights)).toBeGreaterThanOrEqual(ends[0]!);
      expect(Math.max(...heights)).toBeLessThanOrEqual(Math.max(ends[1]!, ends[0]! + 42));
    }
    // What has no end yet gives no glass.
    expect(streamShape(analyseDocument(drink([])), [60], 40).outflows).toEqual([]);
  });
  test('any moment can be asked what is in the pot', () => {
    const analysis = analyseDocument(
      steps('100 g dried elderberries', '1 L water', 'simmer 30 min lid off', 'strain through cloth'),
    );
    const moment = momentView(analysis, 3)!;
    expect(moment.title).toMatch(/^After step 4, /);
    expect(moment.facts).toMatch(/mL · 95 °C · .* °Brix/);
    expect(moment.leaves).toMatch(/strainer.*; each serving of .* takes \d+ g$/);
    expect(momentView(analysis, 2)!.leaves).not.toMatch(/serving/);
    expect(moment.parts.map(({ name }) => name)).toEqual(
      expect.arrayContaining(['water', 'sugars', 'dissolved from plants']),
    );
    expect(momentsView(analysis)[0]!.parts.map(({ name }) => name)).toEqual(['plants and pieces']);
    expect(momentView(analyseDocument(drink([])), 0)).toBeNull();
  });
});
