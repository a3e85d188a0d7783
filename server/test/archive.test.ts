import { randomUUID } from 'node:crypto';
import { ARCHIVE_COUNTED } from '@wellhydra/contract';
import Ajv2019 from 'ajv/dist/2019';
import type { FastifyInstance } from 'fastify';
import { archiveSchema } from '../src/archive/archive-schema';
import { forgetKeptKitchens } from '../src/archive/kept-kitchen';
import { keepDemoAlive } from '../src/demo/keep-demo-alive';
import {
  bottledDrink,
  cookWith,
  cookieOf,
  document,
  freshDatabase,
  newCook,
  send,
  startServer,
} from './kitchen-server';
import type { Cook } from './kitchen-server';

/** A kitchen as one file: out, into another, and out again. */

let app: FastifyInstance;
let demo: Cook;
let archive: string;

const exported = async (cook: Cook): Promise<string> => {
  const answer = await app.inject({ method: 'GET', url: '/api/kitchen/archive', headers: { cookie: cook.cookie } });
  expect(answer.statusCode).toBe(200);
  return answer.body;
};
async function bring(cook: Cook, payload: string, query: string, type = 'application/x-ndjson') {
  const answer = await app.inject({
    method: 'POST',
    url: `/api/kitchen/archive?${query}`,
    headers: { cookie: cook.cookie, 'content-type': type },
    payload,
  });
  return { status: answer.statusCode, json: answer.json() };
}
const undo = (cook: Cook) => cook.send('POST', '/api/kitchen/archive/undo');
const linesOf = (text: string) => text.trimEnd().split('\n');
const rowsOf = (text: string): any[] => linesOf(text).map((line) => JSON.parse(line));
/** An archive again of these rows, with its count. */
const fileOf = (rows: readonly any[]): string => {
  const body = rows.filter(({ is }) => is !== 'end');
  return [...body, { is: 'end', rows: body.length }].map((row) => `${JSON.stringify(row)}\n`).join('');
};
const changesOf = (json: any) => Object.fromEntries(json.changes.map(({ is, ...counts }: any) => [is, counts]));

beforeAll(async () => {
  app = await startServer(await freshDatabase(), { demo: true });
  await keepDemoAlive(app.context, new Date());
  const { answer } = await send(app, 'POST', '/api/accounts/demo');
  demo = cookWith(app, cookieOf(answer));
  archive = await exported(demo);
});
afterAll(() => app.close());

describe('out and in again', () => {
  test('a kitchen with everything in it comes out of an empty one to the byte', async () => {
    const kinds = new Set(rowsOf(archive).map(({ is }) => is));
    for (const kind of ARCHIVE_COUNTED.filter((each) => each !== 'photo')) expect(kinds).toContain(kind);
    const cook = await newCook(app);
    const { status, json } = await bring(cook, archive, 'mode=replace');
    expect([status, json.message]).toEqual([200, undefined]);
    expect(changesOf(json).drink.added).toBe(rowsOf(archive).filter(({ is }) => is === 'drink').length);
    // The name of a kitchen is its own.
    const named = (text: string) => text.replace(/^.*\n/, '');
    expect(named(await exported(cook))).toBe(named(archive));
    // Once more into the same, and nothing is another.
    const again = await bring(cook, archive, 'mode=replace');
    for (const { is, ...counts } of again.json.changes)
      expect([is, counts]).toEqual([is, { ...counts, added: 0, changed: 0, removed: 0 }]);
    expect(named(await exported(cook))).toBe(named(archive));
  });

  test('its lines are what the published schema says', () => {
    const validate = new Ajv2019({ strict: false, logger: false, discriminator: false }).compile(archiveSchema());
    for (const [index, row] of rowsOf(archive).entries())
      expect([index, validate(row), validate.errors?.slice(0, 2)]).toEqual([index, true, undefined]);
  });

  test('it names nobody by e-mail or id', async () => {
    const session = (await demo.send('GET', '/api/accounts/session')).json;
    expect(archive).not.toContain(session.account.id);
    expect(archive).not.toContain(session.kitchen.id);
    expect(archive).not.toMatch(/@example|"email"|password/);
  });

  test('a photo and a glass that was taken back come along', async () => {
    const cook = await newCook(app);
    const { ids } = await bottledDrink(cook);
    const pour = `/api/bottles/${ids.bottle}/pours/${randomUUID()}`;
    await cook.send('PUT', pour, { volume_mL: 100, pouredAt: new Date().toISOString() });
    await cook.send('DELETE', pour);
    const jpeg = Buffer.from([0xff, 0xd8, 0xff, 0xe0, 0, 1]);
    await app.models.photos.create({
      kitchenId: (await cook.send('GET', '/api/accounts/session')).json.kitchen.id,
      brewId: ids.brew,
      id: randomUUID(),
      width: 4,
      height: 3,
      picture: jpeg,
      thumbnail: jpeg,
      addedBy: (await cook.send('GET', '/api/accounts/session')).json.account.id,
      addedAt: new Date(),
    });
    const text = await exported(cook);
    const other = await newCook(app);
    expect((await bring(other, text, 'mode=merge')).status).toBe(200);
    expect(rowsOf(await exported(other)).slice(1)).toEqual(rowsOf(text).slice(1));
    // A picture that is none is no picture here either.
    const rows = rowsOf(text).map((row) => (row.is === 'photo' ? { ...row, picture: 'PHNjcmlwdD4=' } : row));
    expect((await bring(other, fileOf(rows), 'mode=replace')).json).toMatchObject({
      code: 'archive-refused',
      message: expect.stringMatching(/photo has to be a JPEG/),
    });
  });
});

describe('what it would change', () => {
  test('is told without changing anything, drinks by name', async () => {
    const cook = await newCook(app);
    await bottledDrink(cook, ['1 L water', '5 g salt'], { name: 'Own brine' });
    const before = await exported(cook);
    const merge = (await bring(cook, archive, 'mode=merge&try=true')).json;
    const replace = (await bring(cook, archive, 'mode=replace&try=true')).json;
    expect([changesOf(merge).drink.removed, changesOf(replace).drink.removed]).toEqual([0, 1]);
    expect([merge.drinks.removed, replace.drinks.removed]).toEqual([[], ['Own brine']]);
    expect(merge.drinks.added).toContain('Fogbank elderberry syrup');
    expect(merge.documents).toContain('settings');
    expect(await exported(cook)).toBe(before);
    expect((await cook.send('GET', '/api/kitchen/archive/undo')).json).toEqual({ until: null });
  });

  test('a merge leaves what is there as it is, and finds a batch another name where two have the same', async () => {
    const cook = await newCook(app);
    const { ids } = await bottledDrink(cook, ['1 L water', '5 g salt'], { name: 'Own brine' });
    const other = await newCook(app);
    await bring(other, await exported(cook), 'mode=merge');
    await other.send('PUT', `/api/drinks/${ids.drink}`, {
      expectedRevision: 1,
      document: document(['1 L water', '6 g salt'], { name: 'Their brine' }),
    });
    await other.send('PUT', `/api/brews/${randomUUID()}`, {
      drinkId: ids.drink,
      drinkRevision: 2,
      madeAt: new Date().toISOString(),
      bottles: [{ id: randomUUID(), volume_mL: 500, place: 'fridge' }],
    });
    await bottledDrink(cook, ['1 L water', '7 g salt'], { name: 'Own brine' });
    const { json } = await bring(cook, await exported(other), 'mode=merge');
    expect(changesOf(json)).toMatchObject({
      drink: { added: 0, changed: 0, removed: 0, same: 2 },
      brew: { added: 1, changed: 0, same: 2 },
      bottle: { added: 1, same: 2 },
    });
    const brews = (await cook.send('GET', '/api/brews')).json.brews;
    expect(new Set(brews.map(({ batch }: any) => batch)).size).toBe(3);
    expect((await cook.send('GET', `/api/drinks/${ids.drink}`)).json.document.name).toBe('Own brine');
  });
});

describe('taking it back', () => {
  test('the kitchen is what it was, to the byte, and once only', async () => {
    const cook = await newCook(app);
    await bottledDrink(cook, ['1 L water', '5 g salt'], { name: 'Own brine' });
    const before = await exported(cook);
    await bring(cook, archive, 'mode=replace');
    const { json } = await cook.send('GET', '/api/kitchen/archive/undo');
    expect(Date.parse(json.until)).toBeGreaterThan(Date.now() + 6 * 86_400_000);
    expect((await undo(cook)).status).toBe(200);
    expect(await exported(cook)).toBe(before);
    expect((await undo(cook)).status).toBe(404);
  });

  test('documents that are open elsewhere are not written over unseen', async () => {
    const cook = await newCook(app);
    await bring(cook, archive, 'mode=replace');
    const { settings, revision } = (await cook.send('GET', '/api/kitchen/settings')).json;
    await undo(cook);
    const late = await cook.send('PUT', '/api/kitchen/settings', { expectedRevision: revision, settings });
    expect([late.status, late.json.code]).toEqual([409, 'edited-elsewhere']);
  });

  test('what is kept goes after its days', async () => {
    const cook = await newCook(app);
    await bring(cook, archive, 'mode=merge');
    await app.sequelize.query(
      `UPDATE kitchens SET kept_until = now() - interval '1 minute' WHERE kept_for IS NOT NULL`,
    );
    expect((await undo(cook)).status).toBe(404);
    await forgetKeptKitchens(app.sequelize);
    expect(
      await app.models.kitchens.count({
        where: { keptFor: (await cook.send('GET', '/api/accounts/session')).json.kitchen.id },
      }),
    ).toBe(0);
  });
});

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
    const before = await exported(cook);
    const [text, line] = make();
    const { status, json } = await bring(cook, text, 'mode=replace');
    expect([status, json.code, json.message]).toEqual([422, 'archive-refused', expect.stringMatching(message)]);
    if (line > 0) expect(Math.abs(json.details.line - line)).toBeLessThanOrEqual(rows().length > line ? 40 : 0);
    expect(await exported(cook)).toBe(before);
  });

  test('another type, another mode, nobody, and more than a kitchen may hold', async () => {
    const cook = await newCook(app);
    expect((await bring(cook, '{}', 'mode=merge', 'application/json')).json.code).toBe('invalid-request');
    expect((await bring(cook, archive, 'mode=mix')).json.code).toBe('invalid-request');
    expect((await send(app, 'GET', '/api/kitchen/archive')).status).toBe(401);
    const visitor = cookWith(app, cookieOf((await send(app, 'POST', '/api/accounts/demo')).answer));
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
    expect((await bring(visitor, large, 'mode=merge')).json.code).toBe('too-large');
    const before = await exported(visitor);
    expect((await bring(visitor, text, 'mode=replace')).json.code).toBe('quota-reached');
    expect(await exported(visitor)).toBe(before);
  });
});
