import { randomUUID } from 'node:crypto';
import type { FastifyInstance } from 'fastify';
import { keepDemoAlive } from '../src/demo/keep-demo-alive';
import {
  bottledDrink,
  cookWith,
  cookieOf,
  freshDatabase,
  newCook,
  send,
  startServer,
  type Cook,
} from './kitchen-server';

/** Who is in a kitchen and may do what, accounts of one's own, and the line that is left by each. */

let app: FastifyInstance;
beforeAll(async () => {
  app = await startServer(await freshDatabase(), { demo: true });
  await keepDemoAlive(app.context, new Date());
});
afterAll(() => app.close());

const PASSWORD = 'a long enough password';
const sessionOf = async (cook: Cook) => (await cook.send('GET', '/api/accounts/session')).json;
const kitchenOf = async (cook: Cook) => (await cook.send('GET', '/api/kitchen')).json;
const linesOf = async (cook: Cook) =>
  (await cook.send('GET', '/api/kitchen/members/audit')).json.lines.map(({ kind, by, whom, about }: any) => [
    kind,
    by,
    whom ? `${whom}: ${about}` : about,
  ]);

/** An owner, and a maker of the same kitchen. */
async function two(): Promise<{ owner: Cook; maker: Cook; makerId: string; ownerId: string }> {
  const owner = await newCook(app, { name: 'Ines' });
  const { invitation } = await kitchenOf(owner);
  const maker = await newCook(app, { name: 'Wilf', invitation });
  const [{ account: a }, { account: b }] = [await sessionOf(owner), await sessionOf(maker)];
  return { owner, maker, ownerId: a.id, makerId: b.id };
}
async function signedInAgain(cook: Cook, password = PASSWORD) {
  const { account } = await sessionOf(cook);
  return send(app, 'POST', '/api/accounts/sign-in', { email: account.email, password }, { 'user-agent': 'A phone' });
}

describe('roles', () => {
  test('whoever makes a kitchen owns it, whoever is invited makes drinks in it', async () => {
    const { owner, maker } = await two();
    expect((await sessionOf(owner)).kitchen.role).toBe('owner');
    expect((await sessionOf(maker)).kitchen.role).toBe('maker');
    expect((await kitchenOf(maker)).members.map(({ name, role }: any) => [name, role])).toEqual([
      ['Ines', 'owner'],
      ['Wilf', 'maker'],
    ]);
    expect(await linesOf(owner)).toEqual([['joined', 'Wilf', '']]);
  });

  test.each([
    ['POST', '/api/kitchen/invitation', undefined],
    ['POST', '/api/kitchen/archive/undo', undefined],
    ['PUT', '/api/kitchen/members/{owner}/role', { role: 'maker' }],
    ['DELETE', '/api/kitchen/members/{owner}', undefined],
  ])('%s %s is for owners', async (method, url, body) => {
    const { maker, ownerId } = await two();
    const { status, json } = await maker.send(method, url.replace('{owner}', ownerId), body);
    expect([status, json.code]).toEqual([403, 'owners-only']);
  });

  test('a maker brings no archive in', async () => {
    const { maker } = await two();
    const answer = await app.inject({
      method: 'POST',
      url: '/api/kitchen/archive?mode=replace',
      headers: { cookie: maker.cookie, 'content-type': 'application/x-ndjson' },
      payload: '{}',
    });
    expect([answer.statusCode, answer.json().code]).toEqual([403, 'owners-only']);
  });

  test('a kitchen is handed over: somebody else is made an owner, and then the first goes', async () => {
    const { owner, maker, makerId, ownerId } = await two();
    const role = (cook: Cook, id: string, to: string) =>
      cook.send('PUT', `/api/kitchen/members/${id}/role`, { role: to });
    expect((await role(owner, ownerId, 'maker')).json.code).toBe('last-owner');
    expect((await role(owner, makerId, 'owner')).status).toBe(200);
    expect((await role(owner, ownerId, 'maker')).status).toBe(200);
    // What somebody may do holds from the next request on.
    expect((await role(owner, makerId, 'maker')).json.code).toBe('owners-only');
    expect(await linesOf(maker)).toEqual(
      expect.arrayContaining([
        ['role-changed', 'Ines', 'Wilf: owner'],
        ['role-changed', 'Ines', 'Ines: maker'],
      ]),
    );
    expect((await role(maker, randomUUID(), 'owner')).status).toBe(404);
  });

  test('two owners who step down at once leave one', async () => {
    const { owner, maker, makerId, ownerId } = await two();
    await owner.send('PUT', `/api/kitchen/members/${makerId}/role`, { role: 'owner' });
    const down = (cook: Cook, id: string) => cook.send('PUT', `/api/kitchen/members/${id}/role`, { role: 'maker' });
    const answers = await Promise.all([down(owner, ownerId), down(maker, makerId)]);
    expect(answers.map(({ status }) => status).sort()).toEqual([200, 409]);
  });
});

describe('going', () => {
  test('who is taken out is out at once, cannot come back by the old code, and has a kitchen of their own', async () => {
    const { owner, maker, makerId } = await two();
    const { account } = await sessionOf(maker);
    await bottledDrink(maker);
    const { invitation } = await kitchenOf(owner);
    expect((await owner.send('DELETE', `/api/kitchen/members/${makerId}`)).status).toBe(200);
    expect((await maker.send('GET', '/api/drinks')).status).toBe(401);
    const { invitation: next, members } = await kitchenOf(owner);
    expect([next === invitation, members.length]).toEqual([false, 1]);
    // What they did stays, under their name.
    expect((await owner.send('GET', '/api/brews')).json.brews[0].madeBy).toBe('Wilf');
    const again = await send(app, 'POST', '/api/accounts/sign-in', { email: account.email, password: PASSWORD });
    expect(again.json.kitchen).toMatchObject({ name: 'My kitchen', role: 'owner' });
    expect((await cookWith(app, cookieOf(again.answer)).send('GET', '/api/drinks')).json.drinks).toEqual([]);
  });

  test('leaving goes to a kitchen of one’s own; the last owner hands over first', async () => {
    const { owner, maker } = await two();
    const leave = (cook: Cook) =>
      send(app, 'POST', '/api/kitchen/members/leave', { kitchenName: 'Wilf’s' }, { cookie: cook.cookie });
    expect((await leave(owner)).json.code).toBe('last-owner');
    const left = await leave(maker);
    expect(left.json.kitchen).toMatchObject({ name: 'Wilf’s', role: 'owner' });
    expect((await sessionOf(cookWith(app, cookieOf(left.answer)))).kitchen.name).toBe('Wilf’s');
    expect((await maker.send('GET', '/api/drinks')).status).toBe(401);
    expect(await linesOf(owner)).toContainEqual(['left', 'Wilf', '']);
  });
});

describe('an account of one’s own', () => {
  test('where one is signed in is told, and ended one by one or all but here', async () => {
    const cook = await newCook(app);
    const phone = cookWith(app, cookieOf((await signedInAgain(cook)).answer));
    const third = cookWith(app, cookieOf((await signedInAgain(cook)).answer));
    const list = async () => (await cook.send('GET', '/api/accounts/sessions')).json.sessions;
    expect((await list()).map(({ here, device }: any) => [here, device])).toEqual([
      [true, expect.any(String)],
      [false, 'A phone'],
      [false, 'A phone'],
    ]);
    expect(JSON.stringify(await list())).not.toContain(phone.cookie.split('=')[1]);
    const [, one] = await list();
    expect((await cook.send('DELETE', `/api/accounts/sessions/${one.id}`)).status).toBe(204);
    expect(
      [(await phone.send('GET', '/api/drinks')).status, (await third.send('GET', '/api/drinks')).status].sort(),
    ).toEqual([200, 401]);
    expect((await cook.send('POST', '/api/accounts/sign-out-elsewhere')).status).toBe(204);
    expect([(await phone.send('GET', '/api/drinks')).status, (await third.send('GET', '/api/drinks')).status]).toEqual([
      401, 401,
    ]);
    expect(await list()).toHaveLength(1);
  });

  test('nobody ends a session of somebody else', async () => {
    const { owner, maker } = await two();
    const [{ id }] = (await maker.send('GET', '/api/accounts/sessions')).json.sessions;
    expect((await owner.send('DELETE', `/api/accounts/sessions/${id}`)).status).toBe(404);
    expect((await maker.send('GET', '/api/drinks')).status).toBe(200);
  });

  test('a new password needs the old one, is none of the commonest, and signs out everywhere else', async () => {
    const cook = await newCook(app);
    const phone = cookWith(app, cookieOf((await signedInAgain(cook)).answer));
    const change = (password: string, newPassword: string) =>
      cook.send('PUT', '/api/accounts/password', { password, newPassword });
    expect((await change('not the right one', 'kelp lantern ferry oats')).json.code).toBe('wrong-credentials');
    expect((await change(PASSWORD, 'password1234')).json.message).toMatch(/tried first/);
    expect((await change(PASSWORD, 'short')).status).toBe(400);
    expect((await change(PASSWORD, 'kelp lantern ferry oats')).status).toBe(204);
    expect([(await cook.send('GET', '/api/drinks')).status, (await phone.send('GET', '/api/drinks')).status]).toEqual([
      200, 401,
    ]);
    expect((await signedInAgain(cook)).status).toBe(401);
    expect((await signedInAgain(cook, 'kelp lantern ferry oats')).status).toBe(200);
    expect(await linesOf(cook)).toEqual([['password-changed', expect.any(String), '']]);
  });

  test('what is known of one is given, without password and token', async () => {
    const { maker } = await two();
    const { status, json } = await maker.send('GET', '/api/accounts/own-data');
    expect([status, json.account.name, json.kitchen.role, json.sessions.length, json.audit.length]).toEqual([
      200,
      'Wilf',
      'maker',
      1,
      1,
    ]);
    expect(JSON.stringify(json)).not.toMatch(/argon2|token/i);
  });

  test('an account that is deleted is gone; what was done stays, by name or by somebody who left', async () => {
    for (const keepName of [true, false]) {
      const { owner, maker } = await two();
      await bottledDrink(maker);
      const { account } = await sessionOf(maker);
      const remove = (password: string) => maker.send('POST', '/api/accounts/delete', { password, keepName });
      expect((await remove('not the right one')).json.code).toBe('wrong-credentials');
      expect((await remove(PASSWORD)).status).toBe(204);
      expect((await maker.send('GET', '/api/drinks')).status).toBe(401);
      expect(
        (await send(app, 'POST', '/api/accounts/sign-in', { email: account.email, password: PASSWORD })).status,
      ).toBe(401);
      const name = keepName ? 'Wilf' : 'Somebody who left';
      expect((await owner.send('GET', '/api/brews')).json.brews[0].madeBy).toBe(name);
      expect(JSON.stringify(await linesOf(owner)).includes('Wilf')).toBe(keepName);
      expect(await linesOf(owner)).toContainEqual(['account-deleted', name, '']);
      // The e-mail is free again.
      expect(
        (
          await send(app, 'POST', '/api/accounts/register', {
            name: 'Wilf',
            email: account.email,
            password: PASSWORD,
            kitchenName: 'New',
          })
        ).status,
      ).toBe(201);
    }
  });

  test('of two members of one name, only the one who goes is somebody who left; what was done to them is, too', async () => {
    const owner = await newCook(app, { name: 'Tam' });
    const { invitation } = await kitchenOf(owner);
    const other = await newCook(app, { name: 'Tam', invitation });
    const { account } = await sessionOf(other);
    await owner.send('PUT', `/api/kitchen/members/${account.id}/role`, { role: 'owner' });
    await other.send('POST', '/api/accounts/delete', { password: PASSWORD, keepName: false });
    expect(await linesOf(owner)).toEqual([
      ['account-deleted', 'Somebody who left', ''],
      ['role-changed', 'Tam', 'Somebody who left: owner'],
      ['joined', 'Somebody who left', ''],
    ]);
  });

  test('with the last member the kitchen goes, with all that is in it; the last owner hands over first', async () => {
    const { owner, maker, makerId } = await two();
    await bottledDrink(owner);
    const { kitchen } = await sessionOf(owner);
    const remove = (cook: Cook) => cook.send('POST', '/api/accounts/delete', { password: PASSWORD, keepName: false });
    expect((await remove(owner)).json.code).toBe('last-owner');
    await owner.send('PUT', `/api/kitchen/members/${makerId}/role`, { role: 'owner' });
    expect((await remove(owner)).status).toBe(204);
    expect((await maker.send('GET', '/api/drinks')).json.drinks).toHaveLength(1);
    expect((await remove(maker)).status).toBe(204);
    const [rows] = await app.sequelize.query(`SELECT id FROM drinks WHERE kitchen_id = '${kitchen.id}'`);
    expect(rows).toEqual([]);
  });

  test('whoever goes last leaves no name, though they would have left it to others', async () => {
    const last = await newCook(app, { name: 'Brida of the last kitchen' });
    const { account } = await sessionOf(last);
    await last.send('POST', '/api/accounts/delete', { password: PASSWORD, keepName: true });
    const [rows] = await app.sequelize.query(`SELECT name FROM accounts WHERE id = '${account.id}'`);
    expect(rows.filter(({ name }: any) => name.includes('Brida'))).toEqual([]);
  });
});

test('a visitor of the demo has no account of their own, and sees no other visitor', async () => {
  const visit = async () => cookWith(app, cookieOf((await send(app, 'POST', '/api/accounts/demo')).answer));
  const [one] = [await visit(), await visit()];
  for (const [method, url, body] of [
    ['GET', '/api/accounts/sessions', undefined],
    ['GET', '/api/accounts/own-data', undefined],
    ['POST', '/api/accounts/sign-out-elsewhere', undefined],
    ['PUT', '/api/accounts/password', { password: 'x', newPassword: 'kelp lantern ferry oats' }],
    ['POST', '/api/accounts/delete', { password: 'x', keepName: true }],
    ['POST', '/api/kitchen/members/leave', { kitchenName: 'Mine' }],
    ['DELETE', `/api/kitchen/members/${(await sessionOf(one)).account.id}`, undefined],
  ] as const)
    expect([url, (await one.send(method, url, body)).json?.code]).toEqual([url, 'not-in-demo']);
});
