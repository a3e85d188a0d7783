import { DEFAULT_SETTINGS } from '@wellhydra/core/kitchen';
import type { FastifyInstance } from 'fastify';
import { freshDatabase, newCook, startServer, type Cook } from './kitchen-server';

let app: FastifyInstance;
let cook: Cook;
beforeAll(async () => {
  app = await startServer(await freshDatabase());
  cook = await newCook(app);
});
afterAll(() => app.close());

const high = { ...DEFAULT_SETTINGS, altitude_m: 1500 };

test('nothing is known of a new kitchen; what is saved is read again', async () => {
  expect((await cook.send('GET', '/api/kitchen/settings')).json).toEqual({ revision: 0, settings: null });
  const saved = await cook.send('PUT', '/api/kitchen/settings', { expectedRevision: 0, settings: high });
  expect([saved.status, saved.json.revision]).toEqual([200, 1]);
  expect((await cook.send('GET', '/api/kitchen/settings')).json).toEqual({ revision: 1, settings: high });
});

test('the same again does no harm, an older edit changes nothing and learns what it is now', async () => {
  const again = await cook.send('PUT', '/api/kitchen/settings', { expectedRevision: 0, settings: high });
  expect([again.status, again.json.revision]).toEqual([200, 1]);
  const old = await cook.send('PUT', '/api/kitchen/settings', {
    expectedRevision: 0,
    settings: { ...high, altitude_m: 3 },
  });
  expect([old.status, old.json.code]).toEqual([409, 'edited-elsewhere']);
  expect(old.json.details).toEqual({ revision: 1 });
  expect((await cook.send('GET', '/api/kitchen/settings')).json.settings.altitude_m).toBe(1500);
});

test.each([
  [{ altitude_m: 9000 }, 'Altitude'],
  [{ pots: [{ name: 'Pan', width_cm: 2, holds_mL: 3000 }] }, 'Width'],
  [{ sheet_mg_L: { calcium: -4 } }, 'calcium'],
  [
    {
      burners: [
        { name: 'A', net_W: 500 },
        { name: 'a', net_W: 600 },
      ],
    },
    'there twice',
  ],
])('%j is refused, and it says what', async (change, says) => {
  const { status, json } = await cook.send('PUT', '/api/kitchen/settings', {
    expectedRevision: 1,
    settings: { ...high, ...change },
  });
  expect(status).toBe(400);
  expect(JSON.stringify(json)).toContain(says);
});

describe('the plan', () => {
  const request = {
    id: '3f0c3a52-6f0e-4f0e-9d6a-0a5f4c1b2d3e',
    drinkId: '7a1c3a52-6f0e-4f0e-9d6a-0a5f4c1b2d3e',
    readyBy: '2026-11-03T12:00:00.000Z',
    pinned: null,
    agreed: null,
  };
  const plan = { requests: [request], cooks: 2, bed_min: 1350, up_min: 360 };
  const put = (expectedRevision: number, body: unknown) =>
    cook.send('PUT', '/api/kitchen/plan', { expectedRevision, plan: body });

  test('nothing is wanted in a new kitchen; what is saved is read again, beside the settings', async () => {
    expect((await cook.send('GET', '/api/kitchen/plan')).json).toEqual({ revision: 0, plan: null });
    expect((await put(0, plan)).json).toEqual({ revision: 1, plan });
    expect((await cook.send('GET', '/api/kitchen/plan')).json).toEqual({ revision: 1, plan });
    expect((await cook.send('GET', '/api/kitchen/settings')).json.revision).toBe(1);
  });
  test('the same again does no harm, and an older edit changes nothing', async () => {
    expect((await put(0, plan)).json.revision).toBe(1);
    const old = await put(0, { ...plan, cooks: 1 });
    expect([old.status, old.json.code, old.json.details]).toEqual([409, 'edited-elsewhere', { revision: 1 }]);
  });
  test.each([
    ['a request twice', { requests: [request, request] }, 'there twice'],
    ['a time that is none', { requests: [{ ...request, readyBy: 'soon' }] }, 'no moment'],
    ['no cook', { cooks: 0 }, 'cooks'],
    ['a day of 25 hours', { bed_min: 1440 }, 'bed_min'],
    ['more than anybody makes', { requests: Array.from({ length: 201 }, () => request) }, '200'],
  ])('%s is refused', async (_what, change, says) => {
    const { status, json } = await put(1, { ...plan, ...change });
    expect([status, JSON.stringify(json)]).toEqual([400, expect.stringContaining(says)]);
  });
});

describe('what the kitchen weighed and wrote off labels', () => {
  const put = async (by: object) => {
    const { revision } = (await cook.send('GET', '/api/kitchen/settings')).json;
    return cook.send('PUT', '/api/kitchen/settings', { expectedRevision: revision, settings: { ...high, ...by } });
  };
  const measure = { id: '7f1d4c52-0000-4000-8000-000000000001', name: 'blue mug', of: 'water', weighed_g: [350, 352] };
  const powder = { name: 'Gull powder', role: 'sweetener', state: 'soluble', label: { serving_g: 100, sugars_g: 90 } };

  test('is kept', async () => {
    const prices = { energyPrices: { gas: 0.08 }, shopPrices: [{ id: measure.id, price: 4.5, amount: 250 }] };
    const { status, json } = await put({ measures: [measure], ingredients: [powder], ...prices });
    expect(status).toBe(200);
    expect(json.settings).toEqual({ ...high, measures: [measure], ingredients: [powder], ...prices });
  });

  test.each([
    [{ measures: [{ ...measure, name: '2 cups' }] }, 'letters'],
    [{ measures: [{ ...measure, name: 'honey' }] }, 'put in'],
    [{ measures: [{ ...measure, weighed_g: [-1] }] }, 'weighed_g'],
    [{ measures: [measure, measure] }, 'there twice'],
    [{ ingredients: [{ ...powder, label: { serving_g: 10, sugars_g: 90 } }] }, 'weigh more than the serving'],
    [{ ingredients: [{ ...powder, label: { serving_g: 100, unobtainium_g: 1 } }] }, 'not on a label'],
    [{ ingredients: [{ name: 'Nothing at all' }] }, 'serving_g'],
    [{ ingredients: [{ name: 'Odd', formula: 'Xx9' }] }, 'atomic weight'],
    [{ energyPrices: { coal: 1 } }, 'coal'],
    [{ shopPrices: [{ id: measure.id, price: 1, amount: 0 }] }, 'amount'],
  ])('%j is refused, and it says why', async (by, says) => {
    const { status, json } = await put(by);
    expect(status).toBe(400);
    expect(JSON.stringify(json)).toContain(says);
  });
});

describe('a measure on the simulated scale', () => {
  const weigh = () => cook.send('POST', '/api/devices/scale/weigh', { name: 'mug', of: 'water', count: 1 });

  test('needs a scale that is plugged in', async () => {
    await cook.send('PUT', '/api/devices/scale', { plugged: false });
    expect((await weigh()).json.code).toBe('device-unplugged');
  });

  test('is about what one is, the same hand each time and never quite the same', async () => {
    await cook.send('PUT', '/api/devices/scale', { plugged: true });
    const shown: number[] = [];
    for (let time = 0; time < 12; time += 1) {
      const { status, json } = await weigh();
      expect([status, json.sensor, json.signal]).toEqual([200, 'scale', 'settled']);
      shown.push(json.value);
    }
    const mean = shown.reduce((sum, each) => sum + each, 0) / shown.length;
    expect(mean).toBeGreaterThan(300 * Math.exp(-0.6));
    expect(mean).toBeLessThan(300 * Math.exp(0.6));
    expect(new Set(shown).size).toBeGreaterThan(3);
    expect(Math.max(...shown) / Math.min(...shown)).toBeLessThan(2.2);
  });
});
