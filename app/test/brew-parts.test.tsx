import { act, screen, within } from '@testing-library/react';
import { user } from './user';
import type { BrewEvent, BrewHappening } from '@wellhydra/core/brew';
import type { SensorValue } from '@wellhydra/contract';
import { brewsApi } from '../src/domain/brews/brew-endpoints';
import { brewHappened, brewOpened, brewStarted, selectBrews } from '../src/domain/brews/brews';
import { entriesSent, entriesSetAside } from '../src/state/sync/queue';
import { MakeScreen } from '../src/features/make/make-screen';
import { SensorLine } from '../src/features/make/readings/sensor-line';
import { TodayScreen } from '../src/features/today/today-screen';
import { fakeKitchen, renderScreen } from './fake-kitchen';
import { START, TONIC, after, beginning, stored } from './trial-brew';

const mockGo = { push: jest.fn(), replace: jest.fn() };
jest.mock('expo-router', () => ({
  router: {
    push: (...args: unknown[]) => mockGo.push(...args),
    replace: (...args: unknown[]) => mockGo.replace(...args),
  },
  Link: ({ children }: { children: React.ReactNode }) => children,
}));

const start = beginning(START);
const press = (name: string | RegExp) => user.click(screen.getByRole('button', { name }));
const title = () => screen.getByRole('heading', { level: 1 }).textContent;
let count = 0;

type Store = ReturnType<typeof renderScreen>;
const begin = (store: Store, id = 'b') => act(() => void store.dispatch(brewStarted({ id, start })));
/** Something that happens to a brew, here or on another phone. */
function happens(store: Store, happening: BrewHappening, at: Date = new Date(), id = 'b'): void {
  const event: BrewEvent = { ...happening, id: `happens-${(count += 1)}`, at: at.toISOString() };
  act(() => void store.dispatch(brewHappened({ brew: id, event })));
}

/** A brew on the screen, with its first steps done. */
function making(done = 0): Store {
  fakeKitchen({});
  const store = renderScreen(<MakeScreen id="b" />);
  begin(store);
  for (const { id } of TONIC.steps.slice(0, done)) happens(store, { kind: 'step-done', step: id });
  return store;
}

describe('two phones at one step', () => {
  test('the page goes on with the other phone', () => {
    const store = making(1);
    expect(title()).toBe('1 L water');
    happens(store, { kind: 'step-done', step: 's2' });
    expect(title()).toBe('Simmer 40 min');
  });

  test('but not under the hands of who is typing, and what is typed is kept', async () => {
    const store = making(4);
    await user.type(screen.getByLabelText('Volume, mL'), '50');
    happens(store, { kind: 'step-done', step: 's5' });
    expect(title()).toBe('Strain through cloth');
    expect(screen.getByText('Done')).toBeTruthy();
    await user.type(screen.getByLabelText('Volume, mL'), '0{Enter}');
    // Noted: now it goes where the brew is.
    expect(title()).toBe('Cool to 40 °C');
    expect(selectBrews(store.getState()).outbox.at(-1)!.body).toMatchObject({
      kind: 'reading',
      step: 's5',
      value: 500,
    });
  });

  test('what cannot be read is not left behind by a press on Done', async () => {
    making(4);
    await user.type(screen.getByLabelText('Volume, mL'), 'some');
    await press('Done, next step');
    expect(title()).toBe('Strain through cloth');
    expect(screen.getByRole<HTMLInputElement>('textbox', { name: 'Volume, mL' }).value).toBe('some');
    expect(screen.getByText('A number from 1 to 50000 mL.')).toBeTruthy();
    await press('Next step');
    expect(title()).toBe('Cool to 40 °C');
  });

  test('nor is an addition that was not added', async () => {
    const store = making(6);
    await user.type(screen.getByLabelText('Add to taste'), '1 tbsp honey');
    await press('Done, next step');
    expect(screen.getByText(/^Typed, and not added yet/)).toBeTruthy();
    await press('Add');
    expect(selectBrews(store.getState()).outbox.at(-1)!.body).toMatchObject({ kind: 'added', text: '1 tbsp honey' });
    expect(title()).toBe('Taste it');
  });
});

describe('additions to taste', () => {
  test('are listed with the strength after each, and taken back', async () => {
    making(6);
    await user.type(screen.getByLabelText('Add to taste'), '1 tbsp honey{Enter}');
    const added = screen.getByRole('list', { name: 'Added to taste' });
    expect(added.textContent).toMatch(/^1 tbsp honey · then \d+(\.\d)? °Brix/);
    await press('Take back 1 tbsp honey');
    expect(screen.queryByRole('list', { name: 'Added to taste' })).toBeNull();
  });

  test('what is no amount of anything is said, and kept in its box', async () => {
    making(6);
    await user.type(screen.getByLabelText('Add to taste'), 'a bit{Enter}');
    expect(screen.getByRole('alert').textContent).not.toBe('');
    expect(screen.getByLabelText<HTMLInputElement>('Add to taste').value).toBe('a bit');
  });
});

describe('more of a brew', () => {
  test('a step is left out, and looked at again', async () => {
    making(2);
    await press('More');
    await press('Leave this step out');
    expect(title()).toBe('Steep 8 h');
    await press('More');
    const steps = within(screen.getByRole('list', { name: 'All steps' })).getAllByRole('listitem');
    expect(steps[1]!.textContent).toContain('done');
    expect(steps[2]!.textContent).toContain('left out');
    await press('Look at step 3');
    expect(title()).toBe('Simmer 40 min');
    expect(screen.getByText('Left out')).toBeTruthy();
    await press('Do it again');
    expect(screen.getByRole('button', { name: 'Done, next step' })).toBeTruthy();
  });

  test('paused, it says so and its timer stands still; resumed, it goes on', async () => {
    making(2);
    await press('Start timer');
    await press('More');
    await press('Pause');
    expect(screen.getByText(/^Paused\. Timers stand still/)).toBeTruthy();
    expect(screen.getByText('paused')).toBeTruthy();
    await press('Resume');
    expect(screen.queryByText(/^Paused\./)).toBeNull();
    expect(screen.getByText(/^until \d\d:\d\d$/)).toBeTruthy();
  });

  test('left running, Today has it', async () => {
    making(2);
    await press('More');
    await press('Leave it running');
    expect(mockGo.push).toHaveBeenCalledWith('/today');
  });
});

describe('a brew that is bottled', () => {
  test('tells how it went, and what was read wrong is put right', async () => {
    const store = making(4);
    await user.type(screen.getByLabelText('Volume, mL'), '500{Enter}');
    happens(store, { kind: 'finished' });
    expect(title()).toBe('It is bottled');
    const was = /there was (\d+) mL/.exec(screen.getByText(/^Its bottles stand on the shelf/).textContent!)![1];
    await press('Look at step 5');
    expect(title()).toBe('Strain through cloth');
    // Nothing is made any more: no timer, no advice, no step to do again.
    expect(screen.queryByRole('button', { name: /Do it again|Start timer|^Use |Done/ })).toBeNull();
    await user.clear(screen.getByLabelText('Volume, mL'));
    await user.type(screen.getByLabelText('Volume, mL'), '560{Enter}');
    expect(screen.getByRole('list', { name: 'Read here' }).textContent).toBe('Volume 560 mL');
    await press('All steps');
    const is = /there was (\d+) mL/.exec(screen.getByText(/^Its bottles stand on the shelf/).textContent!)![1];
    expect(Number(is) - Number(was)).toBe(60);
  });

  test('stays on the screen when the server does not list it as under way any more', async () => {
    const store = making(4);
    happens(store, { kind: 'finished' });
    act(() => void store.dispatch(entriesSent(selectBrews(store.getState()).outbox.map(({ id }) => id))));
    fakeKitchen({ 'GET /brews/under-way': { brews: [] } });
    const listed = () => store.dispatch(brewsApi.endpoints.listRuns.initiate(undefined, { forceRefetch: true }));
    await act(listed);
    expect(Object.keys(store.getState().brews.byId)).toEqual(['b']);
    // Left, it goes with the next answer.
    act(() => void store.dispatch(brewOpened(undefined)));
    await act(listed);
    expect(store.getState().brews.byId).toEqual({});
  });
});

describe('a device beside the box', () => {
  const line = (value: SensorValue) => {
    const taken: number[] = [];
    renderScreen(<SensorLine brew="b" shown={value} onTake={(read) => taken.push(read)} />);
    return taken;
  };
  const at = START.toISOString();

  test('a settled value is taken with one press', async () => {
    const taken = line({ sensor: 'probe', signal: 'settled', value: 61.5, at } as SensorValue);
    expect(screen.getByText('simulated probe · 61.5 °C · settled')).toBeTruthy();
    await press('Take it from the probe');
    expect(taken).toEqual([61.5]);
  });

  test.each([
    ['moving', 61.5, 'simulated probe · 61.5 °C · still moving', 'It does not stand still yet'],
    ['nonsense', 999, 'simulated probe · 999 °C · cannot be: not taken', 'Such a value cannot be'],
    ['none', null, 'simulated probe · no signal', 'There is no signal'],
  ] as const)('a value that is %s is not, and it is said why', async (signal, value, words, why) => {
    const taken = line({ sensor: 'probe', signal, value, at } as SensorValue);
    expect(screen.getByText(words)).toBeTruthy();
    expect(screen.getByRole('button', { name: 'Take it from the probe' }).getAttribute('aria-disabled')).toBe('true');
    await press('Take it from the probe');
    expect(taken).toEqual([]);
    expect(screen.getByRole('status').textContent).toBe(why);
  });

  test('only a scale is tared', async () => {
    const sent = fakeKitchen({ 'POST /devices/scale/tare': 204 });
    line({ sensor: 'scale', signal: 'settled', value: 512, at } as SensorValue);
    await press('Tare');
    expect(sent).toContainEqual({ key: 'POST /devices/scale/tare', body: { brew: 'b' } });
  });
});

describe('Today', () => {
  function today(): Store {
    fakeKitchen({});
    return renderScreen(<TodayScreen />);
  }
  beforeAll(() => {
    jest.useFakeTimers({ now: after(60 + 11 * 1440), advanceTimers: true, doNotFake: ['queueMicrotask', 'nextTick'] });
  });
  afterAll(() => void jest.useRealTimers());

  test('a long steep is counted in days, and one that is over its time is late', () => {
    const store = today();
    const long = { ...start, recipe: { ...stored, document: { ...TONIC, name: 'Month steep' } } };
    const steps = TONIC.steps.map((step) => (step.id === 's4' ? { ...step, text: '28 days', for: '28 days' } : step));
    act(() => {
      const recipe = { ...stored, document: { ...long.recipe.document, steps } };
      store.dispatch(brewStarted({ id: 'long', start: { ...start, recipe } }));
    });
    begin(store, 'late');
    for (const id of ['long', 'late'])
      for (const step of ['s1', 's2', 's3']) happens(store, { kind: 'step-done', step }, after(50), id);
    const [late, long_] = within(screen.getByRole('list', { name: 'Under way' })).getAllByRole('listitem');
    expect(late!.textContent).toMatch(/^Harbour tonic.*over its time$/);
    expect(long_!.textContent).toMatch(/^Month steepSteep 28 days: day 12 of 28/);
    expect(screen.getByRole('img', { name: /^Today, hour by hour\. / })).toBeTruthy();
  });

  test('what is paused is not due', () => {
    const store = today();
    begin(store);
    happens(store, { kind: 'step-done', step: 's1' }, after(5));
    happens(store, { kind: 'paused' }, after(6));
    expect(screen.getByText('1 under way')).toBeTruthy();
    expect(screen.getByText('paused at: 1 L water')).toBeTruthy();
    expect(screen.queryByRole('button', { name: /^Go on with/ })).toBeNull();
  });

  test('what the server refused is told until it was read', async () => {
    const store = today();
    begin(store);
    act(() => void store.dispatch(entriesSetAside({ ids: ['b'], message: 'That drink is gone.' })));
    expect(screen.getByRole('alert').textContent).toContain('Harbour tonic: That drink is gone.');
    await user
      .setup({ advanceTimers: jest.advanceTimersByTime })
      .click(screen.getByRole('button', { name: 'I have read it' }));
    expect(screen.queryByRole('alert')).toBeNull();
  });
});
