import { batchInitials, batchName } from '../src/brews/batch-name';
import { configFromEnvironment } from '../src/config';
import { create } from 'qrcode';
import { codeRuns } from '../src/documents/code-runs';

describe('batch numbers', () => {
  test.each([
    ['Fogbank elderberry syrup', 'FE'],
    ['Oxymel', 'OX'],
    ['Ringers’ salts', 'RS'],
    ['Élan vital', 'EV'],
    ['7 up 9', 'UP'],
    ['…', 'X'],
    ['', 'X'],
  ])('%s begins with %s', (name, initials) => expect(batchInitials(name)).toBe(initials));
  test('and counts', () =>
    expect([batchName('Dawn bottle', 3), batchName('Dawn bottle', 123)]).toEqual(['DB-03', 'DB-123']));
});

describe('configuration', () => {
  test('from the environment, with defaults', () =>
    expect(configFromEnvironment({ DATABASE_URL: 'postgres://x' })).toMatchObject({
      port: 4870,
      host: '127.0.0.1',
      demo: false,
    }));
  test.each([
    [{}, /DATABASE_URL/],
    [{ DATABASE_URL: 'postgres://x', PORT: 'many' }, /PORT/],
    [{ DATABASE_URL: 'postgres://x', PORT: '70000' }, /PORT/],
    [{ DATABASE_URL: 'mysql://x' }, /^DATABASE_URL is no address/],
    [{ DATABASE_URL: 'postgres://x', NEWS_DATABASE_URL: 'somewhere' }, /^NEWS_DATABASE_URL is no address/],
  ])('%j is refused by name', (env, says) =>
    expect(() => configFromEnvironment(env as NodeJS.ProcessEnv)).toThrow(says),
  );
});

test('a code is drawn square by square as it is made', () => {
  const text = 'http://localhost:4870/bottles/3f0c3a52-6f0e-4f0e-9d6a-0a5f4c1b2d3e';
  const { size, runs } = codeRuns(text);
  const drawn = new Set(
    runs.flatMap(({ x, y, length }) => Array.from({ length }, (_any, index) => y * size + x + index)),
  );
  const { modules } = create(text, { errorCorrectionLevel: 'M' });
  expect(size).toBe(modules.size);
  const dark = Array.from({ length: size * size }, (_any, cell) => cell).filter((cell) =>
    modules.get(Math.floor(cell / size), cell % size),
  );
  expect([...drawn].sort((a, b) => a - b)).toEqual(dark);
});
