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
