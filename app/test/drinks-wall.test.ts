import type { BrewRun } from '@wellhydra/contract';
import { drinkGroups, drinkRows, type DrinkFigures } from '../src/features/drinks/drinks-view';
import { leftViews } from '../src/features/drinks/left-view';
import { lyingStream } from '../src/features/drink/stream/lying-stream';
import { analyseDocument } from '../src/domain/run/analyse-document';
import { LYING } from '../src/ui/lying-box';
import { drink } from './trial-drinks';
import { NOW } from './trial-people';

const HOUR_ms = 3_600_000;
const inHours = (hours: number): string => new Date(NOW.getTime() + hours * HOUR_ms).toISOString();

describe('a stream that lies down', () => {
  /** Every place that a path goes through: its numbers in pairs. */
  const places = (path: string): readonly (readonly [number, number])[] =>
    [...path.matchAll(/(-?[\d.]+),(-?[\d.]+)/g)].map(([, x, y]) => [Number(x), Number(y)]);
  test('fills its box from the left to the right, and no more than that', () => {
    const bands = lyingStream(analyseDocument(drink(['20 g honey', '1 L water', '5 g salt'])));
    expect(bands.map(({ band }) => band)).toEqual(expect.arrayContaining(['water', 'sugar', 'salt']));
    const all = bands.flatMap(({ path }) => places(path));
    expect(Math.min(...all.map(([x]) => x))).toBe(0);
    expect(Math.max(...all.map(([x]) => x))).toBe(LYING.width);
    expect(Math.min(...all.map(([, y]) => y))).toBeCloseTo(0, 1);
    expect(Math.max(...all.map(([, y]) => y))).toBeCloseTo(LYING.height, 1);
  });
  test('is nothing while nothing is in the pot', () => expect(lyingStream(analyseDocument(drink([])))).toEqual([]));
  test('has no part for a step that leaves the pot as it was', () => {
    const lines = ['1 L water', '20 g honey'];
    const stirred = {
      ...drink(lines),
      steps: [...drink(lines).steps, { id: 's', verb: 'store' as const, text: 'fridge' }],
    };
    expect(lyingStream(analyseDocument(stirred))).toEqual(lyingStream(analyseDocument(drink(lines))));
  });
});

describe('what there is of a drink', () => {
  const bottle = (drinkId: string, hours: number, remaining_mL = 500) => ({
    drinkId,
    remaining_mL,
    useBy: inHours(hours),
  });
  const run = (drinkId: string, stage: BrewRun['stage']) => ({ drinkId, stage });
  test('bottles with the first of their dates; those past it only where there is no other', () => {
    const left = leftViews(
      [bottle('a', 30), bottle('a', 90), bottle('a', -5), bottle('b', -30), bottle('c', 5, 0)],
      [],
      NOW,
    );
    expect(left.get('a')).toEqual({ words: '2 bottles, 30 hours', has: 'some' });
    expect(left.get('b')!.words).toBe('1 bottle, past its date');
    expect(left.has('c')).toBe(false);
    const words = (hours: number) => leftViews([bottle('a', hours)], [], NOW).get('a')!.words;
    expect([0.5, 47, 48, 24 * 60, 24 * 70].map(words)).toEqual([
      '1 bottle, 0 hours',
      '1 bottle, 47 hours',
      '1 bottle, 2 days',
      '1 bottle, 60 days',
      '1 bottle, 2 months',
    ]);
  });
  test('what is being made is said, unless there are bottles; what was given up is not', () => {
    const runs = [run('a', 'making'), run('b', 'making'), run('c', 'abandoned'), run('d', 'paused')];
    const left = leftViews([bottle('b', 30)], runs, NOW);
    expect(left.get('a')).toEqual({ words: 'being made', has: 'under-way' });
    expect(left.get('b')!.has).toBe('some');
    expect(left.get('d')!.words).toBe('being made, paused');
    expect(left.has('c')).toBe(false);
  });
});

test('the list has its kinds as headings in one column, and is a wall without gaps in two', () => {
  const names = ['Ash', 'Birch', 'Cress'];
  const documents = names.map((name, index) => ({
    id: name,
    document: { ...drink(['1 L water']), name, kind: index < 1 ? 'tea' : 'tonic' },
  }));
  const groups = drinkGroups(documents, '', () => undefined as DrinkFigures | undefined);
  const shown = (columns: number) =>
    drinkRows(groups, columns).map(({ heading, lines }) => [heading, lines.map(({ name }) => name)]);
  expect(shown(1)).toEqual([
    ['Tea', ['Ash']],
    ['Tonic', ['Birch']],
    [null, ['Cress']],
  ]);
  expect(shown(2)).toEqual([
    [null, ['Ash', 'Birch']],
    [null, ['Cress']],
  ]);
});
