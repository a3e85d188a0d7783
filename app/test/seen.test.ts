import { bottlesApi } from '../src/domain/bottles/bottle-endpoints';
import '../src/domain/bottles/bottle-arrivals';
import { pouredFrom } from '../src/domain/bottles/bottle-deeds';
import { brewsApi } from '../src/domain/brews/brew-endpoints';
import { forgetSession } from '../src/domain/accounts/known-session';
import type { Store } from '../src/domain/store';
import { forgetSeen, keepSeen, seenBefore } from '../src/state/sync/seen';
import { INES, WILF, comesIn, emptyDevice, eventually, goes, tabOf, written } from './device';
import { fakeKitchen } from './fake-kitchen';
import { bottle } from './trial-people';

/** What the server last answered, shown where it does not answer any more. */

const BOTTLE = bottle({ remaining_mL: 1000 });
const SHELF = { 'GET /bottles': { bottles: [BOTTLE], next: null } };
const shelf = (store: Store, forceRefetch = true) =>
  store.dispatch(bottlesApi.endpoints.listBottles.initiate(undefined, { forceRefetch }));
const shown = (store: Store) => bottlesApi.endpoints.listBottles.select()(store.getState()).data?.bottles;

beforeEach(async () => {
  await emptyDevice();
  await forgetSeen();
});

test('a page that was seen opens without a server, and says of when it is', async () => {
  fakeKitchen(SHELF);
  await shelf(await tabOf(INES));
  await written();
  fakeKitchen({});
  const later = await tabOf(INES);
  const before = Date.now();
  expect((await shelf(later)).data?.bottles).toEqual([BOTTLE]);
  const [at] = Object.values(later.getState().owner.seen);
  expect(before - at!).toBeLessThan(60_000);
});

test('what was never seen fails as it is', async () => {
  fakeKitchen({});
  const store = await tabOf(INES);
  expect((await shelf(store)).isError).toBe(true);
  expect(store.getState().owner.seen).toEqual({});
});

test('an answer that refuses is no missing server: nothing of before is shown', async () => {
  fakeKitchen(SHELF);
  await shelf(await tabOf(INES));
  await written();
  fakeKitchen({ 'GET /bottles': { status: 403, code: 'makers-only', message: 'This is for makers' } });
  expect((await shelf(await tabOf(INES))).error).toMatchObject({ status: 403 });
});

test.each([502, 503, 504])('a %d is a missing server', async (status) => {
  fakeKitchen(SHELF);
  await shelf(await tabOf(INES));
  await written();
  fakeKitchen({ 'GET /bottles': { status, code: 'database-unavailable', message: 'The database does not answer' } });
  expect((await shelf(await tabOf(INES))).data?.bottles).toEqual([BOTTLE]);
});

test('it is asked for again by itself, and then nothing is of before any more', async () => {
  fakeKitchen(SHELF);
  await shelf(await tabOf(INES));
  await written();
  fakeKitchen({});
  const store = await tabOf(INES);
  await shelf(store);
  expect(Object.keys(store.getState().owner.seen)).toHaveLength(1);
  fakeKitchen({ 'GET /bottles': { bottles: [{ ...BOTTLE, remaining_mL: 400 }], next: null } });
  await eventually(() => {
    expect(store.getState().owner.seen).toEqual({});
    expect(shown(store)![0]!.remaining_mL).toBe(400);
  });
});

test('somebody else on the device sees nothing of it, and nobody does once nobody is in', async () => {
  fakeKitchen(SHELF);
  const store = await tabOf(INES);
  await shelf(store);
  await written();
  fakeKitchen({});
  goes(store);
  await comesIn(store, WILF);
  expect((await shelf(store)).isError).toBe(true);
  forgetSession();
  await written();
  expect((await shelf(await tabOf(INES))).isError).toBe(true);
});

test('what is under way is not among it: a list of before would end what was begun since', async () => {
  fakeKitchen({ 'GET /brews/under-way': { brews: [], next: null } });
  const list = async (store: Store) => store.dispatch(brewsApi.endpoints.listRuns.initiate());
  await list(await tabOf(INES));
  await written();
  fakeKitchen({});
  expect((await list(await tabOf(INES))).isError).toBe(true);
});

test('what waits is shown over what was seen before, after a reload, too', async () => {
  fakeKitchen(SHELF);
  const store = await tabOf(INES);
  await shelf(store);
  await written();
  fakeKitchen({});
  store.dispatch(pouredFrom(BOTTLE, { pourId: crypto.randomUUID(), volume_mL: 250, at: new Date() }));
  expect(shown(store)![0]!.remaining_mL).toBe(750);
  await written();
  const reloaded = await tabOf(INES);
  await shelf(reloaded);
  expect(shown(reloaded)![0]!.remaining_mL).toBe(750);
  // Once more, and it is not poured twice.
  await shelf(reloaded);
  expect(shown(reloaded)![0]!.remaining_mL).toBe(750);
});

test('the oldest answers make room', async () => {
  for (let index = 0; index < 402; index += 1) await keepSeen(INES, `/n/${index}`, { index });
  expect(await seenBefore(INES, '/n/0')).toBeUndefined();
  expect((await seenBefore(INES, '/n/401'))?.data).toEqual({ index: 401 });
  await keepSeen(WILF, '/n/401', 'theirs');
  expect((await seenBefore(INES, '/n/401'))?.data).toEqual({ index: 401 });
});
