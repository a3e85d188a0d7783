import type { DrinkRecord } from '@wellhydra/contract';
import type { DrinkDocument } from '@wellhydra/core/drink';
import {
  composerTyped,
  conflictSettled,
  draftsCleared,
  draftsReducer,
  drinkArrived,
  drinkCollided,
  drinkEdited,
  drinkForgotten,
  drinkSaved,
  drinkStarted,
  keepDraftsDurable,
  saveFailed,
  type Drafts,
} from '../src/features/drink/draft/drafts';
import { RETRY_AFTER_ms, SAVE_AFTER_ms, sendLeftBehind } from '../src/features/drink/draft/draft-sync';
import { createStore } from '../src/state/store';
import { readDurable } from '../src/state/durable';
import { keepAction, runAction } from '../src/state/undo-actions';

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
    expect(draftsReducer(drafts, draftsCleared())).toEqual({});
  });
  test('actions on drinks that are not here do nothing', () => {
    expect(
      reduce(
        drinkEdited({ id: 'x', document: document('1') }),
        composerTyped({ id: 'x', text: 'y' }),
        drinkSaved({ ...record(1, ''), id: 'x' }),
        drinkCollided({ ...record(1, ''), id: 'x' }),
        saveFailed({ id: 'x', stuck: 'offline' }),
        conflictSettled({ id: 'x', at: 'a' }),
      ),
    ).toEqual({});
  });
  test('only what is not stored elsewhere is kept on the device', () => {
    const typed = reduce(drinkArrived(record(1, '1 g salt')), composerTyped({ id: 'd', text: '20 g su' }));
    keepDraftsDurable({}, typed);
    expect(readDurable<Drafts>('wellhydra.drafts')!.d!.composer).toBe('20 g su');
    keepDraftsDurable(typed, reduce(drinkArrived(record(1, '1 g salt'))));
    expect(localStorage.getItem('wellhydra.drafts')).toBeNull();
  });
});

/** A server with one drink, which counts revisions as the real one does. */
function fakeServer() {
  const stored: { record: DrinkRecord | null; online: boolean; writes: number } = {
    record: null,
    online: true,
    writes: 0,
  };
  const answer = (status: number, body: unknown) =>
    new Response(JSON.stringify(body), { status, headers: { 'content-type': 'application/json' } });
  globalThis.fetch = (async (input: Request) => {
    if (!stored.online) throw new TypeError('no network');
    stored.writes += 1;
    const body = (await input.json()) as { expectedRevision: number; document: DrinkDocument };
    if ((stored.record?.revision ?? 0) !== body.expectedRevision)
      return answer(409, { code: 'edited-elsewhere', message: '', details: stored.record });
    stored.record = {
      id: 'd',
      revision: body.expectedRevision + 1,
      document: body.document,
      savedAt: '',
      savedBy: 'Ines',
    };
    return answer(200, stored.record);
  }) as typeof fetch;
  return stored;
}

class PlainRequest {
  constructor(
    readonly url: string,
    private readonly init: { body?: string; method?: string },
  ) {}
  get method() {
    return this.init.method;
  }
  json = async () => JSON.parse(this.init.body ?? '{}') as unknown;
  clone = () => this;
}
class PlainResponse {
  constructor(
    private readonly body: string,
    private readonly init: { status: number; headers: Record<string, string> },
  ) {}
  get status() {
    return this.init.status;
  }
  get ok() {
    return this.status < 400;
  }
  headers = { get: (name: string) => this.init.headers[name.toLowerCase()] ?? null };
  text = async () => this.body;
  json = async () => JSON.parse(this.body) as unknown;
  clone = () => this;
}

describe('saving by itself', () => {
  beforeAll(() =>
    Object.assign(globalThis, { Request: PlainRequest, Response: PlainResponse, Headers: globalThis.Headers ?? Map }),
  );
  const settle = (ms: number) => jest.advanceTimersByTimeAsync(ms);
  beforeEach(() => jest.useFakeTimers());
  afterEach(() => jest.useRealTimers());

  test('a moment after the last key, once', async () => {
    const server = fakeServer();
    const store = createStore();
    store.dispatch(drinkStarted({ id: 'd', document: document('') }));
    for (const text of ['1', '1 ', '1 g']) store.dispatch(drinkEdited({ id: 'd', document: document(text) }));
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
    store.dispatch(drinkEdited({ id: 'd', document: document('9 g salt') }));
    await settle(SAVE_AFTER_ms + 200);
    expect(server.record).toMatchObject({
      revision: 3,
      document: { name: 'Named by Wilf', steps: [{ text: '9 g salt' }] },
    });
  });

  test('kept while the network is dead, and sent when it is back', async () => {
    const server = fakeServer();
    const store = createStore();
    server.online = false;
    store.dispatch(drinkStarted({ id: 'd', document: document('1 g salt') }));
    await settle(SAVE_AFTER_ms + 200);
    expect(store.getState().drafts.d).toMatchObject({ unsent: true, stuck: 'offline' });
    expect(readDurable<Drafts>('wellhydra.drafts')!.d!.mine).toEqual(document('1 g salt'));
    server.online = true;
    await settle(RETRY_AFTER_ms + 200);
    expect(server.record?.document).toEqual(document('1 g salt'));
    expect(store.getState().drafts.d).toMatchObject({ unsent: false, stuck: null });
  });

  test('what a reload left behind is sent', async () => {
    const server = fakeServer();
    keepDraftsDurable({}, reduce(drinkStarted({ id: 'd', document: document('left behind') })));
    const store = createStore();
    sendLeftBehind(store.getState, store.dispatch as never);
    await settle(200);
    expect(server.record?.document).toEqual(document('left behind'));
  });
});

test('an action on a notice runs once', () => {
  let runs = 0;
  const name = keepAction(() => void (runs += 1));
  runAction(name);
  runAction(name);
  expect(runs).toBe(1);
});
