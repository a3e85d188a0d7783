import { randomUUID } from 'node:crypto';
import { DEFAULT_SETTINGS } from '@wellhydra/core/kitchen';
import type { FastifyInstance } from 'fastify';
import { cookWith, freshDatabase, newCook, startServer, type Cook } from './kitchen-server';

let app: FastifyInstance;
let second: FastifyInstance;
let cook: Cook;
beforeAll(async () => {
  const database = await freshDatabase();
  app = await startServer(database);
  second = await startServer(database);
  cook = await newCook(app);
});
afterAll(async () => {
  await app.close();
  await second.close();
});

const steps = [
  { id: 'berries', verb: 'add', text: '100 g dried elderberries' },
  { id: 'water', verb: 'add', text: '1 L water' },
  { id: 'simmer', verb: 'simmer', text: '40 min', lid: 'ajar' },
  { id: 'cloth', verb: 'strain', text: 'cloth' },
  { id: 'honey', verb: 'add', text: '400 g honey' },
];
const document = { name: 'Fogbank elderberry', kind: 'tonic', serving: '15 mL', target: null, steps };
const AT = '2026-10-01T08:00:00.000Z';

/** Begins a brew of the tonic; its ids. */
async function begun(by: Cook = cook) {
  const ids = { drink: randomUUID(), brew: randomUUID() };
  await by.send('PUT', `/api/drinks/${ids.drink}`, { expectedRevision: 0, document });
  const body = {
    drinkId: ids.drink,
    drinkRevision: 1,
    recipe: { document, preparations: [], settings: DEFAULT_SETTINGS },
    cook: 'Ines',
    startedAt: AT,
  };
  const { status, json } = await by.send('PUT', `/api/brews/${ids.brew}/run`, body);
  return { ids, body, status, run: json };
}
const happened = (kind: string, more: object = {}) => ({ kind, id: randomUUID(), at: AT, ...more });
const post = (brew: string, events: readonly object[], by: Cook = cook) =>
  by.send('POST', `/api/brews/${brew}/events`, { events });

test('a brew begins with a batch number, once', async () => {
  const { ids, body, status, run } = await begun();
  expect(status).toBe(200);
  expect(run).toMatchObject({ stage: 'making', cook: 'Ines', events: [], drinkRevision: 1 });
  expect(run.batch).toMatch(/^FE-\d\d$/);
  const again = await cook.send('PUT', `/api/brews/${ids.brew}/run`, body);
  expect(again.json.batch).toBe(run.batch);
  const under = (await cook.send('GET', '/api/brews/under-way')).json.brews;
  expect(under.map(({ id }: { id: string }) => id)).toContain(ids.brew);
});

test('sent twice at the same time, it begins once', async () => {
  const { body } = await begun();
  const other = cookWith(second, cook.cookie);
  for (let round = 0; round < 5; round += 1) {
    const brew = randomUUID();
    const [one, two] = await Promise.all([cook, other].map((by) => by.send('PUT', `/api/brews/${brew}/run`, body)));
    expect([one!.status, two!.status]).toEqual([200, 200]);
    expect(one!.json.batch).toBe(two!.json.batch);
  }
});

test('what two servers take at the same time is numbered without a gap, and nothing is refused', async () => {
  const { ids } = await begun();
  const other = cookWith(second, cook.cookie);
  const sent = Array.from({ length: 10 }, (_, index) =>
    post(ids.brew, [happened('step-done', { step: steps[index % steps.length]!.id })], index % 2 ? other : cook),
  );
  expect((await Promise.all(sent)).map(({ status }) => status)).toEqual(Array(10).fill(200));
  const { events } = (await cook.send('GET', `/api/brews/${ids.brew}/run`)).json;
  expect(events.map(({ number }: any) => number)).toEqual(sent.map((_each, index) => index + 1));
});

test('what cannot be made is not begun', async () => {
  const { ids, body } = await begun();
  const recipe = {
    ...body.recipe,
    document: { ...document, steps: [{ id: 'a', verb: 'add', text: 'some moonlight' }] },
  };
  const { status, json } = await cook.send('PUT', `/api/brews/${randomUUID()}/run`, { ...body, recipe });
  expect([status, json.code]).toEqual([422, 'cannot-be-made']);
  expect(ids.brew).toBeTruthy();
});

test('events are numbered in the order they arrive, and one that is sent twice counts once', async () => {
  const { ids } = await begun();
  const done = happened('step-done', { step: 'berries' });
  await post(ids.brew, [done]);
  const { json } = await post(ids.brew, [done, happened('step-done', { step: 'water' })]);
  expect(json.events.map(({ number, step, by }: any) => [number, step, by])).toEqual([
    [1, 'berries', expect.stringMatching(/^Cook/)],
    [2, 'water', expect.any(String)],
  ]);
});

test.each([
  ['a volume below nothing', happened('reading', { step: 'cloth', quantity: 'volume_mL', value: -5 })],
  ['a pH of 40', happened('reading', { step: 'cloth', quantity: 'pH', value: 40 })],
  ['a quantity nobody knows', happened('reading', { step: 'cloth', quantity: 'colour', value: 2 })],
  ['a kind nobody knows', happened('step-danced', { step: 'cloth' })],
  ['a timer of no time', happened('timer-started', { step: 'simmer', minutes: 0 })],
  ['an addition of nothing', happened('added', { step: 'honey', text: '' })],
])('%s is refused and nothing is kept', async (_words, event) => {
  const { ids } = await begun();
  const { status, json } = await post(ids.brew, [happened('step-done', { step: 'berries' }), event]);
  expect([status, json.code]).toEqual([400, 'invalid-request']);
  expect((await cook.send('GET', `/api/brews/${ids.brew}/run`)).json.events).toEqual([]);
});

test('what happens on one server reaches who waits at another within a second', async () => {
  const { ids } = await begun();
  const elsewhere = cookWith(second, cook.cookie);
  const waiting = elsewhere.send('GET', `/api/brews/${ids.brew}/events?after=0&wait_ms=10000`);
  await new Promise((resolve) => setTimeout(resolve, 150));
  const sent = Date.now();
  await post(ids.brew, [happened('step-done', { step: 'berries' })]);
  const { json } = await waiting;
  expect(json.events.map(({ step }: any) => step)).toEqual(['berries']);
  expect(Date.now() - sent).toBeLessThan(1000);
});

test('a wait that is over answers with nothing new', async () => {
  const { ids } = await begun();
  const { json } = await cook.send('GET', `/api/brews/${ids.brew}/events?after=0&wait_ms=200`);
  expect(json).toMatchObject({ stage: 'making', events: [] });
});

test('pausing, giving up and what is under way', async () => {
  const { ids } = await begun();
  expect((await post(ids.brew, [happened('paused')])).json.stage).toBe('paused');
  expect((await post(ids.brew, [happened('resumed')])).json.stage).toBe('making');
  expect((await post(ids.brew, [happened('abandoned', { text: 'poured away' })])).json.stage).toBe('abandoned');
  const under = (await cook.send('GET', '/api/brews/under-way')).json.brews;
  expect(under.map(({ id }: any) => id)).not.toContain(ids.brew);
});

const bottle = (volume_mL: number) => ({ id: randomUUID(), volume_mL, place: 'fridge' });
const finish = (brew: string, bottles: readonly object[]) =>
  cook.send('PUT', `/api/brews/${brew}/finish`, { eventId: randomUUID(), madeAt: AT, bottles });

test('the bottles carry what was read, not what was written', async () => {
  const { ids } = await begun();
  const reading = happened('reading', { step: 'cloth', quantity: 'volume_mL', value: 400 });
  await post(ids.brew, [reading, happened('amount-changed', { step: 'honey', text: '320 g honey' })]);
  const bottles = [bottle(600)];
  const { status, json } = await finish(ids.brew, bottles);
  expect(status).toBe(200);
  // 400 mL of juice and 320 g of honey of 1.42 g/mL.
  expect(json.volume_mL).toBeGreaterThan(600);
  expect(json.volume_mL).toBeLessThan(640);
  expect(json.bottleIds).toHaveLength(1);
  const again = await finish(ids.brew, bottles);
  expect(again.json.bottleIds).toEqual(json.bottleIds);
  const another = await finish(ids.brew, [bottle(500)]);
  expect([another.status, another.json.code]).toEqual([409, 'bottled-already']);
});

test('two phones that fill at the same time fill once', async () => {
  for (let round = 0; round < 5; round += 1) {
    const { ids } = await begun();
    const fills = await Promise.all([finish(ids.brew, [bottle(300)]), finish(ids.brew, [bottle(400)])]);
    expect(fills.map(({ status }) => status).sort()).toEqual([200, 409]);
    const { bottles } = (await cook.send('GET', '/api/bottles')).json;
    expect(bottles.filter(({ brewId }: any) => brewId === ids.brew)).toHaveLength(1);
  }
});

test('bottles cannot hold more than was made, and the brew is still under way', async () => {
  const { ids } = await begun();
  const { status, json } = await finish(ids.brew, [bottle(5000)]);
  expect([status, json.code]).toEqual([400, 'invalid-request']);
  expect((await cook.send('GET', `/api/brews/${ids.brew}/run`)).json).toMatchObject({ stage: 'making', events: [] });
});

test('a reading can be corrected after the bottles are full', async () => {
  const { ids } = await begun();
  await post(ids.brew, [happened('reading', { step: 'cloth', quantity: 'volume_mL', value: 400 })]);
  const before = (await finish(ids.brew, [bottle(500)])).json.volume_mL;
  await post(ids.brew, [happened('reading', { step: 'cloth', quantity: 'volume_mL', value: 450 })]);
  const after = (await cook.send('GET', `/api/brews/${ids.brew}`)).json.volume_mL;
  expect(after - before).toBeCloseTo(50, 0);
});

test('a kitchen learns from its readings, forgets when told to, and nobody else learns with it', async () => {
  const learner = await newCook(app);
  const habits = async (of: Cook = learner) => (await of.send('GET', '/api/kitchen/habits')).json;
  expect(await habits()).toEqual({ habits: {}, curves: [], brews: 0, since: null });
  const { ids } = await begun(learner);
  // Far less than the tables expect: this kitchen steams more, or squeezes less.
  await post(ids.brew, [happened('reading', { step: 'simmer', quantity: 'volume_mL', value: 870 })], learner);
  const first = await habits();
  expect(first.brews).toBe(1);
  expect(first.habits['evaporation:saucepan'].factor).toBeGreaterThan(1.1);
  expect(first.curves[0].points).toHaveLength(1);
  await post(ids.brew, [happened('reading', { step: 'simmer', quantity: 'volume_mL', value: 890 })], learner);
  expect((await habits()).habits['evaporation:saucepan'].factor).toBeLessThan(
    first.habits['evaporation:saucepan'].factor,
  );
  const forgotten = (await learner.send('POST', '/api/kitchen/habits/reset')).json;
  expect([forgotten.habits, forgotten.brews]).toEqual([{}, 0]);
  expect((await habits(await newCook(app))).habits).toEqual({});
});

test('what was chosen to be forgotten on a device without a network is forgotten from then on, and never less than that', async () => {
  const late = await newCook(app);
  const { ids } = await begun(late);
  const reset = async (at?: string) =>
    (await late.send('POST', `/api/kitchen/habits/reset${at === undefined ? '' : `?at=${at}`}`)).json;
  await post(ids.brew, [happened('reading', { step: 'simmer', quantity: 'volume_mL', value: 870 })], late);
  // Chosen before that was read: it counts.
  const before = await reset('2026-01-01T00:00:00Z');
  expect([before.brews, before.since]).toEqual([1, '2026-01-01T00:00:00.000Z']);
  // A clock that is ahead makes nobody deaf for what comes.
  const ahead = await reset('2099-01-01T00:00:00Z');
  expect(Date.parse(ahead.since)).toBeLessThanOrEqual(Date.now());
  expect(ahead.brews).toBe(0);
  // What was forgotten later stays so.
  expect((await reset('2026-01-02T00:00:00Z')).since).toBe(ahead.since);
  expect((await late.send('POST', '/api/kitchen/habits/reset?at=yesterday')).status).toBe(400);
});

test('a server that stops in the middle of a steep finds the brew and its timer again', async () => {
  const database = await freshDatabase();
  const before = await startServer(database);
  const steeping = await newCook(before);
  const { ids } = await begun(steeping);
  await post(ids.brew, [happened('timer-started', { step: 'simmer', minutes: 480 })], steeping);
  await before.close();
  const after = await startServer(database);
  const run = (await cookWith(after, steeping.cookie).send('GET', `/api/brews/${ids.brew}/run`)).json;
  expect(run.events).toEqual([
    expect.objectContaining({ kind: 'timer-started', step: 'simmer', minutes: 480, at: AT }),
  ]);
  await after.close();
});

test('a server that is told to stop is not held up by somebody who waits for news', async () => {
  const stopping = await startServer(await freshDatabase());
  const patient = await newCook(stopping);
  const { ids } = await begun(patient);
  const address = await stopping.listen({ host: '127.0.0.1', port: 0 });
  const waiting = fetch(`${address}/api/brews/${ids.brew}/events?after=0&wait_ms=20000`, {
    headers: { cookie: patient.cookie },
  }).then((answer) => answer.status);
  await new Promise((resolve) => setTimeout(resolve, 300));
  const asked = Date.now();
  await stopping.close();
  expect(await waiting).toBe(200);
  expect(Date.now() - asked).toBeLessThan(5000);
});

test('another kitchen sees none of it', async () => {
  const { ids } = await begun();
  const stranger = await newCook(app);
  for (const [method, url, body] of [
    ['GET', `/api/brews/${ids.brew}/run`, undefined],
    ['GET', `/api/brews/${ids.brew}/events`, undefined],
    ['POST', `/api/brews/${ids.brew}/events`, { events: [happened('paused')] }],
    ['PUT', `/api/brews/${ids.brew}/finish`, { eventId: randomUUID(), madeAt: AT, bottles: [bottle(100)] }],
  ] as const)
    expect((await stranger.send(method, url, body)).status).toBe(404);
  expect((await stranger.send('GET', '/api/brews/under-way')).json.brews).toEqual([]);
});
