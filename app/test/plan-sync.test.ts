import type { PlanRecord, SavePlan } from '@wellhydra/contract';
import { hoursChosen, planState, requestAdded, requestChanged, requestRemoved } from '../src/domain/plans/plans';
import { plansApi } from '../src/domain/plans/plan-endpoints';
import type { Store } from '../src/domain/store';
import { keepRows } from '../src/state/sync/vault';
import { INES, WILF, comesIn, emptyDevice, goes, tabOf, written } from './device';
import { fakeKitchen } from './fake-kitchen';

/** A server with the plan of one kitchen, which counts revisions as the real one does. */
function fakeServer() {
  const server = { record: { revision: 0, plan: null } as PlanRecord, away: false, loses: false, puts: 0 };
  const sent = fakeKitchen({
    'GET /kitchen/plan': () => (server.away ? undefined : server.record),
    'PUT /kitchen/plan': () => {
      if (server.away) return undefined;
      server.puts += 1;
      const { expectedRevision, plan } = sent.at(-1)!.body as SavePlan;
      if (expectedRevision !== server.record.revision)
        return { status: 409, code: 'edited-elsewhere', message: '', details: { revision: server.record.revision } };
      server.record = { revision: expectedRevision + 1, plan };
      // Stored, and nobody hears of it.
      return server.loses ? undefined : server.record;
    },
  });
  return server;
}
const requestFor = (id: string) => requestAdded({ id, drinkId: 'tonic', readyBy: '2026-11-03T12:00:00Z' });
const wanted = (server: ReturnType<typeof fakeServer>) => server.record.plan?.requests.map(({ id }) => id);
const here = (store: Store) => store.getState().plans.mine.requests.map(({ id }) => id);
const asks = (store: Store) =>
  store.dispatch(plansApi.endpoints.getPlan.initiate(undefined, { forceRefetch: true, subscribe: false }));
const saved = () => written(900);
afterEach(emptyDevice);

test('what is wanted is stored, and another phone has it', async () => {
  const server = fakeServer();
  const [one, other] = [await tabOf(INES), await tabOf(WILF)];
  one.dispatch(requestFor('a'));
  await saved();
  expect(wanted(server)).toEqual(['a']);
  await asks(other);
  expect(here(other)).toEqual(['a']);
});

test('two phones that plan at once both keep theirs, request by request', async () => {
  const server = fakeServer();
  const [one, other] = [await tabOf(INES), await tabOf(WILF)];
  one.dispatch(requestFor('a'));
  await saved();
  other.dispatch(requestFor('b'));
  other.dispatch(hoursChosen({ cooks: 2 }));
  await saved();
  expect(wanted(server)?.sort()).toEqual(['a', 'b']);
  // The first phone has not seen the second request yet.
  one.dispatch(requestChanged({ id: 'a', pinned: '2026-11-03T07:00:00Z' }));
  await saved();
  expect(server.record.plan).toMatchObject({ cooks: 2 });
  expect(server.record.plan!.requests.find(({ id }) => id === 'a')!.pinned).toBe('2026-11-03T07:00:00Z');
  other.dispatch(requestRemoved('b'));
  await saved();
  expect(wanted(server)).toEqual(['a']);
});

test('without a network it is kept for its owner through a reload, and seen by nobody else', async () => {
  const server = fakeServer();
  server.away = true;
  const store = await tabOf(INES);
  store.dispatch(requestFor('a'));
  await saved();
  expect(planState(store.getState().plans)).toBe('Kept on this device: No connection. Sent when it is back');
  goes(store);
  await comesIn(store, WILF);
  server.away = false;
  await saved();
  expect([here(store), server.puts]).toEqual([[], 0]);
  goes(store);
  await comesIn(store, INES);
  await saved();
  expect(wanted(server)).toEqual(['a']);
  expect(planState(store.getState().plans)).toBeNull();
});

test('a save whose answer is lost is nobody else’s: what is taken back since stays taken back', async () => {
  const server = fakeServer();
  const store = await tabOf(INES);
  server.loses = true;
  store.dispatch(requestFor('a'));
  await saved();
  expect(wanted(server)).toEqual(['a']);
  server.loses = false;
  store.dispatch(requestRemoved('a'));
  await written(4000);
  expect([wanted(server), here(store)]).toEqual([[], []]);
  expect(planState(store.getState().plans)).toBeNull();
});

test('what is refused is sent again once something of somebody else is in it', async () => {
  const refusal = { status: 400, code: 'invalid-request', message: 'No' };
  let refuses = true;
  let record: PlanRecord = { revision: 0, plan: null };
  const sent = fakeKitchen({
    'GET /kitchen/plan': () => record,
    'PUT /kitchen/plan': () => {
      if (refuses) return refusal;
      record = { revision: record.revision + 1, plan: (sent.at(-1)!.body as SavePlan).plan };
      return record;
    },
  });
  const store = await tabOf(INES);
  store.dispatch(requestFor('a'));
  await saved();
  expect(planState(store.getState().plans)).toMatch(/No$/);
  refuses = false;
  record = { revision: 1, plan: { requests: [], cooks: 2, bed_min: 1350, up_min: 360 } };
  await asks(store);
  await saved();
  expect(record).toMatchObject({ revision: 2, plan: { cooks: 2, requests: [{ id: 'a' }] } });
});

test('what is refused says why, and is not sent again until it is changed', async () => {
  const refusal = { status: 400, code: 'invalid-request', message: 'Requests are more than 200 rows' };
  const sent = fakeKitchen({ 'PUT /kitchen/plan': refusal });
  const store = await tabOf(INES);
  store.dispatch(requestFor('a'));
  await written(4000);
  expect(planState(store.getState().plans)).toBe('Kept on this device: Requests are more than 200 rows');
  expect(sent).toHaveLength(1);
});

test('a plan that an earlier version kept on this device alone reaches the server', async () => {
  const server = fakeServer();
  const old = { id: 'a', drinkId: 'tonic', readyBy: '2026-11-03T12:00:00Z', pinned: null, agreed: null };
  await keepRows(INES, 'plans', {
    put: [old, { id: 'hours', cooks: 3, bed_min: 1320, up_min: 300 } as never],
    gone: [],
  });
  await tabOf(INES);
  await saved();
  expect(server.record.plan).toEqual({ requests: [old], cooks: 3, bed_min: 1320, up_min: 300 });
});

test('a server that went back to an older plan gets what is here merged into that one', async () => {
  const server = fakeServer();
  const store = await tabOf(INES);
  store.dispatch(requestFor('a'));
  await saved();
  store.dispatch(requestFor('b'));
  await saved();
  // A backup from before was put back.
  server.record = { revision: 1, plan: { ...server.record.plan!, requests: server.record.plan!.requests.slice(0, 1) } };
  store.dispatch(requestFor('c'));
  await saved();
  expect([wanted(server), server.record.revision]).toEqual([['a', 'c'], 2]);
});
