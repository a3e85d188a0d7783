import type { LogbookCharts, LogbookRow } from '@wellhydra/contract';
import { monthOptions } from '../src/features/logbook/filters';
import { drinkRows, monthRows, offView, promiseView, rowView, tasteLines } from '../src/features/logbook/logbook-view';

const row = (by: Partial<LogbookRow> = {}): LogbookRow => ({
  id: 'a',
  batch: 'FE-01',
  drinkId: 'd',
  drinkName: 'Fog syrup',
  kind: 'syrup',
  madeAt: '2026-11-26T12:00:00.000Z',
  cook: 'Ines',
  expected_mL: 665,
  got_mL: 580,
  brix: 41.26,
  pH: 3.62,
  taste: 4.5,
  cost: 5.8,
  serving_mL: 10,
  left_mL: 305,
  note: '',
  ...by,
});

describe('a brew as a row', () => {
  test('in words, told in red where it is far off, its cost by the serving', () =>
    expect(rowView(row())).toMatchObject({
      made: 'Thu 26 Nov',
      expected: '665 mL',
      got: '580 mL',
      farOff: true,
      brix: '41',
      pH: '3.6',
      taste: '4.5',
      cost: '£0.10',
      left: '30.5 spoons',
    }));
  test.each<[string, Partial<LogbookRow>, object]>([
    ['just a tenth off', { expected_mL: 100, got_mL: 90 }, { farOff: false }],
    ['a little more than a tenth', { expected_mL: 100, got_mL: 89 }, { farOff: true }],
    ['nothing was promised', { expected_mL: null }, { expected: '', farOff: false }],
    [
      'nothing is known of it',
      { brix: null, pH: null, taste: null, cost: null },
      { brix: '', pH: '', taste: '', cost: '' },
    ],
    [
      'a dry mix',
      { kind: 'dry-mix', got_mL: 258, serving_mL: 5, left_mL: 205 },
      { got: '258 g', left: '41 scoops', brix: '' },
    ],
    ['a glass', { serving_mL: 200, left_mL: 400 }, { left: '2 glasses' }],
    ['one glass', { serving_mL: 200, left_mL: 200 }, { left: '1 glass' }],
    ['nothing left', { left_mL: 0 }, { left: 'none' }],
  ])('%s', (_what, by, words) => expect(rowView(row(by))).toMatchObject(words));
});

const point = (
  expected_mL: number | null,
  got_mL: number,
  id = `${expected_mL}-${got_mL}`,
): LogbookCharts['points'][number] => ({
  id,
  drinkId: 'd',
  drinkName: 'Fog',
  madeAt: '2026-11-26T12:00:00.000Z',
  expected_mL,
  got_mL,
});

describe('what was promised, and what came', () => {
  test('lies on the line where it came as promised, and under it where less came', () => {
    const { dots, least, most } = promiseView([point(100, 100), point(1000, 500), point(null, 9)])!;
    expect([dots.length, least, most]).toEqual([2, '100 mL', '1 L']);
    expect(dots[0]!.x).toBeCloseTo(dots[0]!.y, 9);
    expect(dots[1]!.y).toBeLessThan(dots[1]!.x);
    expect(dots.map(({ age }) => age)).toEqual([0, 1]);
    for (const { x, y } of dots) for (const at of [x, y]) expect(at > 0 && at < 1).toBe(true);
    expect(dots[1]!.words).toBe('Fog: 500 mL of 1 L');
  });
  test('nothing is drawn of nothing', () => {
    expect(promiseView([])).toBeNull();
    expect(promiseView([point(null, 5), point(0, 5), point(5, 0)])).toBeNull();
    expect(offView([point(100, 90)])).toBeNull();
  });
  test('how far off, and how far the five before were', () => {
    const { bars, furthest, now } = offView([point(100, 80), point(100, 110), point(100, 100), point(100, 97)])!;
    expect(bars.map(({ off }) => off)).toEqual([-0.2, 0.1, 0, -0.03].map((off) => expect.closeTo(off, 9)));
    // Nothing before the first; a fifth; the mean of a fifth and a tenth; of these and nothing.
    expect(bars.map(({ band }) => band)).toEqual([0, 0.2, 0.15, 0.1].map((band) => expect.closeTo(band, 9)));
    expect([furthest, now]).toEqual([expect.closeTo(0.2, 9), 'within 8.3 %']);
    expect(bars.map(({ words }) => words)).toContain('Fog: 20 % less');
  });
});

test('taste lies between one and five', () => {
  const [line] = tasteLines([{ drinkId: 'd', drinkName: 'Fog', mean: 4.04, latest: 5, scores: [5, 3, 1] }]);
  expect(line).toMatchObject({ mean: '4.0', latest: 1, scores: [1, 0.5, 0] });
});

test('means are a table, and nothing stands where nothing is known', () => {
  const means = { brews: 3, off: 0.042, brix: 34.1, pH: null, taste: 3.95, cost: 5.3, minutes: 150 };
  expect(monthRows([{ month: '2026-09', ...means }])).toEqual([
    {
      name: 'September 2026',
      cells: ['3', '4.2 %', '34', '', '4.0', '£5.30', '2.5 h'],
      values: { brix: 34.1, pH: null, taste: 3.95, cost: 5.3, minutes: 150 },
    },
  ]);
  expect(drinkRows([{ drinkId: 'd', drinkName: 'Fog', ...means, taste: null }], 'EUR')[0]!.cells.slice(4)).toEqual([
    '',
    '€5.30',
    '2.5 h',
  ]);
});

test('months are those of the clock on the wall, each from its first moment to that of the next', () => {
  const [now, before] = monthOptions(new Date(2026, 0, 15));
  expect(now).toEqual({
    label: 'January 2026',
    value: new Date(2026, 0, 1).toISOString(),
    to: new Date(2026, 1, 1).toISOString(),
  });
  expect([before!.label, before!.to]).toEqual(['December 2025', now!.value]);
});
