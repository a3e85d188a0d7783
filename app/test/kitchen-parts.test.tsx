import { act, screen, waitFor, within } from '@testing-library/react';
import { user } from './user';
import { DEFAULT_SETTINGS, type KitchenSettings } from '@wellhydra/core/kitchen';
import { Devices } from '../src/features/kitchen/devices';
import { Equipment } from '../src/features/kitchen/equipment';
import { Habits } from '../src/features/kitchen/habits';
import '../src/domain/kitchen/habit-arrivals';
import { kitchenApi } from '../src/domain/kitchen/kitchen-endpoints';
import { takeBackWaiting } from '../src/domain/waiting/take-back';
import { entryWords } from '../src/domain/waiting/waiting-words';
import { INES, emptyDevice, tabOf } from './device';
import { fakeKitchen, renderScreen, type Sent } from './fake-kitchen';

const press = (name: string | RegExp) => user.click(screen.getByRole('button', { name }));
const box = (label: string) => screen.getByLabelText<HTMLInputElement>(label);
async function retype(label: string, text: string): Promise<void> {
  await user.clear(box(label));
  await user.type(box(label), text);
}

/** A server that keeps what it is sent, and the settings it was sent last. */
function kitchenOf(settings: KitchenSettings = DEFAULT_SETTINGS) {
  const kept = { settings, revision: 1 };
  const sent: Sent[] = fakeKitchen({
    'GET /kitchen/settings': () => kept,
    'PUT /kitchen/settings': () => {
      Object.assign(kept, { ...(sent.at(-1)!.body as object), revision: kept.revision + 1 });
      return kept;
    },
  });
  return { kept, sent };
}

async function opened(part: string, settings?: KitchenSettings) {
  const kitchen = kitchenOf(settings);
  renderScreen(<Equipment />);
  await user.click(await screen.findByRole('button', { name: `Change ${part}` }));
  return kitchen;
}
const savedAs = (kept: { settings: KitchenSettings }, expected: Partial<KitchenSettings>) =>
  waitFor(() => expect(kept.settings).toMatchObject(expected));

interface Saved {
  readonly settings: KitchenSettings;
}

describe('what is in the kitchen', () => {
  test('units, spoons and scale are chosen, and saved by themselves', async () => {
    const { kept } = await opened('measures');
    await user.click(screen.getByRole('radio', { name: 'fl oz, oz, °F' }));
    await user.click(screen.getByRole('radio', { name: 'Table cutlery' }));
    await user.click(screen.getByRole('radio', { name: 'None' }));
    await savedAs(kept, { units: 'us', spoons: 'cutlery', scale_g: null });
    expect(screen.getByText('Cutlery spoons, no scale')).toBeTruthy();
    expect(await screen.findByText('Saved')).toBeTruthy();
  });

  test.each<[part: string, label: string, typed: string, saved: Partial<KitchenSettings>]>([
    ['altitude and temperatures', 'Altitude, m', '1200', { altitude_m: 1200 }],
    ['altitude and temperatures', 'Room, °C', '23,5', { room_C: 23.5 }],
    ['altitude and temperatures', 'Fridge, °C', '4', { fridge_C: 4 }],
    ['altitude and temperatures', 'Cool room, °C', '12', { coolRoom_C: 12 }],
    ['altitude and temperatures', 'Room in the fridge for drinks, L', '6', { fridgeRoom_L: 6 }],
    ['stove, pots and blender', 'Blender jug, mL', '1500', { blenderJug_mL: 1500 }],
  ])('%s: %s', async (part, label, typed, saved) => {
    const { kept } = await opened(part);
    await retype(label, typed);
    await savedAs(kept, saved);
  });

  test('a number that cannot be stays in the box and says why, and nothing is saved', async () => {
    const { sent } = await opened('altitude and temperatures');
    await retype('Altitude, m', '90000');
    expect(box('Altitude, m').value).toBe('90000');
    expect(screen.getByText('Between -400 and 6000 m.')).toBeTruthy();
    await retype('Room, °C', 'warm');
    expect(screen.getByText('Between -5 and 45 °C.')).toBeTruthy();
    // What could be on the way there may have been saved; what cannot be never is.
    const saved = sent.filter(({ key }) => key.startsWith('PUT')).map(({ body }) => (body as Saved).settings);
    for (const { altitude_m, room_C } of saved) {
      expect(altitude_m).toBeLessThanOrEqual(6000);
      expect(room_C).toBe(DEFAULT_SETTINGS.room_C);
    }
  });

  test('a pot is added, needs a name of its own, and is taken away', async () => {
    const { kept } = await opened('stove, pots and blender');
    const pots = () => within(screen.getByRole('list', { name: 'Pot' })).getAllByRole('listitem');
    const before = pots().length;
    await press('Another pot');
    expect(pots()).toHaveLength(before + 1);
    expect(screen.getByText('It needs a name.')).toBeTruthy();
    await user.click(box(`Pot ${before + 1}`));
    await user.paste(DEFAULT_SETTINGS.pots[0]!.name);
    expect(screen.getAllByText('Another one has this name.')).toHaveLength(2);
    await user.paste(' of the harbour');
    const name = `${DEFAULT_SETTINGS.pots[0]!.name} of the harbour`;
    const own = within(pots().at(-1)!);
    await user.clear(own.getByLabelText('Holds, mL'));
    await user.type(own.getByLabelText('Holds, mL'), '8000');
    await user.clear(own.getByLabelText('Width, cm'));
    await user.type(own.getByLabelText('Width, cm'), '26');
    await waitFor(() => expect(kept.settings.pots.at(-1)).toEqual({ name, width_cm: 26, holds_mL: 8000 }));
    await press(`Remove ${name}`);
    await waitFor(() => expect(kept.settings.pots).toEqual(DEFAULT_SETTINGS.pots));
  });

  test('jars say what they hold, how many there are, and what they stand', async () => {
    const { kept } = await opened('bottles and jars', { ...DEFAULT_SETTINGS, containers: [] });
    await press('Another bottle or jar');
    await user.type(box('Bottle or jar 1'), 'crock');
    await retype('Size, mL', '2000');
    await retype('How many, pieces', '3');
    await user.click(screen.getByRole('checkbox', { name: 'Takes boiling liquid' }));
    await user.click(screen.getByRole('checkbox', { name: 'Dark glass' }));
    await savedAs(kept, { containers: [{ name: 'crock', size_mL: 2000, count: 3, heatSafe: true, dark: true }] });
    expect(screen.getByText('3 pieces')).toBeTruthy();
  });

  test('strainers that are there, in their order', async () => {
    const { kept } = await opened('strainers', { ...DEFAULT_SETTINGS, strainers: [] });
    expect(screen.getByText('none')).toBeTruthy();
    await user.click(screen.getByRole('checkbox', { name: 'Cloth' }));
    await user.click(screen.getByRole('checkbox', { name: 'Mesh' }));
    await waitFor(() => expect(kept.settings.strainers).toEqual(expect.arrayContaining(['mesh', 'cloth'])));
    await user.click(screen.getByRole('checkbox', { name: 'Cloth' }));
    await savedAs(kept, { strainers: ['mesh'] });
  });

  test('tap water by the supplier’s sheet has its minerals', async () => {
    const { kept } = await opened('tap water');
    expect(screen.queryByLabelText('Calcium, mg/L')).toBeNull();
    await user.click(screen.getByRole('radio', { name: 'From the supplier’s sheet' }));
    await retype('Calcium, mg/L', '88');
    await waitFor(() => expect(kept.settings.sheet_mg_L.calcium).toBe(88));
    expect(kept.settings.tap).toBe('sheet');
  });

  test('while nobody answers it is kept here, and says so', async () => {
    fakeKitchen({ 'GET /kitchen/settings': { settings: DEFAULT_SETTINGS, revision: 1 } });
    renderScreen(<Equipment />);
    await user.click(await screen.findByRole('button', { name: 'Change measures' }));
    await user.click(screen.getByRole('radio', { name: 'To 1 g' }));
    expect(await screen.findByText(/^Kept on this device: No connection\. Sent when it is back/)).toBeTruthy();
  });
});

describe('devices', () => {
  const devices = (plugged: boolean) => ({ devices: [{ device: 'probe', name: 'Probe thermometer', plugged }] });

  test('are unplugged and plugged in', async () => {
    let plugged = true;
    const sent = fakeKitchen({
      'GET /devices': () => devices(plugged),
      'PUT /devices/probe': () => devices((plugged = !plugged)),
    });
    renderScreen(<Devices />);
    await user.click(await screen.findByRole('checkbox', { name: 'Probe thermometer' }));
    await waitFor(() => expect(screen.getByRole('checkbox').getAttribute('aria-checked')).toBe('false'));
    expect(sent.find(({ key }) => key === 'PUT /devices/probe')?.body).toEqual({ plugged: false });
  });

  test('a device that does not obey is told', async () => {
    fakeKitchen({ 'GET /devices': devices(true) });
    renderScreen(<Devices />);
    await user.click(await screen.findByRole('checkbox', { name: 'Probe thermometer' }));
    expect(await screen.findByText(/The server does not answer/)).toBeTruthy();
  });
});

describe('what a kitchen has learned', () => {
  const point = { brew: 'HE-01', factor: 1.2, low: 1.1, high: 1.3 };
  const learned = { habits: {}, brews: 1, since: null, curves: [{ key: 'evaporation:saucepan', points: [point] }] };

  test('nothing yet: what to do', async () => {
    fakeKitchen({ 'GET /kitchen/habits': { ...learned, brews: 0, curves: [] } });
    renderScreen(<Habits />);
    expect(await screen.findByText(/Until then the tables hold/)).toBeTruthy();
    expect(screen.queryByRole('button', { name: 'Forget what was learned' })).toBeNull();
  });

  test('is shown, and forgotten only after a second press', async () => {
    const sent = fakeKitchen({
      'GET /kitchen/habits': learned,
      'POST /kitchen/habits/reset': { ...learned, curves: [] },
    });
    renderScreen(<Habits />);
    expect(await screen.findByText('20 % more steam than the tables say, ± 8 %')).toBeTruthy();
    expect(screen.getByText(/From readings in one brew/)).toBeTruthy();
    await press('Forget what was learned');
    expect(sent.some(({ key }) => key.startsWith('POST'))).toBe(false);
    await act(() => press('Begin to learn anew'));
    expect(await screen.findByText(/It learns from the next reading on/)).toBeTruthy();
    await waitFor(() => expect(sent.some(({ key }) => /^POST .kitchen.habits.reset\?at=20/.test(key))).toBe(true));
  });

  test('without a network it is forgotten at once, waits, and is known again when that is taken back', async () => {
    await emptyDevice();
    fakeKitchen({ 'GET /kitchen/habits': learned });
    const store = renderScreen(<Habits />, await tabOf(INES));
    expect(await screen.findByText(/20 % more steam/)).toBeTruthy();
    await press('Forget what was learned');
    await press('Begin to learn anew');
    expect(await screen.findByText(/Until then the tables hold/)).toBeTruthy();
    const [waits] = store.getState().queue.entries;
    expect([waits!.about, entryWords(waits!)]).toEqual(['What the kitchen has learned', 'Forgotten']);
    // Whatever the server answers meanwhile, it does not know of it yet.
    await act(
      async () =>
        void (await store.dispatch(kitchenApi.endpoints.getHabits.initiate(undefined, { forceRefetch: true }))),
    );
    expect(screen.getByText(/Until then the tables hold/)).toBeTruthy();
    act(() => store.dispatch(takeBackWaiting(waits!.id, 'Forgotten')));
    expect(await screen.findByText(/20 % more steam/)).toBeTruthy();
  });
});
