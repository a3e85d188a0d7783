import { EMPTY_BOARD, DRINK_KINDS, type DrinkDocument, type VariantBoard } from '@wellhydra/core/drink';
import { DEFAULT_SETTINGS } from '@wellhydra/core/kitchen';
import { aimForm, aimQuestion, withTarget } from '../src/features/drink/aim/aim-form';
import { aimedSteps } from '@wellhydra/core/aim';
import { answerAim, figureName, linesOf } from '../src/features/drink/aim/answer-aim';
import { analyseDocument } from '../src/domain/run/analyse-document';
import { compareView } from '../src/features/drink/compare/compare-view';
import { differencesOf } from '../src/features/drink/compare/differences';
import { exchangeStep } from '../src/domain/drinks/edit-document';
import { figuresView, type FigureView } from '../src/features/drink/figures/figures-view';
import { originView } from '../src/features/drink/figures/origin-view';
import { resizeForm, resizeView, type ResizeForm } from '../src/features/drink/resize/resize-view';
import {
  everyVariant,
  freeSteps,
  pinchWords,
  variantRows,
  winnerOf,
} from '../src/features/drink/variants/variants-view';
import { changeWords } from '../src/features/drink/versions/versions-sheet';
import { drinkFigures } from '../src/features/drinks/drink-figures';
import { newDocument } from '../src/domain/drinks/starters';
import { USUAL_CONTEXT, runContext } from '../src/domain/run/run-context';
import { SACHET, drink, steps } from './trial-drinks';

const ELDER = steps(
  '100 g dried elderberries',
  '950 mL water',
  'simmer 45 min lid off',
  'strain through cloth',
  '340 g honey',
);
const figure = (document: DrinkDocument, basis: 'serving' | 'spoon' | 'glass' | 'litre' | 'batch', label: string) =>
  figuresView(analyseDocument(document), basis, {}).find((each) => each.label === label) as FigureView;

describe('a new drink', () => {
  test.each(DRINK_KINDS)('%s begins with steps that are understood and come to servings', (kind) => {
    let count = 0;
    const document = newDocument(kind, () => `n${(count += 1)}`);
    const analysis = analyseDocument(document);
    expect(analysis.problems).toEqual([]);
    expect(analysis.serving!.servings).toBeGreaterThan(1.9);
    expect(new Set(document.steps.map(({ id }) => id)).size).toBe(document.steps.length);
  });
  test('or with none', () => expect(newDocument('tea', () => 'n', true).steps).toEqual([]));
});

describe('portions', () => {
  test('a spoon and a glass are shares of a litre', () => {
    // 425.7 mg sodium in a quarter litre of the sachet.
    expect(figure(SACHET, 'glass', 'Sodium').value).toBe('426 mg');
    expect(figure(SACHET, 'spoon', 'Sodium').value).toBe('26 mg');
  });
  test('plants are said by their dry weight', () =>
    expect(figure(ELDER, 'batch', 'Elderberries, dry weight').value).toMatch(/g$/));
});

describe('where a figure comes from', () => {
  test('by ingredient, step and source, adding up to the portion', () => {
    const view = originView(analyseDocument(SACHET), 'glass', figure(SACHET, 'glass', 'Sodium'));
    expect(view.rows.map(({ name, steps: at }) => [name, at])).toEqual([
      ['Table salt', 'step 1'],
      [expect.stringMatching(/citrate/i), 'step 4'],
    ]);
    expect(view.rows.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1, 3);
    // 2.6 g of salt has 1022.8 mg in the litre.
    expect(view.rows[0]!.amount).toBe('256 mg');
  });
  test('what does not add up says how it is found', () => {
    const view = originView(analyseDocument(SACHET), 'litre', figure(SACHET, 'litre', 'Acidity'));
    expect(view.rows).toEqual([]);
    expect(view.how).toMatch(/salts and acids in the drink together/);
  });
});

describe('resizing', () => {
  const analysis = analyseDocument(ELDER);
  const form = (more: Partial<ResizeForm>): ResizeForm => ({ ...resizeForm(analysis, USUAL_CONTEXT), ...more });
  const view = (more: Partial<ResizeForm>) => resizeView(ELDER, analysis, form(more), USUAL_CONTEXT);
  test('twice as much, with every change named', () => {
    const resized = view({ mode: 'use-up', line: '200 g dried elderberries' });
    if (resized.kind === 'wrong') throw new Error(resized.message);
    expect(resized.factor).toBe('× 2');
    expect(resized.changes.map(({ is }) => is)).toEqual(['200 g dried elderberries', '1900 mL water', '680 g honey']);
    expect(resized.document.steps.map(({ id }) => id)).toEqual(ELDER.steps.map(({ id }) => id));
    expect(resized.hints.join()).toMatch(/Steam does not grow/);
  });
  test.each<[Partial<ResizeForm>, RegExp]>([
    [{ mode: 'servings', servings: 'many' }, /How many servings/],
    [{ mode: 'volume', volume: '2 spoons of' }, /./],
    [{ mode: 'bottles', count: '1.5' }, /whole number/],
    [{ mode: 'use-up', line: '100 g table salt' }, /no table salt/],
  ])('%j is told what is wrong', (more, says) =>
    expect(view(more)).toMatchObject({ kind: 'wrong', message: expect.stringMatching(says) }),
  );
  test('its own size is its size', () =>
    expect(view({ mode: 'use-up', line: '100 g dried elderberries' })).toMatchObject({
      message: expect.stringMatching(/size now/),
    }));
  test('a kitchen without bottles says where to add some', () => {
    const bare = runContext({ ...DEFAULT_SETTINGS, containers: [] }, []);
    expect(resizeView(ELDER, analysis, form({ mode: 'bottles' }), bare)).toMatchObject({
      message: expect.stringMatching(/under Kitchen/),
    });
  });
});

describe('aim', () => {
  const start = aimForm(analyseDocument(SACHET), DEFAULT_SETTINGS);
  const asked = (form = start) => {
    const question = aimQuestion(form);
    if (typeof question === 'string') throw new Error(question);
    return answerAim(question);
  };
  test('the sachet is found for its target, and its steps come to it', () => {
    const { doses, figures, obstacles } = asked();
    expect(obstacles).toEqual([]);
    for (const { value, target } of figures) expect(Math.abs(value / target - 1)).toBeLessThan(0.05);
    const taken = {
      ...SACHET,
      steps: aimedSteps(linesOf(doses), 1000).map((step, index) => ({ id: `${index}`, ...step })),
    };
    const { perLitre, problems } = analyseDocument(taken);
    expect(problems).toEqual([]);
    expect(Math.abs(perLitre!.sodium_mmol / 75 - 1)).toBeLessThan(0.05);
  });
  test('with spoons every dose can be read again, and the odds are said', () => {
    const { doses, chanceTooSalty } = asked({ ...start, instrument: 'spoon set' });
    const lines = doses.flatMap(({ lines: all }) => all);
    expect(analyseDocument(drink([...lines, 'water to 1 L'])).problems).toEqual([]);
    expect(chanceTooSalty).toBeGreaterThan(0);
  });
  test('a locked dose stays', () => {
    const { doses } = asked({ ...start, locked: [{ id: 'table-salt', mass_g: 2 }] });
    expect(doses.find(({ id }) => id === 'table-salt')).toMatchObject({ mass_g: 2, locked: true });
  });
  test('another target brings its figures; one of the own keeps them', () => {
    const sport = withTarget(start, 'sports-6-percent');
    expect(Object.keys(sport.figures)).toContain('carbohydrate_g_L');
    expect(withTarget(sport, '').figures).toEqual(sport.figures);
    expect(figureName('sodium_mmol_L')).toEqual({ name: 'Sodium', unit: 'mmol/L' });
  });
  test.each([
    [{ volume: '3 g' }, /volume/],
    [{ figures: {} }, /at least one figure/],
    [{ figures: { sodium_mmol_L: 'lots' } }, /"lots" is no number/],
    [{ available: [] }, /what there is/],
  ])('%j is told what is wrong', (more, says) => expect(aimQuestion({ ...start, ...more })).toMatch(says));
});

describe('two drinks side by side', () => {
  const other = {
    ...ELDER,
    steps: ELDER.steps.map((step) => (step.id === 's4' ? { ...step, text: '170 g honey' } : step)),
  };
  const compared = compareView(ELDER, other, USUAL_CONTEXT);
  test('what differs in steps, and what that does', () => {
    expect(compared.steps.map(({ kind }) => kind)).toEqual(['same', 'same', 'same', 'same', 'changed']);
    expect(compared.rails.map(({ label }) => label)).toContain('Sugars');
    expect(compared.rails.every(({ was, value }) => was !== undefined && was !== value)).toBe(true);
    expect(compared.streams.map(({ rowEnds }) => rowEnds)).toEqual([
      [1, 2, 3, 4, 5],
      [1, 2, 3, 4, 5],
    ]);
  });
  test('the wider of the two has all the room, and both are drawn to its scale', () => {
    const [share, less] = compared.streams.map((stream) => stream.share) as [number, number];
    expect(Math.max(share, less)).toBe(1);
    const widest = compared.streams.map(({ analysis }) =>
      Math.max(...analysis.trace.entries.map(({ mass_g }) => mass_g)),
    ) as [number, number];
    expect(less / share).toBeCloseTo(widest[1] / widest[0], 9);
  });
  test('each difference says what it does by itself, and taken over it is the other drink', () => {
    const [only] = differencesOf(ELDER, other, USUAL_CONTEXT);
    expect(only!.title).toBe('170 g honey instead of 340 g honey');
    expect(only!.does).toMatch(/^\S.* → .*/);
    expect(differencesOf(only!.taken, other, USUAL_CONTEXT)).toEqual([]);
    expect(only!.taken.steps.map(({ id }) => id)).toEqual(ELDER.steps.map(({ id }) => id));
  });
  test('what does most stands first; a step that is only there becomes a step of the drink with an id of its own', () => {
    const more = {
      ...other,
      steps: [...other.steps, { id: 's0', verb: 'add', text: '0.1 g dried rosehips' } as const],
    };
    const differences = differencesOf(ELDER, more, USUAL_CONTEXT);
    expect(differences.map(({ title }) => title)).toEqual([
      '170 g honey instead of 340 g honey',
      'With 0.1 g dried rosehips',
    ]);
    const ids = differences[1]!.taken.steps.map(({ id }) => id);
    expect(new Set(ids).size).toBe(ids.length);
  });
  test('a drink and itself', () => {
    const { rails } = compareView(ELDER, ELDER, USUAL_CONTEXT);
    expect([rails, differencesOf(ELDER, ELDER, USUAL_CONTEXT)]).toEqual([[], []]);
  });
  test('beside one with nothing in it every step is a difference, and the last that is taken over makes it whole', () => {
    const nothing = { ...ELDER, steps: [] };
    const view = compareView(nothing, ELDER, USUAL_CONTEXT);
    expect(view.steps.map(({ kind }) => kind)).toEqual(ELDER.steps.map(() => 'only-second'));
    expect(differencesOf(nothing, ELDER, USUAL_CONTEXT)).toHaveLength(ELDER.steps.length);
    expect(view.bands.split(' ')).toEqual(expect.arrayContaining(['water', 'sugar', 'pieces']));
    expect(compareView(nothing, nothing, USUAL_CONTEXT)).toMatchObject({ steps: [], rails: [], bands: '' });
  });
  test('a step of the glass is beside no stretch of a stream', () => {
    const glass = {
      ...ELDER,
      steps: ELDER.steps.map((step) => (step.id === 's4' ? { ...step, atServing: true } : step)),
    };
    expect(compareView(glass, glass, USUAL_CONTEXT).streams[0].rowEnds).toEqual([1, 2, 3, 4]);
  });
  test('a version is told by what changed', () => {
    expect(changeWords(ELDER, other)).toBe('340 g honey became 170 g honey');
    expect(changeWords(undefined, other)).toBe('The first version');
    expect(changeWords(ELDER, ELDER)).toBe('Name, serving or order');
  });
});

describe('variants', () => {
  const DECK = drink(['60 g white sugar', '1.5 g table salt', 'water to 1 L'], { kind: 'sport', serving: '500 mL' });
  const slots = [{ id: 'sweet', name: 'sweetener', stepId: 's0', choices: ['60 g white sugar', '75 g honey', ''] }];
  const board: VariantBoard = { slots, variants: everyVariant(slots, () => Math.random().toString(36)) };
  test('every way to fill the slots, with sugar in teaspoons and salt in pinches', () => {
    const rows = variantRows(DECK, board, USUAL_CONTEXT);
    expect(rows.map(({ name, picks }) => [name, picks])).toEqual([
      ['A', '60 g white sugar'],
      ['B', '75 g honey'],
      ['C', 'left out'],
    ]);
    // 30 g in half a litre, 4.16 g a teaspoon.
    expect(rows[0]!.sugar).toMatch(/^7\.2 tsp sugar/);
    expect(rows[0]!.salt).toMatch(/pinches of salt/);
    expect(pinchWords(1)).toBe('no salt to speak of');
  });
  test('the winner has the best mean, once two were tasted', () => {
    const scored = (points: readonly number[]) => ({
      ...board,
      variants: board.variants.map((variant, index) => ({
        ...variant,
        scores: points[index] ? [{ id: 'x', by: 'Wilf', points: points[index], blind: true, note: '' }] : [],
      })),
    });
    expect(winnerOf(scored([2, 5]))!.name).toBe('B');
    expect(winnerOf(scored([4]))).toBeUndefined();
  });
  test('a step is a slot only once; at most eight are made', () => {
    expect(freeSteps(DECK, board).map(({ title }) => title)).toEqual(['1.5 g table salt', 'Water to 1 L']);
    expect(freeSteps(DECK, EMPTY_BOARD)).toHaveLength(3);
    const many = [0, 1, 2].map((id) => ({ id: `${id}`, name: '', stepId: 's0', choices: ['a', 'b', 'c'] }));
    expect(everyVariant(many, () => 'n')).toHaveLength(8);
  });
});

test('a step exchanged for two keeps its note on the first; for none it goes', () => {
  const noted = { ...ELDER, steps: ELDER.steps.map((step) => ({ ...step, note: 'Watch it' })) };
  const two = exchangeStep(
    noted,
    's2',
    [
      { verb: 'simmer', text: '15 min' },
      { verb: 'steep', text: '8 h' },
    ],
    () => 'n',
  );
  expect(two.steps.slice(2, 4)).toEqual([
    { id: 's2', verb: 'simmer', text: '15 min', note: 'Watch it' },
    { id: 'n', verb: 'steep', text: '8 h' },
  ]);
  expect(exchangeStep(noted, 's2', [], () => 'n').steps).toHaveLength(4);
});

test('a drink of the kitchen is an ingredient of another, in the analysis and in its spread', () => {
  const syrup = { ...ELDER, name: 'Fog syrup' };
  const glass = { ...steps('use 30 mL Fog syrup', '170 mL water'), name: 'Evening glass' };
  const context = runContext(null, [syrup, glass]);
  expect(analyseDocument(glass, context).problems).toEqual([]);
  expect(analyseDocument(glass, context).perServing.sugars_g).toBeGreaterThan(5);
  expect(analyseDocument(glass, USUAL_CONTEXT).problems).toHaveLength(1);
  // The list of drinks runs it in the same kitchen.
  expect(drinkFigures({ document: glass, settings: null, others: [syrup] }).warning).toBeNull();
  expect(drinkFigures({ document: glass, settings: null, others: [] }).warning).toMatch(/not understood/);
});
