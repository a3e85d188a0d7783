import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { FastifyInstance } from 'fastify';
import { ERROR_CODES } from '@wellhydra/contract';
import { Problem } from '../src/problem';
import { cookieOf, cookWith, freshDatabase, newCook, send, startServer } from './kitchen-server';

let app: FastifyInstance;
beforeAll(async () => {
  app = await startServer(await freshDatabase());
});
afterAll(() => app.close());

const person = { name: 'Ines', email: 'Ines@Example.test', password: 'a long enough password', kitchenName: 'Galley' };

test('register, ask who is there, sign out, sign in again', async () => {
  const { status, answer } = await send(app, 'POST', '/api/accounts/register', person);
  expect(status).toBe(201);
  const header = String(answer.headers['set-cookie']);
  expect(header).toMatch(/HttpOnly/);
  expect(header).toMatch(/SameSite=Strict/);
  const ines = cookWith(app, cookieOf(answer));
  expect((await ines.send('GET', '/api/accounts/session')).json).toMatchObject({
    account: { name: 'Ines', email: 'ines@example.test' },
    kitchen: { name: 'Galley', demo: false },
  });
  expect((await ines.send('POST', '/api/accounts/sign-out')).status).toBe(204);
  expect((await ines.send('GET', '/api/accounts/session')).status).toBe(401);
  const again = await send(app, 'POST', '/api/accounts/sign-in', {
    email: 'ines@example.test',
    password: person.password,
  });
  expect(again.status).toBe(200);
  expect(cookieOf(again.answer)).not.toBe(ines.cookie);
});

test('an e-mail belongs to one account', async () => {
  const { status, json } = await send(app, 'POST', '/api/accounts/register', person);
  expect([status, json.code]).toEqual([409, 'email-taken']);
});

test('a session that has ended lets nobody in', async () => {
  const cook = await newCook(app);
  const { account } = (await cook.send('GET', '/api/accounts/session')).json;
  await app.sequelize.query(
    `UPDATE sessions SET expires_at = now() - interval '1 second' WHERE account_id = '${account.id}'`,
  );
  const { status, json } = await cook.send('GET', '/api/accounts/session');
  expect([status, json.code]).toEqual([401, 'not-signed-in']);
});

test('passwords and session tokens are not in the database', async () => {
  const cook = await newCook(app);
  const [rows] = await app.sequelize.query('SELECT password_hash FROM accounts');
  for (const { password_hash: stored } of rows as { password_hash: string }[]) expect(stored).toMatch(/^\$argon2id\$/);
  const [sessions] = await app.sequelize.query('SELECT token_hash FROM sessions');
  expect(JSON.stringify(sessions)).not.toContain(cook.cookie.split('=')[1]);
});

test('a wrong password and an unknown e-mail get the same answer', async () => {
  const wrong = await send(app, 'POST', '/api/accounts/sign-in', {
    email: 'ines@example.test',
    password: 'not this one',
  });
  const unknown = await send(app, 'POST', '/api/accounts/sign-in', {
    email: 'nobody@example.test',
    password: 'not this one',
  });
  expect([wrong.status, wrong.json]).toEqual([unknown.status, unknown.json]);
  expect(wrong.json.code).toBe('wrong-credentials');
});

test('wrong passwords are counted by e-mail in the database, for all servers together, and nobody is refused', async () => {
  const other = await startServer(currentUrl());
  const tries = [];
  for (let count = 0; count < 7; count += 1)
    tries.push(
      (
        await send(count % 2 ? app : other, 'POST', '/api/accounts/sign-in', {
          email: 'guess@example.test',
          password: `guess ${count}`,
        })
      ).status,
    );
  await other.close();
  expect(new Set(tries)).toEqual(new Set([401]));
  const [counted] = await app.sequelize.query(
    "SELECT attempts FROM sign_in_attempts WHERE key = 'email:guess@example.test'",
  );
  expect(counted).toEqual([{ attempts: 7 }]);
});

function currentUrl(): string {
  const { config } = app.sequelize as unknown as {
    config: { username: string; password: string; host: string; port: string; database: string };
  };
  return `postgres://${config.username}:${config.password}@${config.host}:${config.port}/${config.database}`;
}

test('an invitation opens the kitchen, and only as long as it holds', async () => {
  const host = await newCook(app, { kitchenName: 'Shared' });
  const { json: kitchen } = await host.send('GET', '/api/kitchen');
  const guest = await newCook(app, { invitation: kitchen.invitation.toLowerCase() });
  expect((await guest.send('GET', '/api/kitchen')).json.members).toHaveLength(2);
  const { json: changed } = await host.send('POST', '/api/kitchen/invitation');
  expect(changed.invitation).not.toBe(kitchen.invitation);
  await expect(newCook(app, { invitation: kitchen.invitation })).rejects.toThrow(/404/);
});

test.each([
  [{ origin: 'https://elsewhere.example' }, 403],
  [{ origin: 'null' }, 403],
  [{ 'sec-fetch-site': 'cross-site' }, 403],
  [{ origin: 'http://localhost:4870', host: 'localhost:4870' }, 401],
  [{ 'sec-fetch-site': 'same-origin' }, 401],
])('a write with %j is answered with %d', async (headers, status) => {
  const answer = await send(
    app,
    'POST',
    '/api/accounts/sign-in',
    { email: `x${Math.random()}@example.test`, password: 'x' },
    headers as Record<string, string>,
  );
  expect(answer.status).toBe(status);
});

test('faults in a request are named with their place', async () => {
  const { status, json } = await send(app, 'POST', '/api/accounts/register', {
    ...person,
    email: 'no address',
    password: 'short',
  });
  expect(status).toBe(400);
  expect(json.details.map(({ at }: { at: string }) => at)).toEqual(['body.email', 'body.password']);
});

test('no demo, no door', async () => {
  expect((await send(app, 'GET', '/api/accounts/options')).json).toEqual({ demo: false });
  expect((await send(app, 'POST', '/api/accounts/demo')).json.code).toBe('demo-off');
});

test('every answer with an error carries a documented code', async () => {
  for (const [method, url, payload] of [
    ['GET', '/api/nothing', undefined],
    ['GET', '/api/drinks', undefined],
    ['POST', '/api/accounts/sign-in', { email: 1 }],
  ] as const) {
    const { json } = await send(app, method, url, payload);
    expect(Object.keys(ERROR_CODES)).toContain(json.code);
  }
  expect(
    (
      await app.inject({
        method: 'POST',
        url: '/api/accounts/sign-in',
        payload: '{',
        headers: { 'content-type': 'application/json' },
      })
    ).json().code,
  ).toBe('invalid-request');
  expect(
    (
      await app.inject({
        method: 'POST',
        url: '/api/accounts/sign-in',
        payload: 'x'.repeat(2_000_000),
        headers: { 'content-type': 'application/json' },
      })
    ).json().code,
  ).toBe('too-large');
});

test('every code stands in the documentation, with its status', () => {
  const page = readFileSync(join(__dirname, '../../docs/api.md'), 'utf8');
  for (const code of Object.keys(ERROR_CODES) as (keyof typeof ERROR_CODES)[])
    expect(page).toContain(`| \`${code}\` | ${new Problem(code).status} |`);
});
