import { act, screen, waitFor, within } from '@testing-library/react';
import { bottleChanged, bottleMoved, pouredFrom } from '../src/domain/bottles/bottle-deeds';
import { brewHappened, brewStarted } from '../src/domain/brews/brews';
import { drinkArrived, drinkEdited, drinkStarted } from '../src/domain/drinks/drafts';
import { requestAdded } from '../src/domain/plans/plans';
import type { Store } from '../src/domain/store';
import { lotChanged, lotSaved } from '../src/domain/stores/lot-deeds';
import { entryWords } from '../src/domain/waiting/waiting-words';
import { OfflineBar } from '../src/features/shell/offline-bar';
import { WaitingSheet } from '../src/features/shell/waiting-sheet';
import { entriesSetAside } from '../src/state/sync/queue';
import { INES, emptyDevice, tabOf, written } from './device';
import { fakeKitchen, renderScreen } from './fake-kitchen';
import { beginning } from './trial-brew';
import { NOW, at, bottle } from './trial-people';
import { lot } from './trial-stores';
import { STUMBLES } from './stumbles';
import { user } from './user';

jest.mock('expo-router', () => jest.requireActual('./router-mock').mockRouter());

/** What waits to be sent, as it is looked at and taken back. */

const BOTTLE = bottle({ remaining_mL: 1000, volume_mL: 1000, openedAt: null });
const ID = BOTTLE.id;

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
    await waitFor(() => expect(store.getState().plans.mine.requests).toEqual([]));
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
