import { act, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { user } from './user';
import { PlanScreen } from '../src/features/plan/plan-screen';
import { requestAdded } from '../src/domain/plans/plans';
import { localMoment } from '../src/ui/moment-field';
import { fakeKitchen, renderScreen, type Answers } from './fake-kitchen';
import { TONIC, drink } from './trial-brew';

const mockPush = jest.fn();
jest.mock('expo-router', () => ({ router: { push: (...args: unknown[]) => mockPush(...args) } }));

/** Eight in the morning here; only the clock stands, timers run. */
const NOW = new Date(2026, 9, 1, 8);
const hence = (hours: number) => new Date(NOW.getTime() + hours * 3_600_000);
beforeAll(() => {
  jest.useFakeTimers({
    now: NOW,
    doNotFake: [
      'setTimeout',
      'clearTimeout',
      'setInterval',
      'clearInterval',
      'setImmediate',
      'queueMicrotask',
      'nextTick',
      'performance',
    ],
  });
});
afterAll(() => void jest.useRealTimers());

const TEA = drink('Root tea', ['60 g fresh ginger, sliced', '1 L water', 'simmer 20 min', '100 g honey']);
const PUNCH = drink('Punch', ['use 200 mL Harbour tonic', '600 mL water']);
const record = (id: string, document: typeof TEA) => ({ id, revision: 1, savedAt: '', savedBy: 'Ines', document });
const KITCHEN: Answers = {
  'GET /drinks': { drinks: [record('tonic', TONIC), record('tea', TEA), record('punch', PUNCH)] },
  'GET /bottles': { bottles: [] },
  'GET /brews/under-way': { brews: [] },
};
const rows = () => within(screen.getByRole('list', { name: 'Planned drinks' })).getAllByRole('listitem');
const press = (name: string | RegExp) => user.click(screen.getByRole('button', { name }));

/** A plan in which drinks are wanted in so many hours. */
async function planned(wanted: readonly (readonly [id: string, hours: number])[], answers: Answers = {}) {
  const sent = fakeKitchen({ ...KITCHEN, ...answers });
  const store = renderScreen(<PlanScreen />);
  act(() => {
    for (const [id, hours] of wanted)
      store.dispatch(requestAdded({ id: `request-${id}`, drinkId: id, readyBy: hence(hours).toISOString() }));
  });
  await screen.findByRole('list', { name: 'Planned drinks' });
  return { sent, store };
}

test('nothing is wanted: what it is for, and a drink is added for a time', async () => {
  fakeKitchen(KITCHEN);
  const store = renderScreen(<PlanScreen />);
  expect(screen.getByText(/^Say which drinks are wanted, and by when/)).toBeTruthy();
  await press('Add a drink');
  const at = hence(30);
  fireEvent.change(screen.getByLabelText('Ready by'), { target: { value: localMoment(at) } });
  await user.click(await screen.findByRole('button', { name: 'Plan Root tea' }));
  expect(await screen.findByText(/ready just in time/)).toBeTruthy();
  expect(store.getState().plans.mine.requests).toEqual([
    expect.objectContaining({
      drinkId: 'tea',
      readyBy: at.toISOString(),
    }),
  ]);
});

test('a kitchen without drinks says where they come from', async () => {
  fakeKitchen({ ...KITCHEN, 'GET /drinks': { drinks: [] } });
  renderScreen(<PlanScreen />);
  await press('Add a drink');
  expect(screen.getByText('There are no drinks yet: write one on Drinks.')).toBeTruthy();
});

test('what goes in no shelf has is planned first; hands and shopping are listed', async () => {
  await planned([['punch', 50]]);
  expect(rows().map((row) => row.textContent)).toEqual([
    expect.stringContaining('goes into Punch; none stands on the shelf'),
    expect.stringContaining('Punch'),
  ]);
  expect(within(rows()[0]!).queryByRole('button', { name: /^Remove/ })).toBeNull();
  const shopping = within(screen.getByRole('list', { name: 'To have in the house' }));
  expect(shopping.getByText(/100 g dried elderberries for Harbour tonic/)).toBeTruthy();
  expect(shopping.queryByText(/water/)).toBeNull();
  const hands = within(screen.getByRole('list', { name: 'Hands needed' })).getAllByRole('listitem');
  expect(hands[0]!.textContent).toContain('100 g dried elderberries');
  await user.click(within(rows()[0]!).getByRole('button', { name: 'Make it: Harbour tonic' }));
  expect(mockPush).toHaveBeenCalledWith('/make/new?drink=tonic');
});

test('pinned where it is it stays; agreed on, a beginning that was missed is told', async () => {
  const { store } = await planned([['tea', 26]]);
  await press('Pin Root tea');
  const { pinned } = store.getState().plans.mine.requests[0]!;
  expect(new Date(pinned!).getTime()).toBeGreaterThan(hence(24).getTime());
  await press('Let go Root tea');
  expect(store.getState().plans.mine.requests[0]!.pinned).toBeNull();
  await press('Agree on this plan');
  expect(store.getState().plans.mine.requests[0]!.agreed).toBe(pinned);
  expect(screen.getByText(/^Agreed: what is missed is said here/)).toBeTruthy();
  await press('Remove Root tea');
  expect(screen.queryByRole('list', { name: 'Planned drinks' })).toBeNull();
});

test('wanted before it can be made, it says how late it is', async () => {
  await planned([['tonic', 1]]);
  expect(await screen.findByText(/\d+ h(?: \d+ min)? late$/)).toBeTruthy();
  fireEvent.change(screen.getByLabelText('Ready by, Harbour tonic'), {
    target: { value: localMoment(hence(60)) },
  });
  await waitFor(() => expect(screen.queryByText(/late$/)).toBeNull());
});

test('cooks and sleeping hours are chosen here', async () => {
  const { store } = await planned([['tea', 26]]);
  await user.click(screen.getByRole('radio', { name: '2' }));
  fireEvent.change(screen.getByLabelText('To bed'), { target: { value: '21:15' } });
  fireEvent.change(screen.getByLabelText('Up again'), { target: { value: '' } });
  expect(store.getState().plans.mine).toMatchObject({ cooks: 2, bed_min: 21 * 60 + 15, up_min: 6 * 60 });
});

test('a calendar that cannot be made, and a list that cannot be copied, are told', async () => {
  await planned([['tea', 26]]);
  await press('Calendar file');
  expect(await screen.findByText(/The calendar file could not be made/)).toBeTruthy();
  Object.defineProperty(navigator, 'clipboard', { value: undefined, configurable: true });
  await press('Copy the list');
  expect(await screen.findByText(/does not let it be copied/)).toBeTruthy();
  const written: string[] = [];
  const clipboard = { writeText: async (text: string) => void written.push(text) };
  Object.defineProperty(navigator, 'clipboard', { value: clipboard, configurable: true });
  await press('Copy the list');
  expect(written[0]).toMatch(/^60 g ginger.*\n100 g honey$/);
});
