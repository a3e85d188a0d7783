import { waitFor } from '@testing-library/react';
import '../src/domain/bottles/bottle-arrivals';
import { batchTakenBack } from '../src/domain/bottles/bottle-deeds';
import { bottlesApi } from '../src/domain/bottles/bottle-endpoints';
import { bottleAfter, drunkAfter, type BottleDeed } from '../src/domain/bottles/bottle-waiting';
import { drinkDeleted, drinkRestored } from '../src/domain/drinks/drink-deeds';
import { drinksApi } from '../src/domain/drinks/drink-endpoints';
import { versionsAfter } from '../src/domain/drinks/drink-waiting';
import { brewAfter } from '../src/domain/logbook/logbook-waiting';
import { lotAfter, lotsAfter } from '../src/domain/stores/lot-waiting';
import { takeBackWaiting, takenWith } from '../src/domain/waiting/take-back';
import { entryWords } from '../src/domain/waiting/waiting-words';
import type { Store } from '../src/domain/store';
import type { Entry } from '../src/state/sync/queue';
import { INES, emptyDevice, tabOf } from './device';
import { fakeKitchen, type Answers } from './fake-kitchen';
import { BREWS, at, bottle, drunk } from './trial-people';
import { lot } from './trial-stores';

/** What is shown over an answer of the server by what waits to be sent. */

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

describe('a batch that is taken back', () => {
  const other = bottle({ id: 'o', brewId: 'another' });
  const SHELF = { bottles: [BOTTLE, other] };
  const shown = (store: Store) =>
    bottlesApi.endpoints.listBottles
      .select()(store.getState())
      .data?.bottles.map(({ id }) => id);
  const look = (store: Store) =>
    store.dispatch(bottlesApi.endpoints.listBottles.initiate(undefined, { forceRefetch: true }));
  const begin = async (answers: Answers) => {
    await emptyDevice();
    const sent = fakeKitchen({ 'GET /bottles': SHELF, ...answers });
    const store = await tabOf(INES);
    await look(store);
    return { sent, store };
  };
  const GONE = `DELETE /brews/${BOTTLE.brewId}`;

  test('is off the shelf while that waits, and on it again when that is taken back', async () => {
    const { store } = await begin({});
    store.dispatch(batchTakenBack(BOTTLE));
    expect(shown(store)).toEqual(['o']);
    await waitFor(() => expect(store.getState().queue.trouble).toBe('no-connection'));
    await look(store);
    expect(shown(store)).toEqual(['o']);
    const [waits] = store.getState().queue.entries;
    expect([waits!.about, entryWords(waits!)]).toEqual([BOTTLE.drinkName, `Batch ${BOTTLE.batch} taken back`]);
    store.dispatch(takeBackWaiting(waits!.id, 'that'));
    await waitFor(() => expect(shown(store)).toEqual([ID, 'o']));
  });

  test.each([
    ['is gone', 204, {}],
    ['was gone already: the answer to it was lost on its way', 404, { code: 'not-found', message: 'Not there' }],
  ])('%s, and waits no more', async (_what, status, body) => {
    const { store, sent } = await begin({ [GONE]: { status, ...body } });
    store.dispatch(batchTakenBack(BOTTLE));
    await waitFor(() => expect(sent.some(({ key }) => key === GONE)).toBe(true));
    await waitFor(() => expect(store.getState().queue).toMatchObject({ entries: [], aside: [] }));
  });

  test('of which something was poured since is set aside with its reason, and on the shelf again', async () => {
    const { store } = await begin({ [GONE]: { status: 409, code: 'brew-in-use', message: 'Something was poured.' } });
    store.dispatch(batchTakenBack(BOTTLE));
    await waitFor(() => expect(store.getState().queue.aside).toHaveLength(1));
    await waitFor(() => expect(shown(store)).toEqual([ID, 'o']));
    expect(store.getState().notices).toMatchObject([{ grave: true }]);
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
