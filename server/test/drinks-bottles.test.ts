import { randomUUID } from 'node:crypto';
import type { FastifyInstance } from 'fastify';
import { bottledDrink, document, freshDatabase, newCook, SACHET, send, startServer, type Cook } from './kitchen-server';

let app: FastifyInstance;
let second: FastifyInstance;
let cook: Cook;
beforeAll(async () => {
  const url = await freshDatabase();
  [app, second] = await Promise.all([startServer(url), startServer(url)]);
  cook = await newCook(app);
});
afterAll(async () => {
  await Promise.all([app.close(), second.close()]);
});

const save = (id: string, expectedRevision: number, lines: readonly string[], who = cook) =>
  who.send('PUT', `/api/drinks/${id}`, { expectedRevision, document: document(lines) });

describe('drinks', () => {
  test('saved, listed, read again: with text that nobody understands', async () => {
    const id = randomUUID();
    expect((await save(id, 0, ['2 g slat'])).json).toMatchObject({ id, revision: 1 });
    expect((await cook.send('GET', `/api/drinks/${id}`)).json.document.steps[0].text).toBe('2 g slat');
    expect((await cook.send('GET', '/api/drinks')).json.drinks.map((each: { id: string }) => each.id)).toContain(id);
  });

  test('sending the same twice does no harm', async () => {
    const id = randomUUID();
    await save(id, 0, SACHET);
    expect((await save(id, 0, SACHET)).json.revision).toBe(1);
  });

  test('an edit of an older revision is refused with the revision the drink has now, on either server', async () => {
    const id = randomUUID();
    await save(id, 0, ['1 g salt']);
    await save(id, 1, ['2 g salt']);
    const { status, json } = await send(
      second,
      'PUT',
      `/api/drinks/${id}`,
      { expectedRevision: 1, document: document(['3 g salt']) },
      { cookie: cook.cookie },
    );
    expect([status, json.code, json.details]).toEqual([409, 'edited-elsewhere', { revision: 2 }]);
    const now = (await cook.send('GET', `/api/drinks/${id}`)).json;
    expect([now.revision, now.document.steps[0].text]).toEqual([2, '2 g salt']);
  });

  test('of two edits at once, one wins and the other is told', async () => {
    const id = randomUUID();
    await save(id, 0, ['1 g salt']);
    const edits = await Promise.all(
      [1, 2, 3, 4].map((grams) =>
        send(
          grams % 2 ? app : second,
          'PUT',
          `/api/drinks/${id}`,
          { expectedRevision: 1, document: document([`${grams + 1} g salt`]) },
          { cookie: cook.cookie },
        ),
      ),
    );
    expect(edits.map(({ status }) => status).sort()).toEqual([200, 409, 409, 409]);
  });

  test('two creations of one id at once end as one drink', async () => {
    const id = randomUUID();
    const made = await Promise.all([save(id, 0, ['1 g salt']), save(id, 0, ['1 g salt'])]);
    expect(made.every(({ status }) => status === 200 || status === 409)).toBe(true);
    expect((await cook.send('GET', `/api/drinks/${id}`)).json.revision).toBe(1);
  });

  test('every revision is kept', async () => {
    const id = randomUUID();
    for (const [revision, text] of ['1 g salt', '2 g salt', '3 g salt'].entries()) await save(id, revision, [text]);
    expect(await app.models.drinkRevisions.count({ where: { drinkId: id } })).toBe(3);
  });

  test('deleted and brought back', async () => {
    const id = randomUUID();
    await save(id, 0, SACHET);
    expect((await cook.send('DELETE', `/api/drinks/${id}`)).status).toBe(204);
    expect((await cook.send('GET', `/api/drinks/${id}`)).status).toBe(404);
    expect((await cook.send('POST', `/api/drinks/${id}/restore`)).json.revision).toBe(1);
    expect((await cook.send('GET', `/api/drinks/${id}`)).status).toBe(200);
  });
});

describe('brews and bottles', () => {
  test('made it: a batch number, bottles, and a use-by with its reason', async () => {
    const { ids, brew } = await bottledDrink(cook);
    expect(brew.json).toMatchObject({ id: ids.brew, drinkName: 'Trial drink', bottleIds: [ids.bottle] });
    expect(brew.json.batch).toMatch(/^TD-\d\d$/);
    const { json } = await cook.send('GET', `/api/bottles/${ids.bottle}`);
    expect(json.useByReason).toMatch(/24 h in the fridge: .*ill/);
    expect(Date.parse(json.useBy) - Date.parse(json.madeAt)).toBe(86_400_000);
    expect(json.cautions).toContainEqual(
      expect.objectContaining({
        code: 'rehydration-see-clinician',
        severity: 'warn',
        title: 'When to get medical help now',
      }),
    );
    expect(json.perServing.sodium_mg).toBeGreaterThan(0);
  });

  test('batch numbers count up without gaps, even when made at once', async () => {
    const fresh = await newCook(app);
    const made = await Promise.all([1, 2, 3, 4, 5].map(() => bottledDrink(fresh)));
    expect(made.map(({ brew }) => brew.json.batch).sort()).toEqual(['TD-01', 'TD-02', 'TD-03', 'TD-04', 'TD-05']);
  });

  test('recording the same brew again changes nothing', async () => {
    const { ids, brew } = await bottledDrink(cook);
    const again = await cook.send('PUT', `/api/brews/${ids.brew}`, {
      drinkId: ids.drink,
      drinkRevision: 1,
      madeAt: new Date().toISOString(),
      bottles: [{ id: randomUUID(), volume_mL: 1, place: 'fridge' }],
    });
    expect(again.json).toEqual(brew.json);
    expect((await cook.send('GET', `/api/brews/${ids.brew}`)).json).toEqual(brew.json);
  });

  test.each([
    ['a step is not understood', ['2 g slat'], 1000, 422, 'cannot-be-made'],
    ['there is nothing in it', [], 1000, 422, 'cannot-be-made'],
    ['the bottles hold more than was made', ['200 mL water'], 1000, 400, 'invalid-request'],
  ])('not when %s', async (_what, lines, volume_mL, status, code) => {
    const drinkId = randomUUID();
    await save(drinkId, 0, lines);
    const answer = await cook.send('PUT', `/api/brews/${randomUUID()}`, {
      drinkId,
      drinkRevision: 1,
      madeAt: new Date().toISOString(),
      bottles: [{ id: randomUUID(), volume_mL, place: 'fridge' }],
    });
    expect([answer.status, answer.json.code]).toEqual([status, code]);
  });

  test('pour, pour again by mistake, undo', async () => {
    const { ids } = await bottledDrink(cook);
    const pourId = randomUUID();
    const url = `/api/bottles/${ids.bottle}/pours/${pourId}`;
    const pouredAt = new Date().toISOString();
    const first = await cook.send('PUT', url, { volume_mL: 250, pouredAt });
    expect(first.json).toMatchObject({ remaining_mL: 750, openedAt: pouredAt });
    const pours = async () => (await cook.send('GET', `/api/bottles/${ids.bottle}/pours`)).json.pours;
    expect(await pours()).toHaveLength(1);
    expect((await cook.send('PUT', url, { volume_mL: 250, pouredAt })).json.remaining_mL).toBe(750);
    const undone = await cook.send('DELETE', url);
    expect(undone.json).toMatchObject({ remaining_mL: 1000, openedAt: null });
    expect(await pours()).toEqual([]);
    expect((await cook.send('DELETE', url)).json.remaining_mL).toBe(1000);
    expect((await cook.send('PUT', url, { volume_mL: 250, pouredAt })).json.remaining_mL).toBe(1000);
  });

  test('a pour that is taken back twice comes back once, and one that was taken back is not poured by sending it again', async () => {
    const { ids } = await bottledDrink(cook);
    const url = (pourId: string) => `/api/bottles/${ids.bottle}/pours/${pourId}`;
    const [first, second] = [randomUUID(), randomUUID()];
    for (const pourId of [first, second])
      await cook.send('PUT', url(pourId), { volume_mL: 250, pouredAt: new Date().toISOString() });
    for (let time = 0; time < 2; time += 1) expect((await cook.send('DELETE', url(first))).json.remaining_mL).toBe(750);
    const again = await cook.send('PUT', url(first), { volume_mL: 250, pouredAt: new Date().toISOString() });
    expect(again.json.remaining_mL).toBe(750);
  });

  test('a bottle is open since its earliest glass, in whichever order they are told', async () => {
    const { ids } = await bottledDrink(cook);
    const pouredAt = (ago_min: number) => new Date(Date.now() - ago_min * 60_000).toISOString();
    const [first, middle, last] = [pouredAt(30), pouredAt(20), pouredAt(10)];
    const opened: string[] = [];
    for (const at of [middle, first, last]) {
      const url = `/api/bottles/${ids.bottle}/pours/${randomUUID()}`;
      opened.push((await cook.send('PUT', url, { volume_mL: 100, pouredAt: at })).json.openedAt);
    }
    expect(opened).toEqual([middle, first, first]);
  });

  test('a bottle gives no more than it holds, whoever pours at once', async () => {
    const { ids } = await bottledDrink(cook);
    const pours = await Promise.all(
      [1, 2, 3, 4, 5, 6].map((count) =>
        send(
          count % 2 ? app : second,
          'PUT',
          `/api/bottles/${ids.bottle}/pours/${randomUUID()}`,
          { volume_mL: 250, pouredAt: new Date().toISOString() },
          { cookie: cook.cookie },
        ),
      ),
    );
    expect(pours.map(({ status }) => status).sort()).toEqual([200, 200, 200, 200, 409, 409]);
    expect((await cook.send('GET', `/api/bottles/${ids.bottle}`)).json.remaining_mL).toBe(0);
  });

  test('opening and moving change the use-by', async () => {
    const lines = ['250 mL cider vinegar', '355 g honey'];
    const { ids } = await bottledDrink(cook, [...lines, ...lines], { kind: 'vinegar-honey', serving: '15 mL' });
    const days = async () => {
      const { json } = await cook.send('GET', `/api/bottles/${ids.bottle}`);
      return Math.round((Date.parse(json.useBy) - Date.parse(json.madeAt)) / 86_400_000);
    };
    expect(await days()).toBe(180);
    expect((await cook.send('PUT', `/api/bottles/${ids.bottle}/place`, { place: 'cool-room' })).json.place).toBe(
      'cool-room',
    );
    expect(await days()).toBe(30);
    await cook.send('PUT', `/api/bottles/${ids.bottle}/place`, { place: 'fridge' });
    await cook.send('PUT', `/api/bottles/${ids.bottle}/pours/${randomUUID()}`, {
      volume_mL: 15,
      pouredAt: new Date().toISOString(),
    });
    expect(await days()).toBe(90);
  });

  test('a label is a PDF', async () => {
    const { ids } = await bottledDrink(cook);
    const { status, answer } = await send(app, 'GET', `/api/documents/bottles/${ids.bottle}/label.pdf`, undefined, {
      cookie: cook.cookie,
    });
    expect([status, answer.headers['content-type']]).toEqual([200, 'application/pdf']);
    expect(answer.rawPayload.subarray(0, 5).toString()).toBe('%PDF-');
  });

  test('the list has the first to be used up first', async () => {
    const { json } = await cook.send('GET', '/api/bottles');
    const dates = json.bottles.map(({ useBy }: { useBy: string }) => useBy);
    expect(dates).toEqual([...dates].sort());
  });
});
