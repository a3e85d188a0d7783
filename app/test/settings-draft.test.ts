import type { KitchenSettingsRecord } from '@wellhydra/contract';
import { DEFAULT_SETTINGS, type KitchenSettings } from '@wellhydra/core/kitchen';
import { kitchenApi } from '../src/domain/kitchen/kitchen-endpoints';
import { settingsEdited } from '../src/domain/kitchen/settings-draft';
import { settingsState } from '../src/domain/kitchen/use-settings-draft';
import type { Store } from '../src/domain/store';
import { runAction } from '../src/state/undo-actions';
import { INES, WILF, comesIn, emptyDevice, eventually, goes, tabOf, written } from './device';
import { fakeKitchen } from './fake-kitchen';

const { getSettings } = kitchenApi.endpoints;

/** A server with the settings of one kitchen, which counts revisions as the real one does. */
function fakeServer(settings: KitchenSettings = DEFAULT_SETTINGS) {
  const server = { record: { revision: 1, settings } as KitchenSettingsRecord, away: false, loses: false, puts: 0 };
  const sent = fakeKitchen({
    'GET /kitchen/settings': () => (server.away ? undefined : server.record),
    'PUT /kitchen/settings': () => {
      if (server.away) return undefined;
      server.puts += 1;
      const { expectedRevision, settings: wanted } = sent.at(-1)!.body as {
        expectedRevision: number;
        settings: KitchenSettings;
      };
      if (expectedRevision !== server.record.revision)
        return { status: 409, code: 'edited-elsewhere', message: '', details: { revision: server.record.revision } };
      server.record = { revision: expectedRevision + 1, settings: wanted };
      // Stored, and nobody hears of it.
      return server.loses ? undefined : server.record;
    },
  });
  return server;
}

const edit = (store: Store, by: Partial<KitchenSettings>, stored: KitchenSettingsRecord) =>
  store.dispatch(settingsEdited({ by, stored }));
const saved = () => written(900);
afterEach(emptyDevice);

test('two phones that change different things both keep theirs', async () => {
  const server = fakeServer();
  const [one, other] = [await tabOf(INES), await tabOf(WILF)];
  const seen = server.record;
  edit(one, { altitude_m: 640 }, seen);
  await saved();
  edit(other, { room_C: 17 }, seen);
  await saved();
  expect(server.record.settings).toMatchObject({ altitude_m: 640, room_C: 17 });
  expect(other.getState().settingsDraft).toBeNull();
});

test('where both changed the same, the one who came second is told, and theirs is one press away', async () => {
  const server = fakeServer();
  const [one, other] = [await tabOf(INES), await tabOf(WILF)];
  const seen = server.record;
  edit(one, { altitude_m: 640 }, seen);
  await saved();
  edit(other, { altitude_m: 30 }, seen);
  await saved();
  expect(server.record.settings!.altitude_m).toBe(30);
  const [told] = other.getState().notices;
  expect(told!.text).toMatch(/Somebody else changed this meanwhile, too: altitude\. Yours is kept/);
  runAction(told!.action!.run);
  await saved();
  expect(server.record.settings!.altitude_m).toBe(640);
});

test('a save whose answer is lost is nobody else’s: nobody is told of their own change, and the last is kept', async () => {
  const server = fakeServer();
  const store = await tabOf(INES);
  server.loses = true;
  edit(store, { altitude_m: 640 }, server.record);
  await saved();
  expect(server.record.settings!.altitude_m).toBe(640);
  server.loses = false;
  edit(store, { altitude_m: 30 }, server.record);
  await written(4000);
  expect([server.record.settings!.altitude_m, store.getState().settingsDraft]).toEqual([30, null]);
  expect(store.getState().notices).toEqual([]);
});

test('what is changed in one tab stands in another, is sent once, and leaves what others change afterwards', async () => {
  const server = fakeServer();
  const [one, other] = [await tabOf(INES), await tabOf(INES)];
  for (const store of [one, other]) await store.dispatch(getSettings.initiate());
  edit(one, { altitude_m: 640 }, server.record);
  await written(200);
  expect(other.getState().settingsDraft?.mine.altitude_m).toBe(640);
  await saved();
  expect(other.getState().settingsDraft).toBeNull();
  expect(getSettings.select()(other.getState()).data?.settings?.altitude_m).toBe(640);
  expect(server).toMatchObject({ puts: 1, record: { revision: 2 } });
});

test('what two tabs change one after the other is stored of both', async () => {
  const server = fakeServer();
  const [one, other] = [await tabOf(INES), await tabOf(INES)];
  for (const store of [one, other]) await store.dispatch(getSettings.initiate());
  server.away = true;
  edit(one, { altitude_m: 640 }, server.record);
  await written(200);
  edit(other, { room_C: 17 }, server.record);
  await written(200);
  server.away = false;
  edit(other, { room_C: 18 }, server.record);
  await eventually(() => {
    expect(server.record.settings).toMatchObject({ altitude_m: 640, room_C: 18 });
    for (const store of [one, other]) expect(store.getState().settingsDraft).toBeNull();
  });
  expect([one, other].flatMap((store) => store.getState().notices)).toEqual([]);
});

test('unsent settings wait for their own kitchen, and are not written into the next one', async () => {
  const server = fakeServer();
  server.away = true;
  const store = await tabOf(INES);
  edit(store, { altitude_m: 1200 }, server.record);
  await saved();
  expect(settingsState(store.getState().settingsDraft)).toMatch(/^Kept on this device: No connection/);
  goes(store);
  await comesIn(store, WILF);
  server.away = false;
  await saved();
  expect([store.getState().settingsDraft, server.puts]).toEqual([null, 0]);
  goes(store);
  await comesIn(store, INES);
  await saved();
  expect(server.record.settings!.altitude_m).toBe(1200);
});

test.each([
  [500, { code: 'unexpected', message: 'x' }, /The server has trouble/],
  [401, { code: 'not-signed-in', message: 'x' }, /You are signed out here/],
  [400, { code: 'invalid-request', message: 'Pots are there twice' }, /Pots are there twice/],
])('an answered %d says what it is', async (status, body, says) => {
  const record = { revision: 0, settings: null };
  fakeKitchen({ 'GET /kitchen/settings': record, 'PUT /kitchen/settings': { status, ...body } });
  const store = await tabOf(INES);
  edit(store, { room_C: 19 }, record);
  await saved();
  expect(settingsState(store.getState().settingsDraft)).toMatch(says);
});
