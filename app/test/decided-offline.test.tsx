import { act, screen, waitFor } from '@testing-library/react';
import '../src/domain/kitchen/member-arrivals';
import { bottleMoved } from '../src/domain/bottles/bottle-deeds';
import { labelsPrinted } from '../src/domain/bottles/label-deeds';
import { kitchenApi, useGetKitchenQuery } from '../src/domain/kitchen/kitchen-endpoints';
import { kitchenAfter } from '../src/domain/kitchen/member-waiting';
import { takeBackWaiting } from '../src/domain/waiting/take-back';
import { entryWords } from '../src/domain/waiting/waiting-words';
import type { Store } from '../src/domain/store';
import { LabelSheet } from '../src/features/bottles/labels/label-sheet';
import { SessionsSheet } from '../src/features/kitchen/account/sessions-sheet';
import { MembersPart } from '../src/features/kitchen/members/members-part';
import { INES, emptyDevice, tabOf, written } from './device';
import { fakeKitchen, renderScreen, type Answers } from './fake-kitchen';
import { STUMBLES } from './stumbles';
import { KITCHEN, PIA, memberSession } from './trial-members';
import { bottle } from './trial-people';
import { user } from './user';

jest.mock('expo-router', () => jest.requireActual('./router-mock').mockRouter());

/** What is decided about members, devices and labels while nothing answers: it waits, is seen, and can be taken back. */

const press = async (name: string | RegExp) => user.click(await screen.findByRole('button', { name }));
const refusal = (code: string, message: string, status = 409) => ({ status, code, message });
const waiting = (store: Store) =>
  store.getState().queue.entries.map((entry) => [entry.about, entryWords(entry)] as const);

function Members() {
  const { data } = useGetKitchenQuery();
  return data ? <MembersPart kitchen={data} onLeft={() => undefined} /> : null;
}

let store: Store;
beforeEach(async () => {
  await emptyDevice();
  store = await tabOf(INES);
});

describe('members', () => {
  const show = (answers: Answers) => {
    const sent = fakeKitchen({
      'GET /accounts/session': memberSession('i', 'owner'),
      'GET /kitchen': KITCHEN,
      ...answers,
    });
    renderScreen(<Members />, store);
    return sent;
  };
  const makeOwner = async () => {
    await press('Change Wilf');
    await user.click(screen.getByRole('radio', { name: 'Owner' }));
    await press('Close');
  };

  test('another role is chosen at once, said not to be so yet, and as it was once it is taken back', async () => {
    show({});
    await makeOwner();
    expect(await screen.findByText('owns the kitchen as soon as that is sent · wilf@example.test')).toBeTruthy();
    expect(waiting(store)).toEqual([['Wilf', 'An owner from now on']]);
    // Whatever the server answers meanwhile, it does not know of it yet.
    await act(
      async () =>
        void (await store.dispatch(kitchenApi.endpoints.getKitchen.initiate(undefined, { forceRefetch: true }))),
    );
    expect(screen.getByText(/^owns the kitchen as soon as/)).toBeTruthy();
    act(() => store.dispatch(takeBackWaiting(store.getState().queue.entries[0]!.id, 'An owner')));
    expect(await screen.findByText('makes drinks here · wilf@example.test')).toBeTruthy();
  });

  test('whoever is taken out is in it until that is sent, and so is whatever lets people in', async () => {
    show({});
    await press('Change Tam');
    await press('Take out of the kitchen');
    await press('Yes, take Tam out');
    expect(await screen.findByText('is taken out as soon as that is sent · tam@example.test')).toBeTruthy();
    await press('Replace both');
    expect(await screen.findByText('They let people in until it is sent that they are replaced.')).toBeTruthy();
    expect(screen.getByText('ABCDEFGHJK')).toBeTruthy();
    expect(waiting(store)).toEqual([
      ['Tam', 'Taken out of the kitchen'],
      ['The invitations', 'Replaced'],
    ]);
  });

  test('whoever is out already counts as taken out, and nothing is refused', async () => {
    const sent = show({ 'DELETE /kitchen/members/t': refusal('not-found', 'No such member', 404) });
    await press('Change Tam');
    await press('Take out of the kitchen');
    await press('Yes, take Tam out');
    await waitFor(() => expect(sent.map(({ key }) => key)).toContain('DELETE /kitchen/members/t'));
    await waitFor(() => expect(store.getState().queue).toMatchObject({ entries: [], aside: [] }));
  });

  test('a refusal of before is not told again where another one is looked at', async () => {
    show({ 'PUT /kitchen/members/w/role': refusal('last-owner', 'A kitchen with members needs an owner') });
    await press('Change Wilf');
    await user.click(screen.getByRole('radio', { name: 'Drinker' }));
    expect((await screen.findAllByText(/needs an owner$/)).length).toBeGreaterThan(0);
    await waitFor(() => expect(screen.getByText('makes drinks here · wilf@example.test')).toBeTruthy());
    await press('Close');
    await press('Change Tam');
    expect(screen.queryByText('A kitchen with members needs an owner')).toBeNull();
  });

  test.each([
    [
      { id: 't', role: 'drinker' },
      { role: 'drinker', personId: PIA },
    ],
    [
      { id: 't', role: 'drinker', personId: null },
      { role: 'drinker', personId: null },
    ],
    [
      { id: 't', role: 'maker' },
      { role: 'maker', personId: null },
    ],
    [
      { id: 'w', role: 'drinker', personId: PIA },
      { role: 'drinker', personId: PIA },
    ],
  ] as const)('%j makes them %j, and nobody else', (body, is) => {
    const { members } = kitchenAfter(KITCHEN, { kind: 'role-changed', body });
    expect(members.find(({ id }) => id === body.id)).toMatchObject(is);
    expect(members.filter(({ id }) => id !== body.id)).toEqual(KITCHEN.members.filter(({ id }) => id !== body.id));
  });
});

describe('where one is signed in', () => {
  const at = '2026-11-30T08:00:00.000Z';
  const session = (id: string, device: string, here = false) => ({ id, device, since: at, seenAt: at, here });
  const SESSIONS = { sessions: [session('a', 'X11; Linux', true), session('b', 'iPhone'), session('c', 'iPad')] };

  test('a device is signed out later, once, and all others then', async () => {
    fakeKitchen({ 'GET /accounts/sessions': SESSIONS });
    renderScreen(<SessionsSheet onClose={() => undefined} />, store);
    const [phone] = await screen.findAllByRole('button', { name: 'Sign out' });
    await user.click(phone!);
    await waitFor(() => expect(store.getState().queue.trouble).toBe('no-connection'));
    await user.click(phone!);
    expect(screen.getByText('They are signed out as soon as that is sent')).toBeTruthy();
    expect(waiting(store)).toEqual([['A phone', 'Signed out']]);
    await press('Sign out everywhere else');
    expect(waiting(store).at(-1)).toEqual(['Your other devices', 'Signed out']);
  });

  test('a session that is over by then is no trouble', async () => {
    fakeKitchen({
      'GET /accounts/sessions': SESSIONS,
      'DELETE /accounts/sessions/b': refusal('not-found', 'It is over', 404),
    });
    renderScreen(<SessionsSheet onClose={() => undefined} />, store);
    await user.click((await screen.findAllByRole('button', { name: 'Sign out' }))[0]!);
    await waitFor(() => expect(store.getState().queue).toMatchObject({ entries: [], aside: [] }));
  });
});

describe('labels', () => {
  const BOTTLE = bottle({});
  const show = (answers: Answers) => {
    const sent = fakeKitchen(answers);
    renderScreen(<LabelSheet bottles={[BOTTLE]} onClose={() => undefined} />, store);
    return sent;
  };

  test('without the server there is nothing to look at, and they go to the printer once it answers', async () => {
    show({});
    expect(await screen.findByText(/^The server draws the label, and does not answer/)).toBeTruthy();
    await press('To the label printer');
    expect(await screen.findByText('It is printed as soon as the server answers.')).toBeTruthy();
    expect(waiting(store)).toEqual([['A label', 'To the label printer']]);
    for (const [, words] of waiting(store)) for (const [, stumble] of STUMBLES) expect(words).not.toMatch(stumble);
  });

  test('a printer that is not plugged in is told where they were sent from', async () => {
    show({ 'POST /devices/printer/labels': refusal('device-unplugged', 'The printer is not plugged in') });
    await screen.findByText(/^The server draws the label/);
    await press('To the label printer');
    expect((await screen.findAllByText(/The printer is not plugged in$/)).length).toBeGreaterThan(0);
  });

  test('they wait for what was done before them to anything, and for nothing that was done later', async () => {
    const answers: Answers = {
      'POST /devices/printer/labels': { files: ['a.pdf'], printedAt: '2026-11-30T08:00:00Z' },
    };
    const sent = fakeKitchen(answers);
    store.dispatch(bottleMoved(BOTTLE, 'cupboard'));
    store.dispatch(labelsPrinted({ bottles: [BOTTLE.id], brews: [] }));
    await waitFor(() => expect(store.getState().queue.trouble).toBe('no-connection'));
    await written(80);
    const printed = () => sent.filter(({ key }) => key === 'POST /devices/printer/labels');
    expect(printed()).toEqual([]);
    answers[`PUT /bottles/${BOTTLE.id}/place`] = BOTTLE;
    store.dispatch(bottleMoved({ ...BOTTLE, id: 'another' }, 'fridge'));
    await waitFor(() => expect(printed()).toHaveLength(1));
    const order = sent.map(({ key }) => key).filter((key) => /place|printer/.test(key));
    expect(order.indexOf('POST /devices/printer/labels')).toBeGreaterThan(
      order.indexOf(`PUT /bottles/${BOTTLE.id}/place`),
    );
  });
});
