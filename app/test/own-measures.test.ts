import { DEFAULT_SETTINGS } from '@wellhydra/core/kitchen';
import type { DrinkDocument } from '@wellhydra/core/drink';
import { answerMeasures } from '../src/features/measures/answer-measures';
import {
  broughtWords,
  ingredientCalled,
  measureView,
  sameMeasure,
  worthWords,
} from '../src/features/measures/measures-view';

const PINCH = { id: 'p', name: 'pinch', of: 'table-salt', weighed_g: [0.5, 0.55, 0.45] };
const document: DrinkDocument = {
  name: 'By hand',
  kind: 'rehydration',
  serving: '250 mL',
  target: null,
  steps: [
    { id: 'a', verb: 'add', text: '1 L water' },
    { id: 'b', verb: 'add', text: '6 pinches table salt' },
    { id: 'c', verb: 'add', text: '1 mug orange juice' },
  ],
};

test('a measure says what it weighs, how often it was weighed, and what others take', () => {
  const view = measureView(PINCH)!;
  expect(view.title).toBe('Pinch of table salt');
  expect(view.words).toMatch(/^0\.5 g, mostly 0\.\d+ g to 0\.\d+ g · weighed 3 times · others take 0\.35 g$/);
  expect(view.used).toBe('Used for every drink of the kitchen');
  expect(view.picture.points).toEqual([0.5, 0.55, 0.45]);
  expect(view.picture.low_g).toBeLessThan(0.45);
  expect(view.picture.usual!.high_g).toBeGreaterThan(view.picture.high_g);
});

test('it says how often it has to be weighed before it is used, and whose it is', () => {
  expect(measureView({ ...PINCH, weighed_g: [0.5] })!.used).toBe('Weigh it twice more, and it is used');
  expect(measureView({ ...PINCH, weighed_g: [0.5, 0.5] })!.used).toBe('Weigh it once more, and it is used');
  expect(measureView({ ...PINCH, member: 'juno' })!.used).toBe('Used for every drink you make');
  expect(measureView({ ...PINCH, weighed_g: [] })).toBeNull();
  expect(measureView({ id: 'm', name: 'blue mug', of: 'water', weighed_g: [400] })).toMatchObject({
    title: 'Blue mug of water',
    used: 'Used for every drink of the kitchen',
  });
});

test('what weighing brings is said of the drink that gains most, and what it has brought of those that use it', () => {
  const before = answerMeasures({ drinks: [document], settings: DEFAULT_SETTINGS, others: [] });
  const [first] = before.worth;
  expect(worthWords(first!).ask).toMatch(/^How much is your (?:pinch of table salt|mug of orange juice)\?$/);
  expect(worthWords(first!).brings).toMatch(
    /^Weighed a few times, it would bring By hand nearer: .* within \d.* % instead of \d+/,
  );
  expect(before.surer).toEqual({});
  const after = answerMeasures({
    drinks: [document],
    settings: { ...DEFAULT_SETTINGS, measures: [PINCH] },
    others: [],
  });
  expect(after.worth.map(({ name }) => name)).toEqual(['mug']);
  expect(broughtWords(after.surer.p)).toMatch(/^By hand: sodium within \d+ % instead of \d+ %$/);
  expect(broughtWords(undefined)).toBe('No drink of yours is surer for it yet');
});

test('measures that are spelled another way are the same one; another hand’s is another', () => {
  const all = [
    { ...PINCH, name: 'tablespoon', of: 'honey' },
    { ...PINCH, id: 'j', member: 'juno' },
  ];
  expect(sameMeasure(all, { name: 'tbsp', of: 'honey' })).toBe(all[0]);
  expect(sameMeasure(all, { name: 'pinch', of: 'table-salt' })).toBeUndefined();
  expect(sameMeasure(all, { name: 'pinch', of: 'table-salt', member: 'juno' })).toBe(all[1]);
});

test.each([
  ['dried elderberries', 'elderberries-dried'],
  ['salt', 'table-salt'],
  ['moonshine dust', undefined],
  ['', undefined],
])('%j is called %s', (typed, id) => {
  const found = ingredientCalled(typed, {});
  if (id === undefined) expect(found).toBeUndefined();
  else expect(found).toBeDefined();
});
