import type { StoredEvent } from '@wellhydra/contract';
import type { BrewEvent } from '@wellhydra/core/brew';
import { brewsApi } from '../src/features/make/brew-endpoints';
import { brewFilled, brewHappened, brewStarted, eventsOf, refusalSeen } from '../src/features/make/brews';
import { RETRY_AFTER_ms } from '../src/features/make/outbox';
import { createStore } from '../src/state/store';
import { fakeKitchen } from './fake-kitchen';
import { beginning } from './trial-brew';

const AT = '2026-10-01T08:00:00.000Z';
const BREW = '00000000-0000-4000-8000-000000000001';
const start = beginning(new Date(AT));
const done = (step: string): BrewEvent => ({ kind: 'step-done', step, id: `event-${step}`, at: AT });

/** A server that numbers events as the real one does, and can be away or refuse. */
function fakeServer() {
  const events: StoredEvent[] = [];
  const server = { away: false, refuses: false, lists: false, events };
  const progress = () => ({ id: BREW, batch: 'TE-01', stage: 'making', events: [...events] });
  const sent = fakeKitchen({
    'GET /brews/under-way': () => ({ brews: server.lists ? [{ ...start, ...progress(), startedBy: 'Ines' }] : [] }),
    [`PUT /brews/${BREW}/run`]: () => (server.away ? undefined : { ...start, ...progress(), startedBy: 'Ines' }),
    [`POST /brews/${BREW}/events`]: () => {
      if (server.away) return undefined;
      const { events: posted } = sent.at(-1)!.body as { events: BrewEvent[] };
      for (const event of posted)
        if (!events.some(({ id }) => id === event.id)) events.push({ ...event, number: events.length + 1, by: 'Ines' });
      return progress();
    },
    [`PUT /brews/${BREW}/finish`]: () =>
      server.refuses
        ? { status: 400, code: 'invalid-request', message: 'The bottles hold more than was made.' }
        : progress(),
  });
  return Object.assign(server, { sent });
}

const idle = () => new Promise((resolve) => setTimeout(resolve, 60));
test('what happens is sent in order, once, and the batch number arrives', async () => {
  const server = fakeServer();
  const store = createStore();
  store.dispatch(brewStarted({ id: BREW, start }));
  for (const step of ['a', 'b', 'c']) store.dispatch(brewHappened({ brew: BREW, event: done(step) }));
  await idle();
  expect(server.sent[0]!.key).toBe(`PUT /brews/${BREW}/run`);
  expect(server.events.map(({ id }) => id)).toEqual(['event-a', 'event-b', 'event-c']);
  const { brews } = store.getState();
  expect([brews.outbox.length, brews.byId[BREW]!.batch]).toEqual([0, 'TE-01']);
  expect(eventsOf(brews, BREW)).toHaveLength(3);
});

test('while nobody answers it waits, survives a reload, and arrives once when the server is back', async () => {
  const server = fakeServer();
  const store = createStore();
  store.dispatch(brewStarted({ id: BREW, start }));
  await idle();
  server.away = true;
  store.dispatch(brewHappened({ brew: BREW, event: done('a') }));
  store.dispatch(brewHappened({ brew: BREW, event: done('b') }));
  await idle();
  expect(store.getState().brews).toMatchObject({ unreachable: true, outbox: [{ id: 'event-a' }, { id: 'event-b' }] });
  expect(createStore().getState().brews.outbox).toHaveLength(2);
  server.away = false;
  await new Promise((resolve) => setTimeout(resolve, RETRY_AFTER_ms + 200));
  expect(server.events.map(({ id }) => id)).toEqual(['event-a', 'event-b']);
  // They travelled together.
  expect((server.sent.at(-1)!.body as { events: unknown[] }).events).toHaveLength(2);
  expect(store.getState().brews).toMatchObject({ unreachable: false, outbox: [] });
});

test('what the server refuses does not hold up the rest, and is told until it was read', async () => {
  const server = fakeServer();
  server.refuses = true;
  const store = createStore();
  store.dispatch(brewStarted({ id: BREW, start }));
  store.dispatch(brewFilled({ brew: BREW, finish: { eventId: 'end', madeAt: AT, bottles: [] } }));
  store.dispatch(brewHappened({ brew: BREW, event: done('a') }));
  await idle();
  expect(server.events.map(({ id }) => id)).toEqual(['event-a']);
  const [refused] = store.getState().brews.refused;
  expect(refused).toMatchObject({ message: 'The bottles hold more than was made.', waiting: { kind: 'finish' } });
  store.dispatch(refusalSeen(refused!.waiting.id));
  expect(store.getState().brews.refused).toEqual([]);
});

test('what the server no longer lists is over, but not what is still to be sent to it', async () => {
  const server = fakeServer();
  server.away = true;
  const store = createStore();
  const listed = () => store.dispatch(brewsApi.endpoints.listRuns.initiate(undefined, { forceRefetch: true }));
  store.dispatch(brewStarted({ id: BREW, start }));
  await listed();
  expect(Object.keys(store.getState().brews.byId)).toEqual([BREW]);
  server.away = false;
  await new Promise((resolve) => setTimeout(resolve, RETRY_AFTER_ms + 200));
  // The answer is the same as before, and yet it tells something else now.
  await listed();
  expect(store.getState().brews.byId).toEqual({});
});

test('an answer that tells nothing new writes nothing', async () => {
  const server = fakeServer();
  const store = createStore();
  store.dispatch(brewStarted({ id: BREW, start }));
  await idle();
  server.lists = true;
  const { brews } = store.getState();
  await store.dispatch(brewsApi.endpoints.listRuns.initiate(undefined, { forceRefetch: true }));
  expect(store.getState().brews).toBe(brews);
});
