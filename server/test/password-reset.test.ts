import { readFileSync, readdirSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import type { FastifyInstance } from 'fastify';
import { configFromEnvironment } from '../src/config';
import { cookWith, cookieOf, freshDatabase, newCook, send, startServer, testOutbox, type Cook } from './kitchen-server';

/** A password that was forgotten, and the mail that helps. */

let app: FastifyInstance;
beforeAll(async () => {
  app = await startServer(await freshDatabase(), { signInsPerQuarter: 50 });
});
afterAll(async () => {
  await app.close();
  rmSync(testOutbox, { recursive: true, force: true });
});

const PASSWORD = 'a long enough password';
const NEW = 'kelp lantern ferry oats';
const emailOf = async (cook: Cook): Promise<string> =>
  (await cook.send('GET', '/api/accounts/session')).json.account.email;
const ask = (email: string, headers: Record<string, string> = {}) =>
  send(app, 'POST', '/api/accounts/reset-request', { email }, headers);
const reset = (token: string, newPassword = NEW) => send(app, 'POST', '/api/accounts/reset', { token, newPassword });
const signIn = (email: string, password: string) => send(app, 'POST', '/api/accounts/sign-in', { email, password });

/** Mails to somebody, as they lie in the outbox. */
const mailsTo = (email: string): readonly string[] => {
  try {
    return readdirSync(testOutbox)
      .sort()
      .map((name) => readFileSync(join(testOutbox, name), 'utf8').replaceAll('=\r\n', '').replaceAll('=3D', '='))
      .filter((mail) => mail.includes(`To: ${email}`));
  } catch {
    return [];
  }
};
/** The newest mail, once there are so many: it is sent behind the answer. */
async function mailTo(email: string, count = 1): Promise<string> {
  for (let tries = 0; tries < 100; tries += 1) {
    const mails = mailsTo(email);
    if (mails.length >= count) return mails.at(-1)!;
    await new Promise((resolve) => setTimeout(resolve, 50));
  }
  throw new Error(`no mail to ${email}`);
}
const tokenIn = (mail: string): string => /#reset=([\w-]+)/.exec(mail)![1]!;

test('a link comes by mail, gives a new password once, and signs out everywhere', async () => {
  const cook = await newCook(app);
  const email = await emailOf(cook);
  expect((await ask(email)).status).toBe(202);
  const mail = await mailTo(email);
  expect(mail).toMatch(/http:\/\/localhost:4870\/welcome#reset=/);
  const token = tokenIn(mail);
  expect((await reset(token, 'password1234')).json.message).toMatch(/tried first/);
  expect((await reset(token)).status).toBe(204);
  expect((await cook.send('GET', '/api/drinks')).status).toBe(401);
  expect((await signIn(email, PASSWORD)).status).toBe(401);
  const again = cookWith(app, cookieOf((await signIn(email, NEW)).answer));
  const { lines } = (await again.send('GET', '/api/kitchen/members/audit')).json;
  expect(lines.map(({ kind, about }: any) => [kind, about])).toEqual([['password-changed', 'by mail']]);
  expect((await reset(token)).json.code).toBe('reset-over');
});

test('a newer link, used, makes the older one nothing; an old one is over', async () => {
  const cook = await newCook(app);
  const email = await emailOf(cook);
  await ask(email);
  const first = tokenIn(await mailTo(email));
  await ask(email);
  const second = tokenIn(await mailTo(email, 2));
  expect((await reset(second)).status).toBe(204);
  expect((await reset(first)).json.code).toBe('reset-over');
  await ask(email);
  const late = tokenIn(await mailTo(email, 3));
  await app.sequelize.query(`UPDATE password_resets SET expires_at = now() - interval '1 second'`);
  expect((await reset(late)).json.code).toBe('reset-over');
  expect((await reset('made-up')).json.code).toBe('reset-over');
});

test('a link that was used leaves those of others as they are', async () => {
  const [mine, theirs] = [await emailOf(await newCook(app)), await emailOf(await newCook(app))];
  await ask(mine);
  await ask(theirs);
  const [own, other] = [tokenIn(await mailTo(mine)), tokenIn(await mailTo(theirs))];
  expect((await reset(own)).status).toBe(204);
  expect((await reset(other)).status).toBe(204);
});

test('whether there is an account is told to nobody, and no letter box is filled', async () => {
  const cook = await newCook(app);
  const email = await emailOf(cook);
  const [known, unknown] = [await ask(email), await ask('nobody@example.test')];
  expect([unknown.status, unknown.answer.body]).toEqual([known.status, known.answer.body]);
  for (let more = 0; more < 5; more += 1) await ask(email);
  await mailTo(email, 3);
  await new Promise((resolve) => setTimeout(resolve, 300));
  expect(mailsTo(email)).toHaveLength(3);
  expect(mailsTo('nobody@example.test')).toHaveLength(0);
});

test('a link leads where the server is set to be, whatever a request says of it', async () => {
  const cook = await newCook(app);
  const email = await emailOf(cook);
  await ask(email, { host: 'evil.example', 'x-forwarded-host': 'evil.example' });
  expect(await mailTo(email)).not.toContain('evil.example');
});

test('the link is not in the database', async () => {
  const cook = await newCook(app);
  const email = await emailOf(cook);
  await ask(email);
  const token = tokenIn(await mailTo(email));
  const [rows] = await app.sequelize.query('SELECT * FROM password_resets');
  expect(JSON.stringify(rows)).not.toContain(token);
});

test.each([
  [{ MAIL_URL: 'mail.example' }, /MAIL_URL is no address of a mail server/],
  [{ MAIL_URL: 'https://mail.example' }, /MAIL_URL/],
  [{ PUBLIC_URL: 'drinks' }, /PUBLIC_URL is no address/],
])('%j is told to be no setting', (env, message) =>
  expect(() => configFromEnvironment({ DATABASE_URL: 'postgres://localhost/x', ...env })).toThrow(message),
);
