import { randomUUID } from 'node:crypto';
import { DEFAULT_SETTINGS } from '@wellhydra/core/kitchen';
import type { FastifyInstance } from 'fastify';
import { bottledDrink, document, freshDatabase, newCook, SACHET, startServer, type Cook } from './kitchen-server';

const AT = '2026-10-01T08:00:00.000Z';

/** Begins a brew of the sachet. */
async function begun(cook: Cook) {
  const run = { drink: randomUUID(), brew: randomUUID() };
  await cook.send('PUT', `/api/drinks/${run.drink}`, { expectedRevision: 0, document: document(SACHET) });
  const recipe = { document: document(SACHET), preparations: [], settings: DEFAULT_SETTINGS };
  const start = { drinkId: run.drink, drinkRevision: 1, recipe, cook: 'Ines', startedAt: AT };
  return { run, started: await cook.send('PUT', `/api/brews/${run.brew}/run`, start) };
}

describe('with one connection', () => {
  let app: FastifyInstance;
  beforeAll(async () => {
    app = await startServer(await freshDatabase(), { connections: 1 });
  });
  afterAll(() => app.close());

  test('no write waits for a second one while it holds the first', async () => {
    const cook = await newCook(app);
    const { ids, brew } = await bottledDrink(cook);
    expect(brew.status).toBe(200);
    const { run, started } = await begun(cook);
    const statuses = [
      started,
      await cook.send('POST', `/api/brews/${run.brew}/events`, {
        events: [{ kind: 'step-done', id: randomUUID(), at: AT, step: 's0' }],
      }),
      await cook.send('PUT', `/api/brews/${run.brew}/finish`, {
        eventId: randomUUID(),
        madeAt: AT,
        bottles: [{ id: randomUUID(), volume_mL: 500, place: 'fridge' }],
      }),
      await cook.send('PUT', `/api/bottles/${ids.bottle}/pours/${randomUUID()}`, { volume_mL: 10, pouredAt: AT }),
      await cook.send('PUT', `/api/bottles/${ids.bottle}/place`, { place: 'cupboard' }),
      await cook.send('PUT', `/api/drinks/${run.drink}`, { expectedRevision: 1, document: document(['1 g salt']) }),
      await cook.send('PUT', '/api/kitchen/settings', { expectedRevision: 0, settings: DEFAULT_SETTINGS }),
    ].map(({ status }) => status);
    expect(statuses).toEqual([200, 200, 200, 200, 200, 200, 200]);
  });

  test('a brew that takes long to run holds none, and what comes between is counted', async () => {
    const cook = await newCook(app);
    const { run } = await begun(cook);
    const add = (text: string) =>
      cook.send('POST', `/api/brews/${run.brew}/events`, {
        events: [{ kind: 'added', id: randomUUID(), at: AT, step: 's0', text }],
      });
    const { runner } = app.context;
    const { run: runNow } = runner;
    const runs = jest.spyOn(runner, 'run');
    let goOn = (): void => undefined;
    const isRun = new Promise<void>((resolve) =>
      runs.mockImplementationOnce(async (job, input) => {
        resolve();
        await new Promise<void>((go) => (goOn = go));
        return runNow(job, input);
      }),
    );
    const slow = add('2 g salt');
    await isRun;
    expect((await add('1 g salt')).status).toBe(200);
    goOn();
    expect((await slow).status).toBe(200);
    expect(runs.mock.calls.map(([job, input]: any) => [job, input.events?.map(({ text }: any) => text)])).toEqual([
      ['brew', ['2 g salt']],
      ['brew', ['1 g salt']],
      ['brew', ['1 g salt', '2 g salt']],
    ]);
    runs.mockRestore();
    const { events } = (await cook.send('GET', `/api/brews/${run.brew}/run`)).json;
    expect(events.map(({ text, number }: any) => [number, text])).toEqual([
      [1, '1 g salt'],
      [2, '2 g salt'],
    ]);
  });
});

describe('many at once', () => {
  let app: FastifyInstance;
  let cook: Cook;
  beforeAll(async () => {
    // On a busy machine forty take longer than a person is let wait: it is their number that is held here.
    app = await startServer(await freshDatabase(), { connectionWait_ms: 60_000 });
    cook = await newCook(app);
  });
  afterAll(() => app.close());

  test('forty brews recorded at once are forty brews with forty numbers', async () => {
    const drink = randomUUID();
    await cook.send('PUT', `/api/drinks/${drink}`, { expectedRevision: 0, document: document(SACHET) });
    const made = () => ({
      drinkId: drink,
      drinkRevision: 1,
      madeAt: AT,
      bottles: [{ id: randomUUID(), volume_mL: 1000, place: 'fridge' }],
    });
    const answers = await Promise.all(
      Array.from({ length: 40 }, () => cook.send('PUT', `/api/brews/${randomUUID()}`, made())),
    );
    expect(new Set(answers.map(({ status }) => status))).toEqual(new Set([200]));
    expect(new Set(answers.map(({ json }) => json.batch)).size).toBe(40);
  });

  test('lists come in pages that follow each other and repeat nothing', async () => {
    const pages: string[][] = [];
    let cursor: string | null | undefined;
    while (cursor !== null) {
      const url = `/api/brews?limit=15${cursor ? `&cursor=${cursor}` : ''}`;
      const { json } = await cook.send('GET', url);
      pages.push(json.brews.map(({ id }: { id: string }) => id));
      cursor = json.next;
    }
    expect(pages.map((page) => page.length)).toEqual([15, 15, 10]);
    expect(new Set(pages.flat()).size).toBe(40);
    const wrong = await cook.send('GET', '/api/brews?cursor=abc');
    expect([wrong.status, wrong.json.details[0].at]).toEqual([400, 'querystring.cursor']);
  });
});
