import type { StoredEvent } from '@wellhydra/contract';
import type { BrewEvent } from '@wellhydra/core/brew';
import { brewsApi } from '../src/domain/brews/brew-endpoints';
import { brewFilled, brewHappened, brewStarted, eventsOf, selectBrews } from '../src/domain/brews/brews';
import type { Store } from '../src/domain/store';
import { enter } from '../src/state/sync/enter';
import { asideRead } from '../src/state/sync/queue';
import { RETRY_AFTER_ms } from '../src/state/sync/send-queue';
import { INES, WILF, comesIn, emptyDevice, eventually, goes, tab, tabOf, written } from './device';
import { fakeKitchen } from './fake-kitchen';
import { beginning } from './trial-brew';

const AT = '2026-10-01T08:00:00.000Z';
const BREW = '00000000-0000-4000-8000-000000000001';
const OTHER = '00000000-0000-4000-8000-000000000002';
const start = beginning(new Date(AT));
const done = (step: string): BrewEvent => ({ kind: 'step-done', step, id: `event-${step}`, at: AT });

type Mood = 'well' | 'away' | 'failing' | { readonly status: number; readonly code: string; readonly message: string };

/** A server that numbers events as the real one does; how it is can be different for each brew. */
function fakeServer() {
  const events: Record<string, StoredEvent[]> = { [BREW]: [], [OTHER]: [] };
  const server = {
    mood: { [BREW]: 'well', [OTHER]: 'well' } as Record<string, Mood>,
    finish: 'well' as Mood,
    lists: false,
    events,
  };
  const progress = (id: string) => ({ id, batch: 'TE-01', stage: 'making', events: [...events[id]!] });
  const answer = (mood: Mood, make: () => object) =>
    mood === 'well' ? make() : mood === 'away' ? undefined : mood === 'failing' ? 500 : mood;
  const of = (id: string) => ({
    [`PUT /brews/${id}/run`]: () => answer(server.mood[id]!, () => ({ ...start, ...progress(id), startedBy: 'Ines' })),
    [`POST /brews/${id}/events`]: () =>
      answer(server.mood[id]!, () => {
        const { events: posted } = sent.at(-1)!.body as { events: BrewEvent[] };
        const known = events[id]!;
        for (const event of posted)
          if (!known.some((each) => each.id === event.id))
            known.push({ ...event, number: known.length + 1, by: 'Ines' });
        return progress(id);
      }),
    [`PUT /brews/${id}/finish`]: () => answer(server.finish, () => progress(id)),
  });
  const sent = fakeKitchen({
    'GET /brews/under-way': () => ({
      brews: server.lists ? [{ ...start, ...progress(BREW), startedBy: 'Ines' }] : [],
      next: null,
    }),
    ...of(BREW),
    ...of(OTHER),
  });
  return Object.assign(server, { sent });
}

const idle = () => written(80);
const retried = () => written(RETRY_AFTER_ms + 200);
const waiting = (store: Store) => store.getState().queue.entries.map(({ id }) => id);
const stored = (events: readonly StoredEvent[]) => events.map(({ id }) => id);
afterEach(emptyDevice);

test('what happens is sent in order, once, and the batch number arrives', async () => {
  const server = fakeServer();
  const store = await tabOf(INES);
  store.dispatch(brewStarted({ id: BREW, start }));
  for (const step of ['a', 'b', 'c']) store.dispatch(brewHappened({ brew: BREW, event: done(step) }));
  await idle();
  expect(server.sent[0]!.key).toBe(`PUT /brews/${BREW}/run`);
  expect(stored(server.events[BREW]!)).toEqual(['event-a', 'event-b', 'event-c']);
  expect([waiting(store), store.getState().brews.byId[BREW]!.batch]).toEqual([[], 'TE-01']);
  expect(eventsOf(selectBrews(store.getState()), BREW)).toHaveLength(3);
});

test('while nobody answers it waits, survives a reload, and arrives once when the server is back', async () => {
  const server = fakeServer();
  const store = await tabOf(INES);
  store.dispatch(brewStarted({ id: BREW, start }));
  await idle();
  server.mood[BREW] = 'away';
  for (const step of ['a', 'b']) store.dispatch(brewHappened({ brew: BREW, event: done(step) }));
  await idle();
  expect([store.getState().queue.trouble, waiting(store)]).toEqual(['no-connection', ['event-a', 'event-b']]);
  expect(waiting(await tabOf(INES))).toEqual(['event-a', 'event-b']);
  server.mood[BREW] = 'well';
  await retried();
  expect(stored(server.events[BREW]!)).toEqual(['event-a', 'event-b']);
  // They travelled together.
  expect(server.sent.filter(({ key }) => key.startsWith('POST')).at(-1)!.body).toMatchObject({ events: [{}, {}] });
  expect([store.getState().queue.trouble, waiting(store)]).toEqual([null, []]);
  expect(waiting(await tabOf(INES))).toEqual([]);
});

test('what the server refuses does not hold up the rest, and is told until it was read', async () => {
  const server = fakeServer();
  server.finish = { status: 400, code: 'invalid-request', message: 'The bottles hold more than was made.' };
  const store = await tabOf(INES);
  store.dispatch(brewStarted({ id: BREW, start }));
  store.dispatch(brewFilled({ brew: BREW, finish: { eventId: 'end', madeAt: AT, bottles: [] } }));
  store.dispatch(brewHappened({ brew: BREW, event: done('a') }));
  await idle();
  expect(stored(server.events[BREW]!)).toEqual(['event-a']);
  const reloaded = await tabOf(INES);
  for (const tab of [store, reloaded])
    expect(tab.getState().queue.aside).toMatchObject([
      { message: 'The bottles hold more than was made.', entry: { kind: 'brew-finish', about: 'Harbour tonic' } },
    ]);
  store.dispatch(asideRead('end'));
  await written();
  expect((await tabOf(INES)).getState().queue.aside).toEqual([]);
});

test('an answered 500 is the server’s trouble, holds up no other brew, and is set aside after five', async () => {
  const server = fakeServer();
  const store = await tabOf(INES);
  store.dispatch(brewStarted({ id: BREW, start }));
  store.dispatch(brewStarted({ id: OTHER, start }));
  await idle();
  server.mood[BREW] = 'failing';
  store.dispatch(brewHappened({ brew: BREW, event: done('poison') }));
  await idle();
  expect([store.getState().queue.trouble, waiting(store)]).toEqual(['server-failed', ['event-poison']]);
  store.dispatch(brewHappened({ brew: OTHER, event: done('other') }));
  await idle();
  expect(stored(server.events[OTHER]!)).toEqual(['event-other']);
  for (let time = 0; time < 3; time += 1) await retried();
  expect(waiting(store)).toEqual([]);
  expect(store.getState().queue.aside).toMatchObject([{ message: expect.stringMatching(/failed on it 5 times/) }]);
  server.mood[BREW] = 'well';
  store.dispatch(brewHappened({ brew: BREW, event: done('after') }));
  await idle();
  expect(stored(server.events[BREW]!)).toEqual(['event-after']);
}, 30_000);

test('what took a busy server too long is tried again: the step stays done', async () => {
  const server = fakeServer();
  const store = await tabOf(INES);
  store.dispatch(brewStarted({ id: BREW, start }));
  await idle();
  server.mood[BREW] = { status: 422, code: 'takes-too-long', message: 'It takes too long to work out' };
  store.dispatch(brewHappened({ brew: BREW, event: done('salt') }));
  await idle();
  expect([waiting(store), store.getState().queue.aside]).toEqual([['event-salt'], []]);
  server.mood[BREW] = 'well';
  await retried();
  expect([waiting(store), stored(server.events[BREW]!)]).toEqual([[], ['event-salt']]);
});

describe('two accounts on one device', () => {
  test('what one has not sent waits for its owner, is seen by nobody else, and is sent when they are back', async () => {
    const server = fakeServer();
    server.mood[BREW] = 'away';
    const store = await tabOf(INES);
    store.dispatch(brewStarted({ id: BREW, start }));
    for (const step of ['a', 'b']) store.dispatch(brewHappened({ brew: BREW, event: done(step) }));
    await idle();
    goes(store);
    await comesIn(store, WILF);
    server.mood[BREW] = 'well';
    const before = server.sent.length;
    store.dispatch(brewStarted({ id: OTHER, start }));
    await retried();
    expect([waiting(store), Object.keys(store.getState().brews.byId)]).toEqual([[], [OTHER]]);
    expect(server.sent.slice(before).map(({ key }) => key)).toEqual([`PUT /brews/${OTHER}/run`]);
    goes(store);
    await comesIn(store, INES);
    await idle();
    expect(stored(server.events[BREW]!)).toEqual(['event-a', 'event-b']);
    expect(Object.keys(store.getState().brews.byId)).toEqual([BREW]);
  }, 20_000);

  test('a tab whose account is not signed in any more keeps what is done there, and says why', async () => {
    const server = fakeServer();
    const store = await tabOf(INES);
    server.mood[BREW] = { status: 409, code: 'other-session', message: 'Somebody else' };
    store.dispatch(brewStarted({ id: BREW, start }));
    await idle();
    expect([store.getState().queue.trouble, waiting(store)]).toEqual(['other-session', [BREW]]);
    expect(waiting(await tabOf(INES))).toEqual([BREW]);
  });
});

describe('two tabs', () => {
  test('each knows what the other has to send, and sent by one it waits nowhere', async () => {
    const server = fakeServer();
    server.mood[BREW] = server.mood[OTHER] = 'away';
    const [one, other] = [await tabOf(INES), await tabOf(INES)];
    one.dispatch(brewStarted({ id: BREW, start }));
    one.dispatch(brewHappened({ brew: BREW, event: done('a') }));
    await written();
    other.dispatch(brewStarted({ id: OTHER, start }));
    const all = [BREW, 'event-a', OTHER];
    await eventually(() => [one, other].forEach((tab) => expect(waiting(tab)).toEqual(all)));
    const third = await tabOf(INES);
    await eventually(() => expect(waiting(third)).toEqual(all));
    server.mood[BREW] = server.mood[OTHER] = 'well';
    await retried();
    await retried();
    await eventually(() => [one, other, third].forEach((tab) => expect(waiting(tab)).toEqual([])));
    expect(waiting(await tabOf(INES))).toEqual([]);
    expect(stored(server.events[BREW]!)).toEqual(['event-a']);
  }, 30_000);
});

test('what the server no longer lists is over, but not what is still to be sent to it', async () => {
  const server = fakeServer();
  server.mood[BREW] = 'away';
  const store = await tabOf(INES);
  const listed = () => store.dispatch(brewsApi.endpoints.listRuns.initiate(undefined, { forceRefetch: true }));
  store.dispatch(brewStarted({ id: BREW, start }));
  await listed();
  expect(Object.keys(store.getState().brews.byId)).toEqual([BREW]);
  server.mood[BREW] = 'well';
  await retried();
  // The answer is the same as before, and yet it tells something else now.
  await listed();
  expect(store.getState().brews.byId).toEqual({});
});

test('an answer that tells nothing new writes nothing', async () => {
  const server = fakeServer();
  const store = await tabOf(INES);
  store.dispatch(brewStarted({ id: BREW, start }));
  await idle();
  server.lists = true;
  const { brews } = store.getState();
  await store.dispatch(brewsApi.endpoints.listRuns.initiate(undefined, { forceRefetch: true }));
  expect(store.getState().brews).toBe(brews);
});

test('a device that can keep nothing says so, and loses nothing while the page is open', async () => {
  const server = fakeServer();
  server.mood[BREW] = 'away';
  const store = await tabOf(INES);
  const put = jest.spyOn(IDBObjectStore.prototype, 'put').mockImplementation(() => {
    throw new DOMException('full', 'QuotaExceededError');
  });
  store.dispatch(brewStarted({ id: BREW, start }));
  await idle();
  expect([store.getState().owner.storageFull, waiting(store)]).toEqual([true, [BREW]]);
  put.mockRestore();
  server.mood[BREW] = 'well';
  await retried();
  expect([waiting(store), store.getState().brews.byId[BREW]!.batch]).toEqual([[], 'TE-01']);
});

test('what an earlier version of the application has left unsent is taken over, by its own kitchen', async () => {
  const server = fakeServer();
  localStorage.setItem('wellhydra.kitchen', '"skerry"');
  localStorage.setItem(
    'wellhydra.brews',
    JSON.stringify({
      byId: { [BREW]: { id: BREW, ...start, batch: 'TE-01', known: [] } },
      outbox: [{ id: 'event-a', brew: BREW, kind: 'event', body: done('a') }],
    }),
  );
  const session = (account: string, kitchen: string) => ({
    account: { id: account, name: account, email: '' },
    kitchen: { id: kitchen, name: kitchen, demo: false, role: 'owner' as const, personId: null },
  });
  await enter(session('wilf', 'harbour'), tab().dispatch, () => true);
  await idle();
  expect(server.sent).toEqual([]);
  await enter(session('ines', 'skerry'), tab().dispatch, () => true);
  await idle();
  expect(stored(server.events[BREW]!)).toEqual(['event-a']);
  expect(localStorage.getItem('wellhydra.brews')).toBeNull();
});
