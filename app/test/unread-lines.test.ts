import { analyseDrink } from '@wellhydra/core/analyse';
import { documentDrink, type DrinkDocument } from '@wellhydra/core/drink';
import { unreadLines } from '../src/features/drink/figures/unread-lines';
import { stepsView } from '../src/features/drink/step/steps-view';

const document = (...lines: readonly string[]): DrinkDocument => ({
  name: 'Half read',
  kind: 'rehydration',
  serving: '250 mL',
  target: null,
  steps: lines.map((text, at) => ({ id: `s${at}`, verb: 'add', text })),
});
const runs = (each: DrinkDocument) => analyseDrink(documentDrink(each));

test('figures say without which lines they are, and an empty line is only begun', () => {
  const half = document('2 tsp salt', 'a liter o wotter maybe', '');
  expect(unreadLines(half, runs(half))).toEqual([{ id: 's1', text: 'a liter o wotter maybe' }]);
  const whole = document('2 tsp salt', '1 L water');
  expect(unreadLines(whole, runs(whole))).toEqual([]);
});

test('nothing is advised from the rest while a line is unread', () => {
  const lines = ['200 mL water', '300 g salt'];
  const advised = (each: DrinkDocument) =>
    stepsView(each, runs(each)).flatMap(({ notes }) => notes.filter((note) => !/read as/.test(note)));
  expect(advised(document(...lines)).length).toBeGreaterThan(0);
  expect(advised(document(...lines, 'sum stuff'))).toEqual([]);
});
