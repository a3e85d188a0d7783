import { randomUUID } from 'node:crypto';
import { ARCHIVE_COUNTED } from '@wellhydra/contract';
import Ajv2019 from 'ajv/dist/2019';
import type { FastifyInstance } from 'fastify';
import { archiveSchema } from '../src/archive/archive-schema';
import { forgetKeptKitchens } from '../src/archive/kept-kitchen';
import { bring, exported, fileOf, rowsOf, visitor } from './archive-files';
import { bottledDrink, document, freshDatabase, newCook, startServer, type Cook } from './kitchen-server';

/** A kitchen as one file: out, into another, and out again. */

let app: FastifyInstance;
let demo: Cook;
let archive: string;

const undo = (cook: Cook) => cook.send('POST', '/api/kitchen/archive/undo');
const changesOf = (json: any) => Object.fromEntries(json.changes.map(({ is, ...counts }: any) => [is, counts]));

beforeAll(async () => {
  app = await startServer(await freshDatabase(), { demo: true });
  demo = await visitor(app);
  archive = await exported(app, demo);
});
afterAll(() => app.close());

describe('out and in again', () => {
  test('a kitchen with everything in it comes out of an empty one to the byte', async () => {
    const kinds = new Set(rowsOf(archive).map(({ is }) => is));
    for (const kind of ARCHIVE_COUNTED.filter((each) => each !== 'photo')) expect(kinds).toContain(kind);
    const cook = await newCook(app);
    const { status, json } = await bring(app, cook, archive, 'mode=replace');
    expect([status, json.message]).toEqual([200, undefined]);
    expect(changesOf(json).drink.added).toBe(rowsOf(archive).filter(({ is }) => is === 'drink').length);
    // The name of a kitchen is its own.
    const named = (text: string) => text.replace(/^.*\n/, '');
    expect(named(await exported(app, cook))).toBe(named(archive));
    // Once more into the same, and nothing is another.
    const again = await bring(app, cook, archive, 'mode=replace');
    for (const { is, ...counts } of again.json.changes)
      expect([is, counts]).toEqual([is, { ...counts, added: 0, changed: 0, removed: 0 }]);
    expect(named(await exported(app, cook))).toBe(named(archive));
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
    const text = await exported(app, cook);
    const other = await newCook(app);
    expect((await bring(app, other, text, 'mode=merge')).status).toBe(200);
    expect(rowsOf(await exported(app, other)).slice(1)).toEqual(rowsOf(text).slice(1));
    // A picture that is none is no picture here either.
    const rows = rowsOf(text).map((row) => (row.is === 'photo' ? { ...row, picture: 'PHNjcmlwdD4=' } : row));
    expect((await bring(app, other, fileOf(rows), 'mode=replace')).json).toMatchObject({
      code: 'archive-refused',
      message: expect.stringMatching(/photo has to be a JPEG/),
    });
  });
});

describe('what it would change', () => {
  test('is told without changing anything, drinks by name', async () => {
    const cook = await newCook(app);
    await bottledDrink(cook, ['1 L water', '5 g salt'], { name: 'Own brine' });
    const before = await exported(app, cook);
    const merge = (await bring(app, cook, archive, 'mode=merge&try=true')).json;
    const replace = (await bring(app, cook, archive, 'mode=replace&try=true')).json;
    expect([changesOf(merge).drink.removed, changesOf(replace).drink.removed]).toEqual([0, 1]);
    expect([merge.drinks.removed, replace.drinks.removed]).toEqual([[], ['Own brine']]);
    expect(merge.drinks.added).toContain('Fogbank elderberry syrup');
    expect(merge.documents).toContain('settings');
    expect(await exported(app, cook)).toBe(before);
    expect((await cook.send('GET', '/api/kitchen/archive/undo')).json).toEqual({ until: null });
  });

  test('a merge leaves what is there as it is, and finds a batch another name where two have the same', async () => {
    const cook = await newCook(app);
    const { ids } = await bottledDrink(cook, ['1 L water', '5 g salt'], { name: 'Own brine' });
    const other = await newCook(app);
    await bring(app, other, await exported(app, cook), 'mode=merge');
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
    const { json } = await bring(app, cook, await exported(app, other), 'mode=merge');
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
    const before = await exported(app, cook);
    await bring(app, cook, archive, 'mode=replace');
    const { json } = await cook.send('GET', '/api/kitchen/archive/undo');
    expect(Date.parse(json.until)).toBeGreaterThan(Date.now() + 6 * 86_400_000);
    expect((await undo(cook)).status).toBe(200);
    expect(await exported(app, cook)).toBe(before);
    expect((await undo(cook)).status).toBe(404);
  });

  test('documents that are open elsewhere are not written over unseen', async () => {
    const cook = await newCook(app);
    await bring(app, cook, archive, 'mode=replace');
    const { settings, revision } = (await cook.send('GET', '/api/kitchen/settings')).json;
    await undo(cook);
    const late = await cook.send('PUT', '/api/kitchen/settings', { expectedRevision: revision, settings });
    expect([late.status, late.json.code]).toEqual([409, 'edited-elsewhere']);
  });

  test('what is kept goes after its days', async () => {
    const cook = await newCook(app);
    await bring(app, cook, archive, 'mode=merge');
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
