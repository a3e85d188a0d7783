import { randomUUID } from 'node:crypto';
import { DEFAULT_SETTINGS } from '@wellhydra/core/kitchen';
import type { FastifyInstance } from 'fastify';
import { buildApp } from '../src/build-app';
import { bottledDrink, document, freshDatabase, newCook, send, startServer, type Cook } from './kitchen-server';
import { trialLot } from './trial-lot';

let app: FastifyInstance;
let owner: Cook;
let stranger: Cook;
let ids: { drink: string; brew: string; bottle: string; lot: string };
const pourId = randomUUID();

beforeAll(async () => {
  app = await startServer(await freshDatabase());
  [owner, stranger] = [await newCook(app), await newCook(app)];
  const made = await bottledDrink(owner);
  ids = { ...made.ids, lot: randomUUID() };
  await owner.send('PUT', `/api/stores/lots/${ids.lot}`, trialLot());
  await owner.send('PUT', `/api/bottles/${ids.bottle}/pours/${pourId}`, {
    volume_mL: 100,
    pouredAt: new Date().toISOString(),
  });
});
afterAll(() => app.close());

interface Route {
  readonly method: string;
  readonly url: string;
}

/** Every route under /api that is not open, as the server itself lists them. */
async function closedRoutes(): Promise<readonly Route[]> {
  const specification = app.swagger() as { paths: Record<string, Record<string, unknown>> };
  return Object.entries(specification.paths).flatMap(([url, methods]) =>
    Object.keys(methods).map((method) => ({ method: method.toUpperCase(), url })),
  );
}

const OPEN = [
  '/api/health',
  '/api/ready',
  '/api/accounts/options',
  '/api/accounts/register',
  '/api/accounts/sign-in',
  '/api/accounts/demo',
  '/api/accounts/reset-request',
  '/api/accounts/reset',
  '/api/accounts/sign-out',
];
/** What a stranger would send to do the most harm. */
const BODIES: Readonly<Record<string, unknown>> = {
  'PUT /api/drinks/{id}': { expectedRevision: 1, document: document(['9 g salt']) },
  'PUT /api/brews/{id}': () => ({
    drinkId: ids.drink,
    drinkRevision: 1,
    madeAt: new Date().toISOString(),
    bottles: [{ id: randomUUID(), volume_mL: 100, place: 'fridge' }],
  }),
  'PUT /api/devices/{device}': { plugged: false },
  'POST /api/devices/scale/tare': () => ({ brew: ids.brew }),
  'POST /api/devices/printer/labels': () => ({ bottles: [ids.bottle] }),
  'POST /api/documents/plan.ics': () => ({
    events: [{ id: 'a', title: 'Stir', begin: new Date().toISOString(), end: new Date().toISOString() }],
  }),
  'PUT /api/brews/{id}/run': () => ({
    drinkId: ids.drink,
    drinkRevision: 1,
    recipe: { document: document(['9 g salt', '1 L water']), preparations: [], settings: DEFAULT_SETTINGS },
    cook: 'Nobody',
    startedAt: new Date().toISOString(),
  }),
  'POST /api/brews/{id}/events': () => ({
    events: [{ kind: 'abandoned', text: 'gone', id: randomUUID(), at: new Date().toISOString() }],
  }),
  'PUT /api/brews/{id}/finish': () => ({
    eventId: randomUUID(),
    madeAt: new Date().toISOString(),
    bottles: [{ id: randomUUID(), volume_mL: 100, place: 'fridge' }],
  }),
  'PUT /api/drinks/{id}/versions/{revision}/label': { label: 'Mine' },
  'PUT /api/logbook/brews/{id}/note': { note: 'spite' },
  'PUT /api/logbook/brews/{id}/tastings/{tastingId}': {
    taster: 'Nobody',
    score: 1,
    words: '',
    blind: false,
    at: new Date().toISOString(),
  },
  'PUT /api/logbook/brews/{id}/photos/{photoId}': Buffer.from('a picture'),
  'PUT /api/kitchen/members/{id}/role': { role: 'maker' },
  'PUT /api/bottles/{id}/place': { place: 'cupboard' },
  // An id that is taken in one kitchen is free in another: it is a lot of the stranger's own.
  'PUT /api/stores/lots/{id}': trialLot({ name: 'Mine' }),
  'PUT /api/stores/lots/{id}/changes/{changeId}': {
    kind: 'thrown-away',
    at: new Date().toISOString(),
    reason: 'spite',
  },
  'PUT /api/bottles/{id}/changes/{changeId}': { kind: 'discarded', at: new Date().toISOString(), reason: 'spite' },
  'PUT /api/people/': { expectedRevision: 0, people: { people: {}, spoonPlans: {}, sweatTests: {}, sheets: {} } },
  'PUT /api/bottles/{id}/pours/{pourId}': { volume_mL: 10, pouredAt: new Date().toISOString() },
};

function addressFor({ url }: Route): string {
  const thing = url.includes('/lots/')
    ? ids.lot
    : url.includes('/drinks')
      ? ids.drink
      : url.includes('/brews/')
        ? ids.brew
        : ids.bottle;
  if (url.endsWith('/stream')) return `${url}?brew=${ids.brew}`;
  return url
    .replace('{device}', 'scale')
    .replace('{id}', thing)
    .replace(/\{(?:pour|change|tasting|photo)Id\}/, pourId)
    .replace('{revision}', '1');
}

function bodyFor({ method, url }: Route): unknown {
  const body = BODIES[`${method} ${url}`];
  return typeof body === 'function' ? (body as () => unknown)() : body;
}

test('the loop below sees all routes', async () => {
  const routes = (await closedRoutes()).map(({ method, url }) => `${method} ${url}`);
  expect(routes.length).toBeGreaterThanOrEqual(20);
  for (const key of Object.keys(BODIES)) expect(routes).toContain(key);
});

test('nobody who is not signed in gets anywhere', async () => {
  for (const route of await closedRoutes()) {
    if (OPEN.includes(route.url)) continue;
    const { status } = await send(app, route.method, addressFor(route), bodyFor(route));
    expect([route.method, route.url, status]).toEqual([route.method, route.url, 401]);
  }
});

test('a second kitchen can read and write nothing of the first, on any route', async () => {
  const addresses = ['/api/drinks', '/api/bottles', `/api/brews/${ids.brew}`, '/api/kitchen', '/api/stores/lots'];
  const everything = async () =>
    JSON.stringify(await Promise.all(addresses.map(async (url) => (await owner.send('GET', url)).json)));
  const before = await everything();
  const isOwn = ({ method, url }: Route) => `${method} ${url}` === 'PUT /api/stores/lots/{id}';
  const routes = [...(await closedRoutes())].sort((a, b) => Number(isOwn(a)) - Number(isOwn(b)));
  for (const route of routes) {
    if (OPEN.includes(route.url)) continue;
    const body = bodyFor(route);
    const headers = { cookie: stranger.cookie, ...(Buffer.isBuffer(body) ? { 'content-type': 'image/png' } : {}) };
    const { status, json } = await send(app, route.method, addressFor(route), body, headers);
    if (isOwn(route)) expect(status).toBe(200);
    else if (route.url.includes('{id}'))
      expect([route.method, route.url, status]).toEqual([route.method, route.url, 404]);
    else for (const id of Object.values(ids)) expect(JSON.stringify(json ?? '')).not.toContain(id);
  }
  expect(await everything()).toBe(before);
});

test('the database itself refuses a bottle that points into another kitchen', async () => {
  const { json } = await stranger.send('GET', '/api/kitchen');
  await expect(
    app.sequelize.query(
      'INSERT INTO bottles (id, kitchen_id, brew_id, place, volume_ml, filled_ml, remaining_ml, use_by) VALUES (:id, :kitchen, :brew, :place, 1, 1, 1, now())',
      {
        replacements: { id: randomUUID(), kitchen: json.id, brew: ids.brew, place: 'fridge' },
      },
    ),
  ).rejects.toThrow(/foreign key/);
  await expect(app.sequelize.query('UPDATE bottles SET remaining_ml = -1')).rejects.toThrow(/check/);
});

test('OpenAPI is published, and the documentation page opens', async () => {
  const { json } = await send(app, 'GET', '/api/docs/json');
  expect(json.paths['/api/drinks/{id}'].put.requestBody).toBeDefined();
  expect((await send(app, 'GET', '/api/docs/')).status).toBe(200);
});

test('headers keep scripts from elsewhere out', async () => {
  const { answer } = await send(app, 'GET', '/api/health');
  expect(String(answer.headers['content-security-policy'])).toMatch(/script-src 'self';/);
  expect(answer.headers['x-content-type-options']).toBe('nosniff');
});

test('too many requests are told to wait', async () => {
  const busy = await buildApp({
    databaseUrl: 'postgres://nobody@127.0.0.1:1/none',
    host: '127.0.0.1',
    port: 0,
    demo: false,
    spoolFolder: '/nowhere',
    outboxFolder: '/nowhere',
    mailFrom: 'nobody@localhost',
    publicUrl: 'http://localhost',
    logLevel: 'silent',
    strictAnswers: true,
    requestsPerMinute: 3,
    signInsPerQuarter: 5,
  });
  const answers = [];
  for (let count = 0; count < 5; count += 1) answers.push(await send(busy, 'GET', '/api/health'));
  await busy.close();
  expect(answers.map(({ status }) => status)).toEqual([200, 200, 200, 429, 429]);
  expect(answers[4]!.json.code).toBe('too-many-requests');
});
