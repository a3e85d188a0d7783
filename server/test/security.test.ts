import { randomUUID } from 'node:crypto';
import ICAL from 'ical.js';
import type { FastifyInstance } from 'fastify';
import { PHOTO_LIMITS } from '@wellhydra/contract';
import { bottledDrink, cookWith, cookieOf, freshDatabase, newCook, send, startServer } from './kitchen-server';

/** What docs/security.md says stands against an attack, where no other test says it. */

let app: FastifyInstance;
let log = '';
beforeAll(async () => {
  app = await startServer(await freshDatabase(), {
    logLevel: 'info',
    logStream: { write: (line) => void (log += line) },
    signInsPerQuarter: 50,
  });
});
afterAll(() => app.close());

const PASSWORD = 'a long enough password';

test('a session that somebody planted before signing in is not the one that is signed in', async () => {
  const cook = await newCook(app);
  const { account } = (await cook.send('GET', '/api/accounts/session')).json;
  const planted = 'wellhydra_session=planted-by-somebody-else';
  const { answer, status } = await send(
    app,
    'POST',
    '/api/accounts/sign-in',
    { email: account.email, password: PASSWORD },
    { cookie: planted },
  );
  expect(status).toBe(200);
  expect(cookieOf(answer)).not.toBe(planted);
  expect((await cookWith(app, planted).send('GET', '/api/accounts/session')).status).toBe(401);
});

test('no other site makes a browser write, on any route', async () => {
  const cook = await newCook(app);
  const { paths } = app.swagger() as { paths: Record<string, Record<string, unknown>> };
  const writes = Object.entries(paths).flatMap(([url, methods]) =>
    Object.keys(methods).flatMap((method) => (method === 'get' ? [] : [[method.toUpperCase(), url] as const])),
  );
  expect(writes.length).toBeGreaterThan(30);
  for (const [method, url] of writes) {
    const address = url.replace(/\{\w+\}/g, randomUUID());
    const elsewhere: readonly Record<string, string>[] = [
      { origin: 'https://elsewhere.example' },
      { 'sec-fetch-site': 'cross-site' },
    ];
    for (const headers of elsewhere) {
      const { json } = await send(app, method, address, undefined, { cookie: cook.cookie, ...headers });
      expect([method, url, json.code]).toEqual([method, url, 'cross-site']);
    }
  }
});

test('answers say what a browser may do with them', async () => {
  const { answer } = await send(app, 'GET', '/api/accounts/options');
  expect(answer.headers).toMatchObject({
    'x-content-type-options': 'nosniff',
    'referrer-policy': 'no-referrer',
    'content-security-policy': expect.stringMatching(/script-src 'self';.*frame-ancestors 'none'/),
  });
  expect(answer.headers['content-security-policy']).not.toMatch(/script-src[^;]*unsafe/);
});

test('no secret and no e-mail gets into the log', async () => {
  const cook = await newCook(app);
  const { account } = (await cook.send('GET', '/api/accounts/session')).json;
  await cook.send('PUT', '/api/accounts/password', { password: PASSWORD, newPassword: 'kelp lantern ferry oats' });
  await send(app, 'POST', '/api/accounts/sign-in', { email: account.email, password: 'not this one' });
  await send(app, 'POST', '/api/accounts/reset-request', { email: account.email });
  await send(app, 'POST', '/api/accounts/reset', {
    token: 'a-token-that-nobody-sent',
    newPassword: 'oats ferry lantern kelp',
  });
  expect(log).toContain('/api/accounts/sign-in');
  for (const secret of [
    cook.cookie.split('=')[1]!,
    PASSWORD,
    'kelp lantern',
    'not this one',
    'a-token-that',
    account.email,
  ])
    expect([secret, log.includes(secret)]).toEqual([secret, false]);
});

test('a line break in a text makes no line of its own in the log', async () => {
  const before = log.split('\n').length;
  await send(app, 'GET', `/api/drinks/${encodeURIComponent('x\n{"level":60,"msg":"forged"}')}`);
  const lines = log
    .trim()
    .split('\n')
    .slice(before - 1);
  for (const line of lines) expect(JSON.parse(line).msg).not.toBe('forged');
});

test('a title makes no property of its own in a calendar', async () => {
  const cook = await newCook(app);
  const title = 'Stir\r\nATTENDEE:mailto:mallory@example.test\r\nEND:VEVENT; \\, "x"';
  const begin = new Date('2026-12-01T09:00:00Z').toISOString();
  const { answer } = await send(
    app,
    'POST',
    '/api/documents/plan.ics',
    { events: [{ id: 'a', title, begin, end: begin }] },
    { cookie: cook.cookie },
  );
  expect(answer.statusCode).toBe(200);
  const calendar = new ICAL.Component(ICAL.parse(answer.body));
  const events = calendar.getAllSubcomponents('vevent');
  expect(events).toHaveLength(1);
  expect(events[0]!.getAllProperties('attendee')).toEqual([]);
  expect(String(events[0]!.getFirstPropertyValue('summary'))).toContain('ATTENDEE:mailto');
});

test('what is sent is bounded, whatever it says of itself', async () => {
  const cook = await newCook(app);
  const { ids } = await bottledDrink(cook);
  const big = { expectedRevision: 0, document: { source: 'a'.repeat(1_100_000) } };
  expect((await cook.send('PUT', `/api/drinks/${randomUUID()}`, big)).json.code).toBe('too-large');
  const photo = await app.inject({
    method: 'PUT',
    url: `/api/logbook/brews/${ids.brew}/photos/${randomUUID()}`,
    headers: { cookie: cook.cookie, 'content-type': 'image/jpeg' },
    payload: Buffer.alloc(PHOTO_LIMITS.bytes + 1),
  });
  expect(photo.json().code).toBe('too-large');
});

test.each([
  ['much too long', `/api/bottles/${'x'.repeat(6000)}`],
  ['too long in the middle', `/api/bottles/${'x'.repeat(500)}/pours/y`],
  ['broken', '/api/bottles/%ZZ'],
])('an address that is %s is refused as everything is, and not sent back', async (_how, url) => {
  const { status, json, answer } = await send(app, 'GET', url);
  expect([status, json.code]).toEqual([400, 'invalid-request']);
  expect(answer.payload.length).toBeLessThan(200);
});
