import { randomUUID } from 'node:crypto';
import type { FastifyInstance } from 'fastify';
import { buildApp } from '../src/build-app';
import { BODIES, OPEN, addressFor, bodyFor, closedRoutes, thingsOf, type Route, type Things } from './every-route';
import { freshDatabase, newCook, send, startServer, type Cook } from './kitchen-server';

let app: FastifyInstance;
let owner: Cook;
let stranger: Cook;
let ids: Things;

beforeAll(async () => {
  app = await startServer(await freshDatabase());
  [owner, stranger] = [await newCook(app), await newCook(app)];
  ids = await thingsOf(owner);
});
afterAll(() => app.close());

test('the loop below sees all routes', async () => {
  const routes = (await closedRoutes(app)).map(({ method, url }) => `${method} ${url}`);
  expect(routes.length).toBeGreaterThanOrEqual(20);
  for (const key of Object.keys(BODIES)) expect(routes).toContain(key);
});

test('nobody who is not signed in gets anywhere', async () => {
  for (const route of await closedRoutes(app)) {
    if (OPEN.includes(route.url)) continue;
    const { status } = await send(app, route.method, addressFor(route, ids), bodyFor(route, ids));
    expect([route.method, route.url, status]).toEqual([route.method, route.url, 401]);
  }
});

test('a second kitchen can read and write nothing of the first, on any route', async () => {
  const addresses = ['/api/drinks', '/api/bottles', `/api/brews/${ids.brew}`, '/api/kitchen', '/api/stores/lots'];
  const everything = async () =>
    JSON.stringify(await Promise.all(addresses.map(async (url) => (await owner.send('GET', url)).json)));
  const before = await everything();
  const isOwn = ({ method, url }: Route) => `${method} ${url}` === 'PUT /api/stores/lots/{id}';
  const routes = [...(await closedRoutes(app))].sort((a, b) => Number(isOwn(a)) - Number(isOwn(b)));
  for (const route of routes) {
    if (OPEN.includes(route.url)) continue;
    const body = bodyFor(route, ids);
    const headers = { cookie: stranger.cookie, ...(Buffer.isBuffer(body) ? { 'content-type': 'image/png' } : {}) };
    const { status, json } = await send(app, route.method, addressFor(route, ids), body, headers);
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
