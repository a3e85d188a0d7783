import { act, screen } from '@testing-library/react';
import { user } from './user';
import { stepFromLine } from '@wellhydra/core/drink';
import { DEFAULT_SETTINGS } from '@wellhydra/core/kitchen';
import { MakeScreen } from '../src/features/make/make-screen';
import { TimerBar } from '../src/features/make/timers/timer-bar';
import { brewStarted, progressArrived, selectBrews } from '../src/domain/brews/brews';
import { happeningNow } from '../src/features/make/use-brew';
import { UNSEEN_ms } from '../src/features/make/use-seen';
import { TodayScreen } from '../src/features/today/today-screen';
import { fakeKitchen, renderScreen } from './fake-kitchen';

jest.mock('expo-router', () => ({
  router: { push: jest.fn(), replace: jest.fn() },
  usePathname: () => '/drinks',
  Link: ({ children }: { children: React.ReactNode }) => children,
}));

const BREW = '00000000-0000-4000-8000-000000000009';
const LINES = [
  '100 g dried elderberries',
  '1 L water',
  'simmer 40 min, lid ajar',
  'strain through cloth',
  '400 g honey',
];
const start = {
  drinkId: '00000000-0000-4000-8000-000000000002',
  drinkRevision: 1,
  recipe: {
    document: {
      name: 'Harbour tonic',
      kind: 'tonic',
      serving: '15 mL',
      target: null,
      steps: LINES.map((line, index) => ({ id: `s${index + 1}`, ...stepFromLine(line) })),
    },
    preparations: [],
    settings: DEFAULT_SETTINGS,
  },
  cook: 'Ines',
  startedAt: new Date().toISOString(),
};

/** A brew on the screen of a device that has no server. */
function making() {
  fakeKitchen({});
  const store = renderScreen(<MakeScreen id={BREW} />);
  act(() => void store.dispatch(brewStarted({ id: BREW, start })));
  return store;
}
const title = () => screen.getByRole('heading', { level: 1 }).textContent;
const press = (name: string | RegExp) => user.click(screen.getByRole('button', { name }));

test('one step after the other, without a server', async () => {
  const store = making();
  expect(title()).toBe('100 g dried elderberries');
  await press('Done, next step');
  expect(title()).toBe('1 L water');
  await press('Back');
  await press('Do it again');
  expect(title()).toBe('100 g dried elderberries');
  expect(selectBrews(store.getState()).outbox.map(({ kind }) => kind)).toEqual(['start', 'event', 'event']);
});

test('a press that comes as another phone does the step is not taken for the next one', async () => {
  const store = making();
  // The clock is held: on a busy machine a press may take as long as it takes to see the page.
  let now_ms = performance.now();
  const clock = jest.spyOn(performance, 'now').mockImplementation(() => now_ms);
  const event = { ...happeningNow({ kind: 'step-done', step: 's1' }), number: 1, by: 'Tam' };
  act(() => void store.dispatch(progressArrived({ id: BREW, batch: 'HT-01', stage: 'making', events: [event] })));
  expect(title()).toBe('1 L water');
  await press('Done, next step');
  expect(title()).toBe('1 L water');
  now_ms += UNSEEN_ms;
  await press('Done, next step');
  expect(title()).toBe('Simmer 40 min');
  clock.mockRestore();
});

test('a reading that falls short becomes less honey with one press', async () => {
  making();
  await press(/^Step 4, Strain/);
  await user.type(screen.getByLabelText('Volume, mL'), '500{Enter}');
  expect(screen.getByText(/mL short\. To hold the same strength honey becomes/)).toBeTruthy();
  await press(/^Use \d+ g$/);
  await press(/^Step 5,/);
  expect(title()).toMatch(/^\d{3} g honey$/);
  expect(screen.getByText(/written: 400 g honey/i)).toBeTruthy();
});

test('what is to be measured is asked for in words and drawn: with its pieces, without them, or the addition alone', async () => {
  making();
  const asked = () => screen.getAllByRole('heading', { level: 2 })[0]!.textContent;
  expect(asked()).toBe('How much elderberries, dried went in?');
  expect(screen.getByTestId('drawing-mass_g-added')).toBeTruthy();
  await press(/^Step 3, Simmer/);
  expect(asked()).toBe('How much liquid is there, without the pieces?');
  expect(screen.getByTestId('drawing-volume_mL-in')).toBeTruthy();
  await press(/^Step 4, Strain/);
  expect(screen.getByTestId('drawing-volume_mL-out')).toBeTruthy();
  await user.click(screen.getByRole('radio', { name: 'Weight' }));
  expect(asked()).toBe('What does it weigh, without the pot?');
  expect(screen.getByTestId('drawing-mass_g-out')).toBeTruthy();
});

test('an elderberry simmer that is left at once asks, and what is said of it stays', async () => {
  const store = making();
  await press(/^Step 3, Simmer/);
  await press('Done');
  expect(screen.getByText(/^It had 1 min of 40 min/)).toBeTruthy();
  await press('Not yet, it goes on');
  expect(screen.queryByText(/^It had 1 min/)).toBeNull();
  await press('Done');
  await press('Only 1 min');
  expect(selectBrews(store.getState()).outbox.map(({ body }) => (body as { kind?: string }).kind)).toEqual([
    undefined,
    'reading',
    'step-done',
  ]);
  expect(screen.getByText('Elderberries are not cooked enough')).toBeTruthy();
});

test('at an addition spoons count, and what cannot be is asked back', async () => {
  const store = making();
  const events = () => selectBrews(store.getState()).outbox.length;
  await press(/^Step 5, /);
  expect(screen.getByText('How much honey went in?')).toBeTruthy();
  await user.type(screen.getByLabelText('Weight, g'), '45 kg{Enter}');
  expect(screen.getByText(/^45 kg\? Expected/)).toBeTruthy();
  expect(events()).toBe(1);
  await press('Read it again');
  await user.clear(screen.getByLabelText('Weight, g'));
  await user.type(screen.getByLabelText('Weight, g'), '20 tbsp{Enter}');
  expect(screen.getByRole('list', { name: 'Read here' }).textContent).toBe('Weight 420 g');
});

test('what is no number is kept in the box, with the reason under it', async () => {
  making();
  await press(/^Step 4, Strain/);
  const box = screen.getByLabelText('Volume, mL') as HTMLInputElement;
  await user.type(box, 'some{Enter}');
  expect(box.value).toBe('some');
  expect(screen.getByRole('alert').textContent).toBe('A number from 1 to 50000 mL.');
});

test('a timer starts, stops, and shows on every other page', async () => {
  making();
  await press(/^Step 3, Simmer/);
  await press('Start timer');
  expect(screen.getByRole('timer').textContent).toMatch(/^(?:40:00|39:59)$/);
  await press('Stop timer');
  expect(screen.queryByRole('timer')).toBeNull();
});

test('the bar of timers counts those of all brews', async () => {
  fakeKitchen({});
  const store = renderScreen(<TimerBar />);
  act(() => void store.dispatch(brewStarted({ id: BREW, start })));
  expect(screen.queryByRole('navigation', { name: 'Timers' })).toBeNull();
});

test('all steps done, the bottles are filled with what was read', async () => {
  const store = making();
  for (const _line of LINES) {
    await press('Done, next step');
    if (screen.queryByText(/^It had 1 min/)) await press('As written, 40 min');
  }
  expect(title()).toBe('Taste it');
  await press('Done, next step');
  expect(title()).toBe('Fill the bottles');
  await press('Put on the shelf');
  expect(selectBrews(store.getState()).outbox.at(-1)?.kind).toBe('finish');
  expect(screen.getByText('It is bottled')).toBeTruthy();
});

test('given up, it says what became of it', async () => {
  making();
  await press('More');
  await press('Give it up');
  await user.type(screen.getByLabelText('What becomes of what is in the pot?'), 'Poured away');
  await press('Give this brew up');
  expect(screen.getByText('Poured away')).toBeTruthy();
});

test('Today without anything under way says how to begin', async () => {
  fakeKitchen({ 'GET /brews/under-way': { brews: [] }, 'GET /bottles': { bottles: [] } });
  renderScreen(<TodayScreen />);
  expect(await screen.findByText(/Pick a drink and press “Make it”/)).toBeTruthy();
});

test('Today shows what this device knows while the server is away', async () => {
  fakeKitchen({});
  const store = renderScreen(<TodayScreen />);
  act(() => void store.dispatch(brewStarted({ id: BREW, start })));
  expect(await screen.findByText('1 under way · 1 now')).toBeTruthy();
  expect(screen.getByRole('button', { name: 'Go on with Harbour tonic' })).toBeTruthy();
});
