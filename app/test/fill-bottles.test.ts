import {
  dryVesselRow,
  fillBottles,
  fillWords,
  scoopsRow,
  suggestBottles,
  vesselRow,
} from '../src/features/bottles/fill-bottles';

const JAR = { name: '500 mL jar', size_mL: 500, count: 4, dark: false, heatSafe: true };

test.each([
  [1000, { count: '1', size: '1 L' }],
  [1600, { count: '2', size: '1 L' }],
  [780, { count: '1', size: '1 L' }],
  [760, { count: '1', size: '750 mL' }],
  [2040, { count: '2', size: '1 L' }],
  [60, { count: '1', size: '100 mL' }],
])('%d mL go into %j', (volume, row) => expect(suggestBottles(volume)).toEqual(row));
test.each([
  [998, { count: 4, size_mL: 300 }, { count: '4', size: '249 mL' }],
  [850, { count: 4, size_mL: 300 }, { count: '3', size: '283 mL' }],
  [2100, { count: 4, size_mL: 500 }, { count: '4', size: '500 mL' }],
  [200, { count: 1, size_mL: 750 }, { count: '1', size: '200 mL' }],
  [4957, { count: 4, size_mL: 2000 }, { count: '3', size: '1.65 L' }],
])('%d mL go evenly into the bottles that the steps name, %j: %j', (volume, named, row) =>
  expect(suggestBottles(volume, named)).toEqual(row),
);
test('one of the kitchen’s own is filled with room at the top, and never over its brim', () => {
  const row = vesselRow(JAR, '2');
  expect(row).toEqual({
    count: '2',
    size: '475 mL',
    holds: 500,
    vessel: { name: '500 mL jar', shape: 'jar', size_mL: 500, dark: false, heatSafe: true },
  });
  expect(fillBottles([row], 700, false)).toMatchObject({
    volumes_mL: [475, 225],
    vessels: [{ shape: 'jar' }, { shape: 'jar' }],
  });
  expect(fillBottles([{ ...row, size: '600 mL' }], 700, false)).toMatchObject({ kind: 'wrong', field: 'size' });
});
test('a dry mix goes into jars by what it weighs there, or into single scoops', () => {
  // 1.2 g/mL: 600 g to the brim.
  const jar = dryVesselRow(JAR, '1', 1.2);
  expect([jar.size, jar.holds]).toEqual(['570 g', 600]);
  expect(fillBottles([jar], 700, true)).toMatchObject({ volumes_mL: [570], rest_mL: 130 });
  expect(fillBottles([{ ...jar, size: '650 g' }], 700, true)).toMatchObject({ kind: 'wrong', field: 'size' });
  expect(scoopsRow(100, 6.5)).toMatchObject({ count: '15', size: '6.5 g', vessel: { name: 'Single scoop' } });
  expect(scoopsRow(1000, 6.5).count).toBe('60');
  expect(fillBottles([scoopsRow(100, 6.5)], 100, true)).toMatchObject({ rest_mL: expect.closeTo(2.5, 6) });
});
test('what is said of the glass goes with the bottle, also where it is none of the kitchen’s', () => {
  const filled = (by: object) => {
    const all = fillBottles([{ count: '1', size: '475 mL', ...by }], 475, false);
    return all.kind === 'bottles' ? all.vessels[0] : undefined;
  };
  expect(filled({})).toBeNull();
  expect(filled({ traits: { reused: true } })).toEqual({
    name: '',
    shape: 'bottle',
    size_mL: 500,
    dark: false,
    reused: true,
  });
  const { vessel, holds } = vesselRow(JAR, '1');
  expect(filled({ vessel, holds })).toMatchObject({ name: '500 mL jar', heatSafe: true });
  expect(filled({ vessel, holds, traits: { heatSafe: false, dark: true } })).toEqual({
    name: '500 mL jar',
    shape: 'jar',
    size_mL: 500,
    dark: true,
  });
});
test('the form says what is wrong with it', () => {
  const filled = (count: string, size: string, dry = false) => fillBottles([{ count, size }], 1000, dry);
  expect(filled('2', '500 mL')).toMatchObject({ kind: 'bottles', volumes_mL: [500, 500], empty: 0, rest_mL: 0 });
  expect(filled('0', '500 mL')).toMatchObject({ field: 'count' });
  expect(filled('2', 'big')).toMatchObject({ field: 'size' });
  expect(filled('2', '500 g')).toMatchObject({ field: 'size' });
  expect(filled('1', '1 kg', true)).toMatchObject({ kind: 'bottles' });
  expect(
    fillBottles(
      [
        { count: '1', size: '500 mL' },
        { count: '1', size: '' },
      ],
      1000,
      false,
    ),
  ).toMatchObject({ row: 1, field: 'size' });
});
test.each([
  ['the last part full', ['2 750 mL'], 906, [750, 156], 0, 0, '750 mL and 156 mL'],
  ['what does not fit is left', ['1 750 mL'], 906, [750], 0, 156, '750 mL'],
  ['what clings to the pot is not', ['1 500 mL'], 509, [500], 0, 0, '500 mL'],
  ['two sizes', ['1 500 mL', '2 250 mL'], 906, [500, 250, 156], 0, 0, '500 mL and 250 mL and 156 mL'],
  ['a bottle too many', ['3 500 mL'], 1000, [500, 500], 1, 0, '2 × 500 mL; one stays empty'],
])('%s: %j of %d mL', (_what, rows, made, volumes, empty, rest, words) => {
  const typed = rows.map((row) => ({ count: row.slice(0, 1), size: row.slice(2) }));
  const filled = fillBottles(typed, made, false);
  expect(filled).toMatchObject({ kind: 'bottles', volumes_mL: volumes, empty, rest_mL: rest });
  expect(filled.kind === 'bottles' && fillWords(filled, false)).toBe(words);
});
