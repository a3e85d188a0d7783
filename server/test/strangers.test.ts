import { randomUUID } from 'node:crypto';
import { keepDemoAlive } from '../src/demo/keep-demo-alive';
import { endVisitorKitchens } from '../src/demo/visitor-kitchen';
import { QUOTAS } from '../src/kitchen/quota';
import { isCommonPassword } from '../src/accounts/common-passwords';
import type { FastifyInstance } from 'fastify';
import { cookWith, cookieOf, document, freshDatabase, newCook, send, startServer, type Cook } from './kitchen-server';

let app: FastifyInstance;
beforeAll(async () => {
  app = await startServer(await freshDatabase(), { demo: true });
  await keepDemoAlive(app.context, new Date());
});
afterAll(() => app.close());

async function visitor(headers: Record<string, string> = {}): Promise<Cook> {
  const { answer } = await send(app, 'POST', '/api/accounts/demo', undefined, headers);
  return cookWith(app, cookieOf(answer));
}
const save = (cook: Cook, lines: readonly string[] = ['1 g salt']) =>
  cook.send('PUT', `/api/drinks/${randomUUID()}`, { expectedRevision: 0, document: document(lines) });
const drinksOf = async (cook: Cook) => (await cook.send('GET', '/api/drinks')).json.drinks;

describe('visitors of the demo', () => {
  test('each has a kitchen of their own, as full as the one that is kept, and sees nothing of another', async () => {
    const [one, other] = [await visitor(), await visitor()];
    const before = (await drinksOf(one)).length;
    expect(before).toBeGreaterThan(11);
    await save(one);
    expect([(await drinksOf(one)).length, (await drinksOf(other)).length]).toEqual([before + 1, before]);
    for (const list of ['/api/bottles', '/api/brews?limit=500', '/api/brews/under-way'])
      expect(Object.values((await other.send('GET', list)).json)[0]).not.toHaveLength(0);
    const { json } = await other.send('GET', '/api/accounts/session');
    expect(json.kitchen.demo).toBe(true);
    const back = await visitor({ cookie: one.cookie });
    expect(await drinksOf(back)).toHaveLength(before + 1);
  });

  test('a kitchen ends by itself, and the oldest where there are too many; people keep theirs', async () => {
    const [late, early] = [await visitor(), await visitor()];
    const own = await newCook(app);
    await app.sequelize.query(
      `UPDATE kitchens SET expires_at = now() - interval '1 minute' WHERE id = (
         SELECT kitchen_id FROM sessions WHERE created_at = (SELECT max(s.created_at) FROM sessions s
           JOIN kitchens k ON k.id = s.kitchen_id WHERE k.expires_at IS NOT NULL))`,
    );
    await endVisitorKitchens(app.sequelize);
    expect((await early.send('GET', '/api/drinks')).status).toBe(401);
    expect((await late.send('GET', '/api/drinks')).status).toBe(200);
    await endVisitorKitchens(app.sequelize, 0);
    expect((await late.send('GET', '/api/drinks')).status).toBe(401);
    expect((await own.send('GET', '/api/drinks')).status).toBe(200);
  });

  test('holds only so many drinks, and says so', async () => {
    const cook = await visitor();
    const room = QUOTAS.visitor.drinks - (await drinksOf(cook)).length;
    for (let count = 0; count < room; count += 1) expect((await save(cook)).status).toBe(200);
    const full = await save(cook);
    expect([full.status, full.json.code, full.json.message]).toEqual([
      422,
      'quota-reached',
      'This kitchen holds 80 drinks, as many as it may.',
    ]);
    // What it has can still be changed.
    const [{ id, revision }] = await drinksOf(cook);
    const changed = { expectedRevision: revision, document: document(['2 g salt']) };
    expect((await cook.send('PUT', `/api/drinks/${id}`, changed)).status).toBe(200);
  });
});

describe('signing in', () => {
  test('whoever guesses is slowed down, and keeps nobody out of their own account', async () => {
    const email = `${randomUUID()}@example.test`;
    await newCook(app, { email });
    const attempt = (password: string) => send(app, 'POST', '/api/accounts/sign-in', { email, password });
    const wrong = [];
    for (let count = 0; count < 7; count += 1) wrong.push((await attempt('not this one')).json.code);
    expect(new Set(wrong)).toEqual(new Set(['wrong-credentials']));
    expect((await attempt('a long enough password')).status).toBe(200);
  });

  test('an address that somebody only says is not believed, but the one of a proxy that is trusted', async () => {
    const addresses = async (trustedProxies?: readonly string[]) => {
      const server = await startServer(await freshDatabase(), {
        signInsPerQuarter: 1,
        ...(trustedProxies ? { trustedProxies } : {}),
      });
      const codes = [];
      for (let count = 0; count < 12; count += 1) {
        const said = { 'x-forwarded-for': `10.0.0.${count}` };
        const body = { email: `nobody${count}@example.test`, password: 'x' };
        codes.push((await send(server, 'POST', '/api/accounts/sign-in', body, said)).json.code);
      }
      await server.close();
      return codes.at(-1);
    };
    expect(await addresses()).toBe('too-many-requests');
    expect(await addresses(['127.0.0.1'])).toBe('wrong-credentials');
  });

  test.each([
    ['password123456', true],
    ['qwertyuiopqwertyuiop', true],
    ['aaaaaaaaaaaaaa', true],
    ['1234567890', true],
    ['Harbour Light', true],
    ['salt and sugar and water', false],
    ['four unlikely spoons', false],
  ])('“%s” is one that is tried first: %s', (password, is) =>
    expect(isCommonPassword(password, ['somebody@example.test', 'Ines', 'Harbour Light'])).toBe(is),
  );

  test('such a password makes no account', async () => {
    const body = {
      name: 'Ines',
      email: `${randomUUID()}@example.test`,
      password: 'password123456',
      kitchenName: 'Galley',
    };
    const { status, json } = await send(app, 'POST', '/api/accounts/register', body);
    expect([status, json.details[0].at]).toEqual([400, 'body.password']);
  });
});

test('what is done for one account is refused under the session of another', async () => {
  const [one, other] = [await newCook(app), await newCook(app)];
  const owner = async (cook: Cook) => {
    const { account, kitchen } = (await cook.send('GET', '/api/accounts/session')).json;
    return `${account.id}/${kitchen.id}`;
  };
  const listed = async (meant: string) =>
    (await send(app, 'GET', '/api/drinks', undefined, { cookie: other.cookie, 'x-wellhydra-owner': meant })).json.code;
  expect(await listed(await owner(one))).toBe('other-session');
  expect(await listed(await owner(other))).toBeUndefined();
});
