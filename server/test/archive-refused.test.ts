import { randomUUID } from 'node:crypto';
import type { FastifyInstance } from 'fastify';
import { bring, exported, fileOf, linesOf, rowsOf, visitor } from './archive-files';
import { freshDatabase, newCook, send, startServer } from './kitchen-server';

/** Files that are no whole archive of a kitchen: refused, with the line, and nothing is changed. */

let app: FastifyInstance;
let archive: string;
beforeAll(async () => {
  app = await startServer(await freshDatabase(), { demo: true });
  archive = await exported(app, await visitor(app));
});
afterAll(() => app.close());

describe('what is no archive is refused whole, with its line', () => {
  const rows = () => rowsOf(archive);
  const firstOf = (is: string) => rows().findIndex((row) => row.is === is);
  const with_ = (is: string, change: (row: any) => any) => {
    const at = firstOf(is);
    return [fileOf(rows().map((row, index) => (index === at ? change(row) : row))), at + 1] as const;
  };
  const manyHands = (): readonly [string, number] => {
    const hands = Array.from({ length: 501 }, (_, n) => ({ is: 'hand', hand: n + 1, name: 'Mallory' }));
    return [fileOf([...rows().slice(0, 2), ...hands]), 503];
  };
  const BAD: readonly (readonly [string, () => readonly [string, number], RegExp])[] = [
    ['nothing', () => ['', 1], /empty/],
    ['something else', () => ['<html>\n', 1], /no archive of a kitchen/],
    ['JSON of something else', () => ['{"steps":[]}\n', 1], /no archive of a kitchen/],
    ['one of a later version', () => with_('kitchen-archive', (row) => ({ ...row, version: 2 })), /version/],
    ['half of one', () => [linesOf(archive).slice(0, 40).join('\n'), 40], /not whole/],
    [
      'one cut within a line',
      () => [archive.slice(0, archive.indexOf('"drink-version"') + 200), 0],
      /not JSON, or is cut off/,
    ],
    [
      'one with a row taken out',
      () => [linesOf(archive).toSpliced(firstOf('bottle'), 1).join('\n'), 0],
      /rows before its end|does not go/,
    ],
    [
      'one with something behind its end',
      () => [`${archive}{"is":"hand","hand":1,"name":"Mallory"}\n`, 0],
      /behind the end/,
    ],
    ['a row of an unknown kind', () => with_('drink', (row) => ({ ...row, is: 'sessions' })), /"is" has to be one of/],
    ['a field too many', () => with_('drink', (row) => ({ ...row, kitchenId: randomUUID() })), /kitchenId/],
    ['a field too few', () => with_('brew', ({ batch: _, ...row }) => row), /batch/],
    ['a NUL in a text', () => with_('brew', (row) => ({ ...row, note: 'a\u0000b' })), /characters that are none/],
    ['more people than a kitchen has', () => manyHands(), /hand/],
    ['a hand nobody named', () => with_('drink', (row) => ({ ...row, savedBy: 99 })), /hand 99/],
    [
      'a bottle of no brew',
      () => with_('bottle', (row) => ({ ...row, brewId: randomUUID() })),
      /does not go with the others/,
    ],
    [
      'a bottle with more than it holds',
      () => with_('bottle', (row) => ({ ...row, volume_mL: 1, remaining_mL: 900 })),
      /does not go with the others/,
    ],
    [
      'the same drink twice',
      () => {
        const at = firstOf('drink');
        return [fileOf(rows().toSpliced(at, 0, rows()[at])), at + 1];
      },
      /does not go with the others/,
    ],
    [
      'rows in another order',
      () => {
        const at = firstOf('brew');
        const all = rows();
        const [drink] = all.splice(firstOf('drink'), 1);
        return [fileOf(all.toSpliced(at, 0, drink)), 0];
      },
      /cannot stand behind|does not go|hand/,
    ],
    [
      'a line that never ends',
      () => [`{"is":"kitchen-archive","version":1,"name":"${'a'.repeat(9_000_000)}"}\n`, 1],
      /longer than 8 MB/,
    ],
    [
      'a drink of ten thousand steps',
      () =>
        with_('drink', (row) => ({
          ...row,
          document: { ...row.document, steps: Array.from({ length: 10_000 }, () => ({})) },
        })),
      /more than 1000 rows/,
    ],
  ];
  test.each(BAD)('%s', async (_what, make, message) => {
    const cook = await newCook(app);
    const before = await exported(app, cook);
    const [text, line] = make();
    const { status, json } = await bring(app, cook, text, 'mode=replace');
    expect([status, json.code, json.message]).toEqual([422, 'archive-refused', expect.stringMatching(message)]);
    if (line > 0) expect(Math.abs(json.details.line - line)).toBeLessThanOrEqual(rows().length > line ? 40 : 0);
    expect(await exported(app, cook)).toBe(before);
  });

  test('another type, another mode, nobody, and more than a kitchen may hold', async () => {
    const cook = await newCook(app);
    expect((await bring(app, cook, '{}', 'mode=merge', 'application/json')).json.code).toBe('invalid-request');
    expect((await bring(app, cook, archive, 'mode=mix')).json.code).toBe('invalid-request');
    expect((await send(app, 'GET', '/api/kitchen/archive')).status).toBe(401);
    const guest = await visitor(app);
    const [, kitchen] = rows();
    const drink = rows()[firstOf('drink')];
    const many = Array.from({ length: 90 }, () => ({ ...drink, id: randomUUID() }));
    const text = fileOf([
      rows()[0],
      kitchen,
      { is: 'hand', hand: 1, name: 'Ines' },
      ...many.map((each) => ({ ...each, savedBy: 1 })),
    ]);
    const large = `${archive}${' '.repeat(17 * 1024 * 1024)}`;
    expect((await bring(app, guest, large, 'mode=merge')).json.code).toBe('too-large');
    const before = await exported(app, guest);
    expect((await bring(app, guest, text, 'mode=replace')).json.code).toBe('quota-reached');
    expect(await exported(app, guest)).toBe(before);
  });
});
