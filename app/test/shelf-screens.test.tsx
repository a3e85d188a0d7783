import { screen, waitFor } from '@testing-library/react';
import { user } from './user';
import { BottleScreen } from '../src/features/bottles/bottle-screen';
import { ShelfScreen } from '../src/features/bottles/shelf/shelf-screen';
import { fakeKitchen, renderScreen } from './fake-kitchen';

jest.mock('expo-router', () => jest.requireActual('./router-mock').mockRouter());

const BOTTLE = {
  id: 'b',
  brewId: 'w',
  batch: 'DB-01',
  drinkId: 'd',
  drinkName: 'Dawn bottle',
  kind: 'sport',
  place: 'fridge',
  volume_mL: 1000,
  remaining_mL: 1000,
  serving_mL: 500,
  madeAt: '2026-01-01T08:00:00Z',
  openedAt: null,
  useBy: '2199-01-03T08:00:00Z',
  useByReason: 'About 2 days in the fridge: it is not sterile.',
  stands: [{ place: 'fridge', since: '2026-01-01T08:00:00Z' }],
  keeping: {
    place: 'fridge',
    days: 2,
    daysOpened: 2,
    daysInCoolRoom: 0.1,
    closed: { fridge: 2, 'cool room': 0.1, cupboard: 0.1, freezer: 240 },
    heldBackBy: ['it is not sterile'],
  },
  cautions: [{ code: 'sodium', severity: 'warn', title: 'Added salt', text: 'Why.', concerns: 'some' }],
  perServing: null,
  spot: null,
  vessel: null,
  label: null,
  facts: null,
};
const NOBODY_NAMED = { 'GET /people': { revision: 0, people: null } };
/** The shelf in the order of use, where each bottle can be poured from. */
async function shelfInOrder() {
  const store = renderScreen(<ShelfScreen />);
  await user.click(await screen.findByRole('radio', { name: 'Use first' }));
  return store;
}

/** A touch on a bottle before it is answered who there is, and what answers it. */
async function touchedTooSoon() {
  let answer: (people: unknown) => void = () => undefined;
  fakeKitchen({
    'GET /bottles': { bottles: [BOTTLE] },
    'GET /people': () => new Promise((resolve) => (answer = resolve)),
  });
  const store = await shelfInOrder();
  await user.click(await screen.findByRole('button', { name: /^Pour 500 mL/ }));
  expect(await screen.findByText('Who drinks here is being looked up.')).toBeTruthy();
  return { store, answer };
}

describe('the shelf', () => {
  test('pours and takes back', async () => {
    const answers: Record<string, unknown> = { ...NOBODY_NAMED, 'GET /bottles': { bottles: [BOTTLE] } };
    const sent = fakeKitchen(
      new Proxy(answers, {
        get: (target, key: string) =>
          target[key] ?? (key.includes('/pours/') ? { ...BOTTLE, remaining_mL: 500 } : undefined),
      }),
    );
    await shelfInOrder();
    await user.click(await screen.findByRole('button', { name: 'Pour 500 mL of Dawn bottle' }));
    expect(await screen.findByText('Poured 500 mL of Dawn bottle')).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'Undo' }));
    await waitFor(() => expect(sent.map(({ key }) => key.split(' ')[0])).toContain('DELETE'));
    const [put, undo] = sent.filter(({ key }) => key.includes('/pours/'));
    expect(undo!.key.replace('DELETE', 'PUT')).toBe(put!.key);
    expect(put!.body).toMatchObject({ volume_mL: 500 });
  });
  test('a bottle that carries a stop asks first, and says why', async () => {
    const stop = {
      code: 'x',
      severity: 'stop',
      title: 'Far too salty',
      text: 'Pour in 500 mL of water.',
      concerns: 'all',
    };
    const sent = fakeKitchen({ 'GET /bottles': { bottles: [{ ...BOTTLE, cautions: [stop] }] } });
    await shelfInOrder();
    const poured = () => sent.some(({ key }) => key.includes('/pours/'));
    await user.click(await screen.findByRole('button', { name: /^Pour 500 mL/ }));
    expect(await screen.findByText('Pour in 500 mL of water.')).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'Leave it' }));
    expect([poured(), screen.queryByText('Pour in 500 mL of water.')]).toEqual([false, null]);
    await user.click(screen.getByRole('button', { name: /^Pour 500 mL/ }));
    await user.click(await screen.findByRole('button', { name: 'Pour it all the same' }));
    await waitFor(() => expect(poured()).toBe(true));
  });
  test('a pour without a network is seen at once and waits; taken back, it never goes out', async () => {
    const sent = fakeKitchen({ ...NOBODY_NAMED, 'GET /bottles': { bottles: [BOTTLE] } });
    const store = await shelfInOrder();
    await user.click(await screen.findByRole('button', { name: /^Pour 500 mL/ }));
    expect(await screen.findByText('Poured 500 mL of Dawn bottle')).toBeTruthy();
    await waitFor(() => expect(store.getState().queue).toMatchObject({ trouble: 'no-connection', entries: [{}] }));
    await user.click(screen.getByRole('button', { name: 'Undo' }));
    expect(store.getState().queue.entries).toEqual([]);
    expect(sent.some(({ key }) => key.startsWith('DELETE'))).toBe(false);
  });
  test('a pour that is refused is told', async () => {
    const refusal = { status: 409, code: 'bottle-has-less', message: 'There are 100 mL left.' };
    const answers: Record<string, unknown> = { ...NOBODY_NAMED, 'GET /bottles': { bottles: [BOTTLE] } };
    fakeKitchen(
      new Proxy(answers, {
        get: (target, key: string) => target[key] ?? (key.includes('/pours/') ? refusal : undefined),
      }),
    );
    await shelfInOrder();
    await user.click(await screen.findByRole('button', { name: /^Pour 500 mL/ }));
    expect(await screen.findByText('Dawn bottle: There are 100 mL left.')).toBeTruthy();
  });
  test('a touch before it is known who there is waits for it, and is a glass for somebody where there is somebody', async () => {
    const tam = { name: 'Tam', note: '', born: null, group: 'adult', weight_kg: 70, facts: {}, lines: {} };
    const { store, answer } = await touchedTooSoon();
    answer({ revision: 1, people: { people: { tam }, spoonPlans: {}, sweatTests: {}, sheets: {} } });
    expect(await screen.findByRole('button', { name: /^Pour for Tam/ })).toBeTruthy();
    expect(store.getState().queue.entries).toEqual([]);
  });
  test('a touch before it is known that nobody is named pours once that is known', async () => {
    const { store, answer } = await touchedTooSoon();
    answer(NOBODY_NAMED['GET /people']);
    expect(await screen.findByText('Poured 500 mL of Dawn bottle')).toBeTruthy();
    expect(store.getState().queue.entries).toHaveLength(1);
  });
  test('where who there is cannot be known now, it is said, and a glass is still to be had', async () => {
    fakeKitchen({ 'GET /bottles': { bottles: [BOTTLE] } });
    const store = await shelfInOrder();
    await user.click(await screen.findByRole('button', { name: /^Pour 500 mL/ }));
    expect(await screen.findByText(/^Who drinks here cannot be looked up now/)).toBeTruthy();
    expect(store.getState().queue.entries).toEqual([]);
    await user.click(screen.getByRole('button', { name: 'Pour it all the same' }));
    expect(store.getState().queue.entries).toHaveLength(1);
  });
  test('empty: where bottles come from', async () => {
    fakeKitchen({ 'GET /bottles': { bottles: [] } });
    renderScreen(<ShelfScreen />);
    expect(await screen.findByText('The shelf is empty')).toBeTruthy();
  });
});

describe('a bottle', () => {
  test('its use-by, its cautions, its place', async () => {
    const sent = fakeKitchen({ 'GET /bottles/b': BOTTLE, 'PUT /bottles/b/place': { ...BOTTLE, place: 'cupboard' } });
    renderScreen(<BottleScreen id="b" />);
    expect(await screen.findByText(/it is not sterile/)).toBeTruthy();
    expect(screen.getByText('Added salt')).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'Move or freeze' }));
    await user.click(await screen.findByRole('button', { name: 'Cupboard' }));
    await waitFor(() =>
      expect(sent.find(({ key }) => key === 'PUT /bottles/b/place')?.body).toEqual({
        place: 'cupboard',
        at: expect.any(String),
      }),
    );
  });
  test('from another kitchen is none', async () => {
    fakeKitchen({ 'GET /bottles/b': { status: 404, code: 'not-found', message: 'no' } });
    renderScreen(<BottleScreen id="b" />);
    expect(await screen.findByText('No such bottle')).toBeTruthy();
  });
});
