import { randomUUID } from 'node:crypto';
import { readdirSync } from 'node:fs';
import { DEFAULT_SETTINGS } from '@wellhydra/core/kitchen';
import type { FastifyInstance } from 'fastify';
import { brewRecipe, brewState, type BrewEvent, type BrewState } from '@wellhydra/core/brew';
import type { SensorValue } from '@wellhydra/contract';
import { SignalFilter } from '../src/devices/signal-filter';
import { simulatedProbe, simulatedScale } from '../src/devices/simulated/simulated-sensors';
import { VESSEL_g, worktop, worktopAt } from '../src/devices/simulated/simulated-worktop';
import { bottledDrink, document, freshDatabase, newCook, startServer, testSpool, type Cook } from './kitchen-server';

const LINES = [
  { id: 'water', verb: 'add', text: '1 L water' },
  { id: 'boil', verb: 'heat', text: 'to 90 °C' },
  { id: 'cool', verb: 'cool', text: 'to 30 °C' },
  { id: 'honey', verb: 'add', text: '100 g honey' },
] as const;
const tea = { ...document([]), name: 'Plain tea', kind: 'tea', serving: '200 mL', steps: [...LINES] };
const recipe = brewRecipe({ document: tea, preparations: [], settings: DEFAULT_SETTINGS });
const START = new Date('2026-10-01T08:00:00Z');
const after = (minutes: number) => new Date(START.getTime() + minutes * 60_000);
const done = (...steps: readonly string[]) =>
  brewState(steps.map((step): BrewEvent => ({ kind: 'step-done', step, id: step, at: START.toISOString() })));

/** The worktop once these steps are done, so many minutes later. */
const onTheWorktop = (state: BrewState, minutes: number) => worktopAt(worktop(recipe, state), START, after(minutes));

describe('the simulated worktop', () => {
  it('heats up while it is heated, and cools as Newton says', () => {
    const heating = [0, 2, 60].map((minutes) => onTheWorktop(done('water'), minutes).temperature_C);
    expect(heating[0]).toBeCloseTo(20, 0);
    expect(heating[1]!).toBeGreaterThan(heating[0]!);
    expect(heating[2]).toBeCloseTo(90, 0);
    const cooling = [0, 30, 60, 90].map(
      (minutes) => onTheWorktop(done('water', 'boil'), minutes).temperature_C - DEFAULT_SETTINGS.room_C,
    );
    // Equal times take equal shares of what is left.
    expect(cooling[1]! / cooling[0]!).toBeCloseTo(cooling[2]! / cooling[1]!, 3);
    expect(cooling[2]! / cooling[1]!).toBeCloseTo(cooling[3]! / cooling[2]!, 3);
  });

  it('weighs the vessel and what is in it, and grows as something is poured in', () => {
    expect(onTheWorktop(done('water', 'boil', 'cool'), 1).gross_g).toBeGreaterThan(VESSEL_g + 900 + 95);
    expect(onTheWorktop(done(), 0).gross_g).toBeCloseTo(VESSEL_g, 0);
  });
});

describe('what a device shows', () => {
  const steady = { gross_g: 2000, temperature_C: 60, brix: 5 };
  const calm = () => 0.5;

  it('settles when the load has been there for a moment', () => {
    const filter = new SignalFilter(simulatedScale(calm, START));
    const shown = [0, 1, 2, 3, 4].map((second) => filter.read(steady, after(second / 60)));
    expect(shown[0]!.signal).toBe('moving');
    expect(shown.at(-1)).toMatchObject({ signal: 'settled', value: 2000 });
    const loaded = filter.read({ ...steady, gross_g: 2400 }, after(4.5 / 60));
    expect(loaded.signal).toBe('moving');
  });

  it('falls silent and talks nonsense now and then, and neither is taken for a value', () => {
    const dropped = new SignalFilter(simulatedProbe(() => 0.01, START)).read(steady, after(1));
    expect(dropped).toMatchObject({ signal: 'none', value: null });
    const nonsense = new SignalFilter(simulatedProbe(() => 0.025, START)).read(steady, after(1));
    expect(nonsense).toMatchObject({ signal: 'nonsense', value: null });
  });
});

let app: FastifyInstance;
let cook: Cook;
let address: string;
beforeAll(async () => {
  app = await startServer(await freshDatabase());
  cook = await newCook(app);
  address = await app.listen({ host: '127.0.0.1', port: 0 });
});

afterAll(() => app.close());

const DEVICES = ['scale', 'probe', 'refractometer', 'printer'] as const;
const plug = (device: string, plugged: boolean) => cook.send('PUT', `/api/devices/${device}`, { plugged });
const plugged = async (): Promise<readonly boolean[]> =>
  (await cook.send('GET', '/api/devices')).json.devices.map((each: { plugged: boolean }) => each.plugged);

test('a new kitchen has no device; four that are plugged or unplugged at once are four', async () => {
  expect(await plugged()).toEqual([false, false, false, false]);
  await Promise.all(DEVICES.map((device) => plug(device, true)));
  expect(await plugged()).toEqual([true, true, true, true]);
  await Promise.all(DEVICES.map((device) => plug(device, false)));
  expect(await plugged()).toEqual([false, false, false, false]);
  for (const device of DEVICES) await plug(device, true);
});

async function brewing(): Promise<string> {
  const [drink, brew] = [randomUUID(), randomUUID()];
  await cook.send('PUT', `/api/drinks/${drink}`, { expectedRevision: 0, document: tea });
  await cook.send('PUT', `/api/brews/${brew}/run`, {
    drinkId: drink,
    drinkRevision: 1,
    recipe: { document: tea, preparations: [], settings: DEFAULT_SETTINGS },
    cook: 'Ines',
    startedAt: new Date().toISOString(),
  });
  return brew;
}

/** Batches of values from the stream, as they come. */
async function heard(brew: string, count: number, at?: Date): Promise<readonly (readonly SensorValue[])[]> {
  const stop = new AbortController();
  const clock = at ? `&at=${encodeURIComponent(at.toISOString())}` : '';
  const answer = await fetch(`${address}/api/devices/stream?brew=${brew}${clock}`, {
    headers: { cookie: cook.cookie },
    signal: stop.signal,
  });
  expect(answer.headers.get('content-type')).toBe('text/event-stream');
  const batches: (readonly SensorValue[])[] = [];
  let text = '';
  for await (const chunk of answer.body as unknown as AsyncIterable<Uint8Array>) {
    text += Buffer.from(chunk).toString();
    const parts = text.split('\n\n');
    text = parts.pop()!;
    batches.push(...parts.map((part) => JSON.parse(part.replace(/^data: /, '')) as readonly SensorValue[]));
    if (batches.length >= count) break;
  }
  stop.abort();
  return batches;
}

test('values stream as they come, and a device that is unplugged says nothing', async () => {
  const brew = await brewing();
  const batches = await heard(brew, 3);
  expect(batches[0]!.map(({ sensor }) => sensor)).toEqual(['scale', 'probe', 'refractometer']);
  await cook.send('PUT', '/api/devices/probe', { plugged: false });
  expect((await heard(brew, 1))[0]!.map(({ sensor }) => sensor)).toEqual(['scale', 'refractometer']);
  const { json } = await cook.send('PUT', '/api/devices/probe', { plugged: true });
  expect(json.devices.every(({ plugged }: { plugged: boolean }) => plugged)).toBe(true);
});

test('tared, the scale shows nothing for what stands on it', async () => {
  const brew = await brewing();
  await cook.send('POST', `/api/brews/${brew}/events`, {
    events: [
      { kind: 'step-done', id: randomUUID(), at: new Date(Date.now() - 3_600_000).toISOString(), step: 'water' },
    ],
  });
  const weight = async () =>
    (await heard(brew, 3)).flat().findLast(({ sensor, value }) => sensor === 'scale' && value !== null)!.value!;
  expect(await weight()).toBeGreaterThan(900);
  expect((await cook.send('POST', '/api/devices/scale/tare', { brew })).status).toBe(204);
  expect(Math.abs(await weight())).toBeLessThanOrEqual(5);
  // At an addition it is set to nothing for what stood there before, and weighs what goes in.
  const other = await brewing();
  const poured = async () =>
    (await heard(other, 8)).flat().findLast(({ sensor, value }) => sensor === 'scale' && value !== null)!.value!;
  await poured();
  expect((await cook.send('POST', '/api/devices/scale/tare', { brew: other })).status).toBe(204);
  expect(Math.abs((await poured()) - 1000)).toBeLessThanOrEqual(20);
});

test('simulated devices go by the clock of who watches them', async () => {
  const brew = await brewing();
  const events = [{ kind: 'step-done', id: randomUUID(), at: new Date().toISOString(), step: 'water' }];
  await cook.send('POST', `/api/brews/${brew}/events`, { events });
  const warmth = async (at: Date) =>
    (await heard(brew, 3, at)).flat().find(({ sensor, value }) => sensor === 'probe' && value !== null)!.value!;
  const now = await warmth(new Date());
  expect(await warmth(new Date(Date.now() + 6 * 60_000))).toBeGreaterThan(now + 10);
});

test('labels go into the spool, and an unplugged printer is told', async () => {
  const { ids } = await bottledDrink(cook);
  const { status, json } = await cook.send('POST', '/api/devices/printer/labels', { bottles: [ids.bottle] });
  expect(status).toBe(200);
  expect(readdirSync(testSpool)).toContain(json.files[0]);
  await cook.send('PUT', '/api/devices/printer', { plugged: false });
  const refused = await cook.send('POST', '/api/devices/printer/labels', { bottles: [ids.bottle] });
  expect([refused.status, refused.json.code]).toEqual([409, 'device-unplugged']);
});

test('a brew of another kitchen has no worktop here', async () => {
  const brew = await brewing();
  const stranger = await newCook(app);
  expect((await stranger.send('GET', `/api/devices/stream?brew=${brew}`)).status).toBe(404);
  expect((await stranger.send('POST', '/api/devices/scale/tare', { brew })).status).toBe(404);
});
