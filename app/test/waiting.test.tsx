import { act, screen, waitFor, within } from '@testing-library/react';
import '../src/domain/bottles/bottle-arrivals';
import { bottleChanged, bottleMoved, pouredFrom } from '../src/domain/bottles/bottle-deeds';
import { bottleAfter, drunkAfter, type BottleDeed } from '../src/domain/bottles/bottle-waiting';
import { brewHappened, brewStarted } from '../src/domain/brews/brews';
import { drinkDeleted, drinkRestored } from '../src/domain/drinks/drink-deeds';
import { drinksApi } from '../src/domain/drinks/drink-endpoints';
import { versionsAfter } from '../src/domain/drinks/drink-waiting';
import { drinkArrived, drinkEdited, drinkStarted } from '../src/domain/drinks/drafts';
import { brewAfter } from '../src/domain/logbook/logbook-waiting';
import { requestAdded } from '../src/domain/plans/plans';
import { lotAfter, lotsAfter } from '../src/domain/stores/lot-waiting';
import { lotChanged, lotSaved } from '../src/domain/stores/lot-deeds';
import { takenWith } from '../src/domain/waiting/take-back';
import { entryWords } from '../src/domain/waiting/waiting-words';
import type { Store } from '../src/domain/store';
import { WaitingSheet } from '../src/features/shell/waiting-sheet';
import { OfflineBar } from '../src/features/shell/offline-bar';
import { entriesSetAside, type Entry } from '../src/state/sync/queue';
import { INES, emptyDevice, tabOf, written } from './device';
import { fakeKitchen, renderScreen } from './fake-kitchen';
import { beginning } from './trial-brew';
import { BREWS, NOW, at, bottle, drunk } from './trial-people';
import { lot } from './trial-stores';
import { STUMBLES } from './stumbles';
import { user } from './user';

jest.mock('expo-router', () => jest.requireActual('./router-mock').mockRouter());

const BOTTLE = bottle({ remaining_mL: 1000, volume_mL: 1000, openedAt: null });
const ID = BOTTLE.id;

describe('a bottle after what waits', () => {
  const after = (kind: BottleDeed['kind'], body: object, of = BOTTLE) =>
    bottleAfter(of, { kind, body: { id: ID, ...body } } as BottleDeed);
  test.each<[BottleDeed['kind'], object, object]>([
    ['pour', { volume_mL: 250, pouredAt: at(9) }, { remaining_mL: 750, openedAt: at(9) }],
    ['pour', { volume_mL: 2500, pouredAt: at(9) }, { remaining_mL: 0 }],
    ['bottle-changed', { kind: 'opened', at: at(9) }, { remaining_mL: 1000, openedAt: at(9) }],
    ['bottle-changed', { kind: 'discarded', at: at(9), reason: 'cloudy' }, { remaining_mL: 0, openedAt: null }],
    ['bottle-changed', { kind: 'corrected', at: at(9), remaining_mL: 300 }, { remaining_mL: 300 }],
    ['bottle-changed', { kind: 'topped-up', at: at(9), from: 'x', volume_mL: 50 }, { remaining_mL: 1050 }],
    ['bottle-changed', { kind: 'split', at: at(9), into: { volume_mL: 400 } }, { remaining_mL: 600 }],
    ['bottle-moved', { place: 'cupboard', at: at(9) }, { place: 'cupboard', spot: null }],
    ['brew-made', {}, { remaining_mL: 1000 }],
    // Kept by an earlier version, which did not say how it was before.
    ['pour-undone', {}, { remaining_mL: 1000 }],
    ['change-undone', {}, { remaining_mL: 1000 }],
  ])('%s %j', (kind, body, is) => expect(after(kind, body)).toMatchObject(is));
  test('what is taken back is as it was', () => {
    const poured = after('pour', { volume_mL: 250, pouredAt: at(9) });
    expect(after('pour-undone', { was: { volume_mL: 250, openedAt: null } }, poured)).toEqual(BOTTLE);
    const corrected = after('bottle-changed', { kind: 'corrected', at: at(9), remaining_mL: 300 });
    expect(after('change-undone', { was: { remaining_mL: 1000, openedAt: null } }, corrected)).toEqual(BOTTLE);
  });
  test('topping up takes from the other bottle, and is nothing to a third', () => {
    const deed = (from: string): BottleDeed => ({
      kind: 'bottle-changed',
      body: { id: 'other', changeId: 'c', kind: 'topped-up', at: at(9), from, volume_mL: 100 },
    });
    expect(bottleAfter(BOTTLE, deed(ID)).remaining_mL).toBe(900);
    expect(bottleAfter(BOTTLE, deed('third'))).toBe(BOTTLE);
  });
  test('a glass stands among what they had, once, and not when it is taken back', () => {
    const body = { id: ID, pourId: 'p', personId: 'tam', volume_mL: 100, pouredAt: at(10) };
    const had = { pours: [drunk('tam', at(9))], brews: BREWS };
    const pours = (deeds: readonly BottleDeed[]) =>
      deeds
        .reduce((so, deed) => drunkAfter(so, deed, () => BOTTLE), had as never as Parameters<typeof drunkAfter>[0])
        .pours.map(({ id }) => id);
    const pour: BottleDeed = { kind: 'pour', body };
    expect(pours([pour, pour])).toEqual(['p', `tam ${at(9)}`]);
    expect(pours([pour, { kind: 'pour-undone', body: { id: ID, pourId: 'p' } }])).toEqual([`tam ${at(9)}`]);
    expect(pours([{ kind: 'pour', body: { ...body, personId: undefined } } as never])).toEqual([`tam ${at(9)}`]);
  });
});

test('lots after what waits: one that is new, one that is weighed, used, thrown away and taken back', () => {
  const { remaining_g: _left, ...said } = lot('new', { amount_g: 250 });
  expect(
    lotsAfter([lot('a')], { kind: 'lot-saved', body: said }).map(({ id, remaining_g }) => [id, remaining_g]),
  ).toEqual([
    ['a', 600],
    ['new', 250],
  ]);
  const more = lotAfter(lot('a'), { kind: 'lot-saved', body: { ...said, id: 'a', amount_g: 1200 } });
  expect(more.remaining_g).toBe(800);
  const changed = (by: object) =>
    lotAfter(lot('a'), { kind: 'lot-changed', body: { id: 'a', changeId: 'c', at: at(9), ...by } } as never)
      .remaining_g;
  expect([
    changed({ kind: 'weighed', remaining_g: 5 }),
    changed({ kind: 'used', grams: 700, reason: '' }),
    changed({ kind: 'thrown-away', reason: 'moths' }),
  ]).toEqual([5, 0, 0]);
  const was = { remaining_g: 600 };
  expect(
    lotAfter(lot('a', { remaining_g: 0 }), { kind: 'lot-change-undone', body: { id: 'a', changeId: 'c', was } }),
  ).toEqual(lot('a'));
});

test('a brew of the logbook after what waits', () => {
  const said = { by: 'Tam', score: 4, words: '', at: at(9) };
  const brew = { id: 'b', note: '', tastings: [{ id: 't', ...said, score: 2 }], taste: 2 } as never;
  expect(brewAfter(brew, { kind: 'brew-noted', body: { id: 'b', note: 'Too sharp' } }).note).toBe('Too sharp');
  const both = brewAfter(brew, { kind: 'tasted', body: { id: 'b', tastingId: 'u', ...said } as never });
  expect([both.taste, both.tastings.length]).toEqual([3, 2]);
  expect(brewAfter(both, { kind: 'tasting-forgotten', body: { id: 'b', tastingId: 't' } }).taste).toBe(4);
  expect(brewAfter(brew, { kind: 'brew-noted', body: { id: 'other', note: 'x' } })).toBe(brew);
});

describe('what goes with what is taken back', () => {
  const entry = (id: string, kind: string, lane: string, made: number): Entry => ({
    id,
    kind,
    lane,
    made,
    body: {},
    about: '',
  });
  const ENTRIES = [
    entry('s', 'brew-start', 'brew:1', 1),
    entry('e1', 'brew-event', 'brew:1', 2),
    entry('e2', 'brew-event', 'brew:1', 3),
    entry('other', 'brew-event', 'brew:2', 4),
    entry('p1', 'pour', 'bottle:1', 5),
    entry('p2', 'pour', 'bottle:1', 6),
    entry('p1:undone', 'pour-undone', 'bottle:1', 7),
    entry('l', 'lot-saved', 'lot:1', 8),
    entry('lc', 'lot-changed', 'lot:1', 9),
  ];
  test.each([
    ['s', ['s', 'e1', 'e2']],
    ['e1', ['e1', 'e2']],
    ['e2', ['e2']],
    ['p1', ['p1', 'p1:undone']],
    ['p2', ['p2']],
    ['l', ['l', 'lc']],
    ['lc', ['lc']],
    ['gone', []],
  ])('%s', (id, ids) => expect(takenWith(ENTRIES, id).map((each) => each.id)).toEqual(ids));
});

describe('the sheet of what is not sent', () => {
  let store: Store;
  const list = () => screen.findByRole('list', { name: 'What waits' });
  const open = () => renderScreen(<WaitingSheet onClose={() => undefined} />, store);
  beforeEach(async () => {
    await emptyDevice();
    fakeKitchen({});
    store = await tabOf(INES);
  });

  test('says in words what waits, of every kind that there is', async () => {
    const start = beginning(NOW);
    store.dispatch(pouredFrom(BOTTLE, { pourId: 'p', volume_mL: 250, at: NOW }));
    store.dispatch(bottleMoved(BOTTLE, 'cupboard'));
    store.dispatch(bottleChanged(BOTTLE, 'c', { kind: 'discarded', at: at(9), reason: 'cloudy' }));
    store.dispatch(lotSaved('l', lot('l')));
    store.dispatch(lotChanged(lot('l'), 'lc', { kind: 'weighed', at: at(9), remaining_g: 3 }));
    store.dispatch(brewStarted({ id: 'b', start }) as never);
    store.dispatch(brewHappened({ brew: 'b', event: { kind: 'step-done', id: 'e', step: 's', at: at(9) } }) as never);
    const words = store.getState().queue.entries.map((entry) => entryWords(entry));
    expect(words).toEqual([
      '250 mL poured',
      'Put into the cupboard',
      'Thrown away',
      'In the house, 1 kg',
      'Weighed',
      'Begun',
      'A step done',
    ]);
    for (const text of words) for (const [, stumble] of STUMBLES) expect(text).not.toMatch(stumble);
    const [pour] = store.getState().queue.entries;
    expect(entryWords(pour!, [bottle({ kind: 'dry-mix' })])).toBe('250 g poured');
    expect(entryWords({ ...pour!, kind: 'of-a-later-version' })).toBe('Something');
    open();
    expect(within(await list()).getAllByRole('listitem')).toHaveLength(7);
    // The lot that was put away with its weighing, and the brew that was begun with its step.
    expect(screen.getAllByText('1 later thing goes with it')).toHaveLength(2);
  });

  test('each is taken back by itself, and put back where it was', async () => {
    store.dispatch(pouredFrom(BOTTLE, { pourId: 'one', volume_mL: 250, at: NOW }));
    store.dispatch(pouredFrom(BOTTLE, { pourId: 'two', volume_mL: 100, at: NOW }));
    open();
    await user.click(await screen.findByRole('button', { name: /Undo Sea-room glass: 250 mL poured/ }));
    expect(store.getState().queue.entries.map(({ id }) => id)).toEqual(['two']);
    await user.click(screen.getByRole('button', { name: 'Send it after all' }));
    expect(store.getState().queue.entries.map(({ id }) => id)).toEqual(['one', 'two']);
  });

  test('a brew that was begun here goes with all that was done to it, and comes back with it', async () => {
    store.dispatch(brewStarted({ id: 'b', start: beginning(NOW) }) as never);
    store.dispatch(brewHappened({ brew: 'b', event: { kind: 'step-done', id: 'e', step: 's', at: at(9) } }) as never);
    open();
    await user.click(await screen.findByRole('button', { name: /: Begun$/ }));
    expect([store.getState().queue.entries, Object.keys(store.getState().brews.byId)]).toEqual([[], []]);
    expect(await screen.findByText('All that you typed and did is with the server.')).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'Send it after all' }));
    expect(Object.keys(store.getState().brews.byId)).toEqual(['b']);
    expect(store.getState().queue.entries).toHaveLength(2);
  });

  test('what is typed goes back to what is stored; a drink that is new is deleted; both come back', async () => {
    const document = { name: 'Fog', kind: 'tonic', serving: '250 mL', target: null, steps: [] } as never;
    store.dispatch(drinkArrived({ id: 'd', revision: 3, document, savedAt: at(8), savedBy: 'Ines' }));
    store.dispatch(drinkEdited({ id: 'd', document: { ...(document as object), name: 'Fog two' } as never }));
    store.dispatch(drinkStarted({ id: 'n', document: { ...(document as object), name: 'Gale' } as never }));
    store.dispatch(requestAdded({ id: 'r', drinkId: 'd', readyBy: at(20) }));
    open();
    await user.click(await screen.findByRole('button', { name: 'Undo what you typed of Fog two' }));
    expect(store.getState().drafts.d).toMatchObject({ mine: { name: 'Fog' }, unsent: false });
    await user.click(screen.getByRole('button', { name: 'As it was typed' }));
    expect(store.getState().drafts.d).toMatchObject({ mine: { name: 'Fog two' }, unsent: true });
    await user.click(screen.getByRole('button', { name: 'Undo what you typed of Gale' }));
    expect(store.getState().drafts.n).toBeUndefined();
    await user.click(screen.getByRole('button', { name: 'Undo what you typed of The plan' }));
    expect(store.getState().plans.mine.requests).toEqual([]);
    await user.click(screen.getAllByRole('button', { name: 'As it was typed' }).at(-1)!);
    expect(store.getState().plans.mine.requests).toHaveLength(1);
  });

  test('what was refused is sent again or dropped', async () => {
    store.dispatch(pouredFrom(BOTTLE, { pourId: 'p', volume_mL: 250, at: NOW }));
    store.dispatch(entriesSetAside({ ids: ['p'], message: 'There are 100 mL left.' }));
    open();
    expect(await screen.findByText('There are 100 mL left.')).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'Send Sea-room glass again' }));
    expect([store.getState().queue.aside.length, store.getState().queue.entries.length]).toEqual([0, 1]);
    act(() => void store.dispatch(entriesSetAside({ ids: ['p'], message: 'There are 100 mL left.' })));
    await user.click(await screen.findByRole('button', { name: 'Drop Sea-room glass' }));
    expect([store.getState().queue.aside.length, store.getState().queue.entries.length]).toEqual([0, 0]);
  });

  test('what had been sent already when it was taken back is told', async () => {
    let answer: (() => void) | undefined;
    const arrived = new Promise<void>((resolve) => (answer = resolve));
    fakeKitchen({ [`PUT /bottles/${ID}/pours/p`]: BOTTLE });
    const { fetch } = globalThis;
    globalThis.fetch = async (...asked) => {
      await arrived;
      return fetch(...asked);
    };
    store.dispatch(pouredFrom(BOTTLE, { pourId: 'p', volume_mL: 250, at: NOW }));
    open();
    await user.click(await screen.findByRole('button', { name: /Undo Sea-room glass: 250 mL poured/ }));
    answer!();
    expect(await screen.findByText('Sea-room glass: That had been sent already.')).toBeTruthy();
  });

  test('the bar says how much waits, and stays silent where nothing does', async () => {
    renderScreen(<OfflineBar />, store);
    expect(screen.queryByRole('status')).toBeNull();
    act(() => void store.dispatch(pouredFrom(BOTTLE, { pourId: 'p', volume_mL: 250, at: NOW })));
    expect(await screen.findByText(/No connection\. 1 thing you did is kept on this device/)).toBeTruthy();
    act(() => void store.dispatch(requestAdded({ id: 'r', drinkId: 'd', readyBy: at(20) })));
    await waitFor(() => expect(screen.getByText(/1 edit of the kitchen and 1 thing you did are kept/)).toBeTruthy());
    await written();
  });
});

describe('drinks that wait', () => {
  const record = (id: string) =>
    ({ id, revision: 1, document: { name: id, kind: 'tonic', steps: [] }, savedAt: at(8), savedBy: 'Ines' }) as never;
  const LIST = { 'GET /drinks': { drinks: [record('d'), record('e')], next: null } };
  const ids = (store: Store) =>
    drinksApi.endpoints.listDrinks
      .select()(store.getState())
      .data?.drinks.map(({ id }) => id);
  const look = (store: Store) =>
    store.dispatch(drinksApi.endpoints.listDrinks.initiate(undefined, { forceRefetch: true }));

  test('one that is deleted stays away while that waits, and is back when it is brought back', async () => {
    await emptyDevice();
    fakeKitchen(LIST);
    const store = await tabOf(INES);
    await look(store);
    store.dispatch(drinkDeleted({ id: 'd', name: 'Fog' }));
    expect(ids(store)).toEqual(['e']);
    await waitFor(() => expect(store.getState().queue.trouble).toBe('no-connection'));
    await look(store);
    expect(ids(store)).toEqual(['e']);
    expect(store.getState().queue.entries.map((entry) => entryWords(entry))).toEqual(['Deleted']);
    store.dispatch(drinkRestored({ id: 'd', name: 'Fog' }));
    expect(store.getState().queue.entries).toEqual([]);
    await waitFor(() => expect(ids(store)).toEqual(['d', 'e']));
  });

  test('a version has its name at once, and only that one', () => {
    const versions = [
      { revision: 2, label: null },
      { revision: 1, label: 'Old' },
    ] as never;
    const named = (drinkId: string) =>
      versionsAfter(versions, drinkId, { kind: 'version-named', body: { id: 'd', revision: 2, label: 'Good' } }).map(
        ({ label }) => label,
      );
    expect([named('d'), named('other')]).toEqual([
      ['Good', 'Old'],
      [null, 'Old'],
    ]);
  });
});
