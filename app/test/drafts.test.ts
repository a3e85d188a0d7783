import { openDB } from 'idb';
import type { DrinkRecord } from '@wellhydra/contract';
import type { DrinkDocument } from '@wellhydra/core/drink';
import {
  composerTyped,
  conflictSettled,
  draftsReducer,
  drinkArrived,
  drinkCollided,
  drinkEdited,
  drinkForgotten,
  drinkSaved,
  drinkStarted,
  draftsToKeep,
  saveFailed,
  type Drafts,
} from '../src/domain/drinks/drafts';
import { takeLeft, writeLeft } from '../src/state/sync/leaving';
import { createStore } from '../src/domain/store';
import { ownerLeft } from '../src/state/sync/owner';
import { RETRY_AFTER_ms, SAVE_AFTER_ms } from '../src/state/sync/send-documents';
import { rowsOf } from '../src/state/sync/vault';
import { keepAction, runAction } from '../src/state/undo-actions';
import { INES, WILF, comesIn, emptyDevice, goes, tabOf, written } from './device';
import { fakeKitchen } from './fake-kitchen';

const document = (text: string, name = 'T'): DrinkDocument => ({
  name,
  kind: 'tonic',
  serving: '250 mL',
  target: null,
  steps: [{ id: 'a', verb: 'add', text }],
});
const record = (revision: number, text: string, name?: string): DrinkRecord => ({
  id: 'd',
  revision,
  document: document(text, name),
  savedAt: '',
  savedBy: 'Wilf',
});
const reduce = (...actions: Parameters<typeof draftsReducer>[1][]): Drafts =>
  actions.reduce<Drafts>((state, action) => draftsReducer(state, action), {});

describe('drafts', () => {
  test('what arrives is taken over while nothing is unsent', () => {
    const drafts = reduce(drinkArrived(record(1, '1 g salt')), drinkArrived(record(2, '2 g salt')));
    expect(drafts.d).toMatchObject({ revision: 2, unsent: false, mine: document('2 g salt') });
  });
  test('an older answer changes nothing', () => {
    expect(reduce(drinkArrived(record(2, '2 g salt')), drinkArrived(record(1, '1 g salt'))).d!.revision).toBe(2);
  });
  test('what arrives over unsent words is merged, and a clash is reported', () => {
    const drafts = reduce(
      drinkArrived(record(1, '1 g salt')),
      drinkEdited({ id: 'd', document: document('5 g salt') }),
      drinkArrived(record(2, '2 g salt', 'U')),
    );
    expect(drafts.d!.mine).toEqual({ ...document('5 g salt'), name: 'U' });
    expect(drafts.d).toMatchObject({ unsent: true, otherName: 'Wilf', conflicts: [{ at: 'a', theirs: '2 g salt' }] });
    expect(draftsReducer(drafts, conflictSettled({ id: 'd', at: 'a' })).d!.conflicts).toEqual([]);
  });
  test('saved while typing went on: still unsent', () => {
    const drafts = reduce(
      drinkStarted({ id: 'd', document: document('1 g salt') }),
      drinkEdited({ id: 'd', document: document('12 g salt') }),
      drinkSaved(record(1, '1 g salt')),
    );
    expect(drafts.d).toMatchObject({ revision: 1, unsent: true });
    expect(draftsReducer(drafts, drinkSaved(record(2, '12 g salt'))).d).toMatchObject({
      revision: 2,
      unsent: false,
      stuck: null,
    });
  });
  test('a refusal is remembered, a drink forgotten, all cleared', () => {
    const drafts = reduce(
      drinkStarted({ id: 'd', document: document('1 g salt') }),
      saveFailed({ id: 'd', stuck: 'refused' }),
    );
    expect(drafts.d!.stuck).toBe('refused');
    expect(draftsReducer(drafts, drinkForgotten('d'))).toEqual({});
    expect(draftsReducer(drafts, ownerLeft())).toEqual({});
  });
  test('actions on drinks that are not here do nothing', () => {
    expect(
      reduce(
        drinkEdited({ id: 'x', document: document('1') }),
        composerTyped({ id: 'x', text: 'y' }),
        drinkSaved({ ...record(1, ''), id: 'x' }),
        drinkCollided({ ...record(1, ''), id: 'x' }),
        saveFailed({ id: 'x', stuck: 'no-connection' }),
        conflictSettled({ id: 'x', at: 'a' }),
      ),
    ).toEqual({});
  });
  test('only what is not stored elsewhere is kept on the device', () => {
    const typed = reduce(drinkArrived(record(1, '1 g salt')), composerTyped({ id: 'd', text: '20 g su' }));
    expect(draftsToKeep(typed)).toMatchObject([{ id: 'd', composer: '20 g su' }]);
    expect(draftsToKeep(reduce(drinkArrived(record(1, '1 g salt'))))).toEqual([]);
  });
});

/** A server with one drink, which counts revisions as the real one does. */
function fakeServer() {
  const server: { record: DrinkRecord | null; mood: 'well' | 'away' | 'refuses' | 'loses' | number; writes: number } = {
    record: null,
    mood: 'well',
    writes: 0,
  };
  const sent = fakeKitchen({
    'GET /drinks/d': () => (server.mood === 'well' ? server.record : undefined),
    'PUT /drinks/d': () => {
      if (server.mood === 'refuses') return { status: 404, code: 'not-found', message: 'There is no such drink' };
      if (server.mood !== 'well' && server.mood !== 'loses') return server.mood === 'away' ? undefined : server.mood;
      server.writes += 1;
      const { expectedRevision, document: wanted } = sent.at(-1)!.body as {
        expectedRevision: number;
        document: DrinkDocument;
      };
      const revision = server.record?.revision ?? 0;
      if (revision !== expectedRevision)
        return { status: 409, code: 'edited-elsewhere', message: '', details: { revision } };
      server.record = { id: 'd', revision: revision + 1, document: wanted, savedAt: '', savedBy: 'Ines' };
      // Stored, and nobody hears of it.
      return server.mood === 'loses' ? undefined : server.record;
    },
  });
  return server;
}

describe('saving by itself', () => {
  const settle = (ms: number) => written(ms);
  const typed = (store: Awaited<ReturnType<typeof tabOf>>, text: string) =>
    store.dispatch(drinkEdited({ id: 'd', document: document(text) }));
  afterEach(emptyDevice);

  test('a moment after the last key, once', async () => {
    const server = fakeServer();
    const store = createStore();
    store.dispatch(drinkStarted({ id: 'd', document: document('') }));
    for (const text of ['1', '1 ', '1 g']) typed(store, text);
    await settle(SAVE_AFTER_ms + 200);
    expect(server.record).toMatchObject({ revision: 1, document: document('1 g') });
    expect(server.writes).toBe(1);
    expect(store.getState().drafts.d!.unsent).toBe(false);
  });

  test('merged with what somebody else saved meanwhile', async () => {
    const server = fakeServer();
    const store = createStore();
    store.dispatch(drinkArrived(record(1, '1 g salt')));
    server.record = { ...record(2, '1 g salt', 'Named by Wilf') };
    typed(store, '9 g salt');
    await settle(SAVE_AFTER_ms + 200);
    expect(server.record).toMatchObject({
      revision: 3,
      document: { name: 'Named by Wilf', steps: [{ text: '9 g salt' }] },
    });
  });

  test('a save whose answer is lost is nobody else’s: none is told of their own words, and the last are kept', async () => {
    const server = fakeServer();
    const store = createStore();
    server.record = record(1, '1 g salt');
    store.dispatch(drinkArrived(server.record));
    server.mood = 'loses';
    typed(store, '2 g salt');
    await settle(SAVE_AFTER_ms + 200);
    expect([server.record.document, store.getState().drafts.d!.stuck]).toEqual([document('2 g salt'), 'no-connection']);
    server.mood = 'well';
    // As it was in the beginning, and not as it is stored.
    typed(store, '1 g salt');
    await settle(RETRY_AFTER_ms + 200);
    expect(server.record).toMatchObject({ revision: 3, document: document('1 g salt') });
    expect(store.getState().drafts.d).toMatchObject({ unsent: false, stuck: null, conflicts: [], sent: [] });
  });

  test('what was refused is sent again once something of somebody else is in it, without a key', async () => {
    const server = fakeServer();
    const store = createStore();
    store.dispatch(drinkArrived(record(1, '1 g salt')));
    server.mood = 'refuses';
    typed(store, '9 g salt');
    await settle(SAVE_AFTER_ms + 200);
    expect(store.getState().drafts.d).toMatchObject({ unsent: true, stuck: 'refused' });
    server.mood = 'well';
    server.record = record(2, '1 g salt', 'Named by Wilf');
    store.dispatch(drinkArrived(server.record));
    await settle(SAVE_AFTER_ms + 200);
    expect(server.record).toMatchObject({ revision: 3, document: document('9 g salt', 'Named by Wilf') });
    expect(store.getState().drafts.d).toMatchObject({ unsent: false, stuck: null });
  });

  test.each([
    ['away', 'no-connection'],
    [500, 'server-failed'],
  ] as const)('kept while the server is %s, and sent when it is back', async (mood, stuck) => {
    const server = fakeServer();
    const store = await tabOf(INES);
    server.mood = mood;
    store.dispatch(drinkStarted({ id: 'd', document: document('1 g salt') }));
    await settle(SAVE_AFTER_ms + 200);
    expect(store.getState().drafts.d).toMatchObject({ unsent: true, stuck });
    expect((await rowsOf(INES)).drafts).toMatchObject([{ id: 'd', mine: document('1 g salt') }]);
    server.mood = 'well';
    await settle(RETRY_AFTER_ms + 200);
    expect(server.record?.document).toEqual(document('1 g salt'));
    expect(store.getState().drafts.d).toMatchObject({ unsent: false, stuck: null });
    expect((await rowsOf(INES)).drafts).toEqual([]);
  });

  test('a page that is left before the database has it loses nothing, and only its owner finds it', async () => {
    fakeServer().mood = 'away';
    const store = await tabOf(INES);
    store.dispatch(drinkStarted({ id: 'd', document: document('half a wo') }));
    globalThis.dispatchEvent(new Event('pagehide'));
    globalThis.dispatchEvent(new Event('pageshow'));
    // The database never got it.
    await settle(60);
    const db = await openDB('wellhydra', 1);
    await db.clear('rows');
    db.close();
    expect((await rowsOf(WILF)).drafts).toEqual([]);
    expect((await rowsOf(INES)).drafts).toMatchObject([{ id: 'd', mine: document('half a wo') }]);
    // Taken over once, and in the database from now on.
    expect(localStorage.getItem(`wellhydra.leaving:${INES}`)).toBeNull();
    expect((await rowsOf(INES)).drafts).toHaveLength(1);
  });

  test('what was left long ago does not come before anything newer', () => {
    writeLeft(INES, [{ shelf: 'drafts', row: { id: 'd' } }], 0);
    expect(takeLeft(INES, 60_000)).toEqual([]);
    writeLeft(INES, [{ shelf: 'drafts', row: { id: 'd' } }], 0);
    expect(takeLeft(INES, 1000)).toEqual([{ shelf: 'drafts', row: { id: 'd' } }]);
  });

  test('what a reload left behind is sent', async () => {
    const server = fakeServer();
    server.mood = 'away';
    (await tabOf(INES)).dispatch(drinkStarted({ id: 'd', document: document('left behind') }));
    await settle(100);
    server.mood = 'well';
    await tabOf(INES);
    await settle(200);
    expect(server.record?.document).toEqual(document('left behind'));
  });

  test('a draft appears in no other person’s kitchen, and is not sent to it', async () => {
    const server = fakeServer();
    server.mood = 'away';
    const store = await tabOf(INES);
    store.dispatch(drinkStarted({ id: 'd', document: document('mine') }));
    await settle(SAVE_AFTER_ms + 200);
    goes(store);
    await comesIn(store, WILF);
    server.mood = 'well';
    await settle(RETRY_AFTER_ms + 200);
    expect([store.getState().drafts, (await tabOf(WILF)).getState().drafts, server.record]).toEqual([{}, {}, null]);
    await comesIn(store, INES);
    await settle(200);
    expect(server.record).toMatchObject({ document: document('mine') });
  });

  test('what two tabs type into one drink without a network is all there after a reload', async () => {
    const server = fakeServer();
    server.mood = 'away';
    const [one, other] = [await tabOf(INES), await tabOf(INES)];
    for (const tab of [one, other]) tab.dispatch(drinkArrived(record(1, '1 g salt')));
    one.dispatch(drinkEdited({ id: 'd', document: document('1 g salt', 'Named here') }));
    await settle(60);
    const { mine } = other.getState().drafts.d!;
    expect(mine.name).toBe('Named here');
    other.dispatch(drinkEdited({ id: 'd', document: { ...mine, steps: [{ ...mine.steps[0]!, text: '5 g salt' }] } }));
    await settle(60);
    expect((await tabOf(INES)).getState().drafts.d!.mine).toEqual(document('5 g salt', 'Named here'));
  });
});

test('an action on a notice runs once', () => {
  let runs = 0;
  const name = keepAction(() => void (runs += 1));
  runAction(name);
  runAction(name);
  expect(runs).toBe(1);
});
