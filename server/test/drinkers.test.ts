import { randomUUID } from 'node:crypto';
import type { Household, Person } from '@wellhydra/core/household';
import type { FastifyInstance } from 'fastify';
import { bottledDrink, freshDatabase, newCook, startServer, type Cook } from './kitchen-server';

/** Members who drink what others make: they see bottles, what they pour, and their own lines. */

let app: FastifyInstance;
let owner: Cook;
let drinker: Cook;
let drinkerId: string;
let bottle: string;
const [pia, tam, drink] = [randomUUID(), randomUUID(), randomUUID()];
const person = (name: string): Person => ({
  name,
  note: '',
  born: null,
  group: 'adult',
  weight_kg: 70,
  facts: { kidneys: true },
  lines: {},
});
const PLAN = {
  drinkId: drink,
  amount_mL: 5,
  begins: '2026-11-30T08:00:00.000Z',
  phases: [{ days: 2, timesADay: 3 }],
  from_min: 480,
  to_min: 1200,
  ended: null,
};
const [SHARED, HERS] = [randomUUID(), randomUUID()];
const skippedBy = (id: string) => ({ [`${id}@2026-11-30T08:00:00.000Z`]: true as const });
const HOUSEHOLD: Household = {
  people: { [pia]: person('Pia'), [tam]: person('Tam') },
  spoonPlans: {
    [SHARED]: { ...PLAN, people: { [pia]: true, [tam]: true }, skipped: { ...skippedBy(pia), ...skippedBy(tam) } },
    [HERS]: { ...PLAN, people: { [pia]: true }, skipped: {} },
  },
  sweatTests: {},
  sheets: {
    [randomUUID()]: { personId: pia, begins: '2026-11-30T08:00:00.000Z', entries: {}, signs: {}, ended: null },
  },
  madeFor: { [drink]: { [pia]: true } },
};

const detailsOf = async (cook: Cook) => (await cook.send('GET', '/api/kitchen')).json;
const sessionOf = async (cook: Cook) => (await cook.send('GET', '/api/accounts/session')).json;
const becomes = (role: string, personId?: string | null) =>
  owner.send('PUT', `/api/kitchen/members/${drinkerId}/role`, {
    role,
    ...(personId === undefined ? {} : { personId }),
  });
const pour = (cook: Cook, more: object = {}, pourId: string = randomUUID()) =>
  cook.send('PUT', `/api/bottles/${bottle}/pours/${pourId}`, {
    volume_mL: 50,
    pouredAt: new Date().toISOString(),
    ...more,
  });

beforeAll(async () => {
  app = await startServer(await freshDatabase());
});
beforeEach(async () => {
  owner = await newCook(app, { name: 'Ines' });
  const saved = await owner.send('PUT', '/api/people', { expectedRevision: 0, people: HOUSEHOLD });
  expect(saved.status).toBe(200);
  bottle = (await bottledDrink(owner)).ids.bottle;
  const { drinkerInvitation } = await detailsOf(owner);
  drinker = await newCook(app, { name: 'Tam', invitation: drinkerInvitation.toLowerCase() });
  drinkerId = (await sessionOf(drinker)).account.id;
});
afterAll(() => app.close());

test('whoever comes in by the code for drinkers is one, and is nobody of the people until an owner says so', async () => {
  expect((await sessionOf(drinker)).kitchen).toMatchObject({ role: 'drinker', personId: null });
  expect((await drinker.send('GET', '/api/people')).json.people.people).toEqual({});
  expect((await becomes('drinker', tam)).json.members[1]).toMatchObject({ role: 'drinker', personId: tam });
  expect((await sessionOf(drinker)).kitchen.personId).toBe(tam);
  const lines = (await owner.send('GET', '/api/kitchen/members/audit')).json.lines;
  expect(lines.map(({ kind, about }: any) => [kind, about])).toEqual([['joined', 'drinker']]);
});

/** Everything that is for drinkers; what is not named is for makers, also what is added one day. */
const THEIRS = new Set([
  'GET /api/accounts/session',
  'GET /api/accounts/sessions',
  'DELETE /api/accounts/sessions/{id}',
  'POST /api/accounts/sign-out-elsewhere',
  'PUT /api/accounts/password',
  'GET /api/accounts/own-data',
  'POST /api/accounts/delete',
  'POST /api/kitchen/members/leave',
  'GET /api/bottles/',
  'GET /api/bottles/{id}',
  'PUT /api/bottles/{id}/pours/{pourId}',
  'DELETE /api/bottles/{id}/pours/{pourId}',
  'GET /api/people/',
  'GET /api/people/pours',
  'GET /api/people/lock',
  'POST /api/people/lock/open',
  'POST /api/people/lock/shut',
]);
const OPEN = /^\/api\/(?:health|ready|accounts\/(?:options|register|sign-in|demo|reset-request|reset|sign-out))$/;

test('every other route is refused to them before anything is read of the request', async () => {
  const { paths } = app.swagger() as { paths: Record<string, Record<string, unknown>> };
  const asked = Object.entries(paths).flatMap(([url, methods]) =>
    Object.keys(methods).map((method) => ({ method: method.toUpperCase(), url })),
  );
  const closed = asked.filter(({ method, url }) => !OPEN.test(url) && !THEIRS.has(`${method} ${url}`));
  expect(closed.length).toBeGreaterThan(40);
  for (const { method, url } of closed) {
    const { status, json } = await drinker.send(method, url.replaceAll(/\{\w+\}/g, randomUUID()));
    expect([method, url, status, json?.code]).toEqual([method, url, 403, 'makers-only']);
  }
  const known = new Set(asked.map(({ method, url }) => `${method} ${url}`));
  expect([...THEIRS].filter((each) => !known.has(each))).toEqual([]);
});

test('of the people they see themselves, and of a plan that is shared their own part', async () => {
  await becomes('drinker', tam);
  const { people } = (await drinker.send('GET', '/api/people')).json;
  expect(people).toEqual({
    people: { [tam]: HOUSEHOLD.people[tam] },
    spoonPlans: { [SHARED]: { ...PLAN, people: { [tam]: true }, skipped: skippedBy(tam) } },
    sweatTests: {},
    sheets: {},
  });
  expect(JSON.stringify(people)).not.toContain(pia);
});

test('whoever is made somebody else sees a newer document, so that no device goes on with what it had', async () => {
  const revisions = [];
  for (const is of [null, tam, pia, null]) {
    await becomes('drinker', is);
    revisions.push((await drinker.send('GET', '/api/people')).json.revision);
  }
  await becomes('maker');
  revisions.push((await drinker.send('GET', '/api/people')).json.revision);
  expect(revisions).toEqual([1, 2, 3, 4, 5]);
});

test('what they pour is theirs; what others had, and who had it, they do not see', async () => {
  await becomes('drinker', tam);
  await pour(owner, { personId: pia });
  expect((await pour(drinker)).status).toBe(200);
  expect((await pour(drinker, { personId: tam })).status).toBe(200);
  expect((await pour(drinker, { personId: pia })).json.code).toBe('makers-only');
  const { pours } = (await drinker.send('GET', '/api/people/pours')).json;
  expect(pours.map(({ personId }: any) => personId)).toEqual([tam, tam]);
  expect((await drinker.send('GET', `/api/people/pours?personId=${pia}`)).json.pours).toEqual([]);
  expect((await owner.send('GET', '/api/people/pours')).json.pours).toHaveLength(3);
});

test('they take back what they poured, and nobody else’s', async () => {
  const [mine, hers] = [randomUUID(), randomUUID()];
  await pour(drinker, {}, mine);
  await pour(owner, {}, hers);
  const back = (id: string) => drinker.send('DELETE', `/api/bottles/${bottle}/pours/${id}`);
  expect((await back(hers)).status).toBe(404);
  expect((await back(mine)).status).toBe(200);
});

test('a label says for whom a drink is not: they see bottles without it', async () => {
  await owner.send('POST', '/api/documents/labels/stuck', { bottles: [bottle] });
  expect((await owner.send('GET', `/api/bottles/${bottle}`)).json.label?.said).toEqual(expect.any(String));
  const seen = [
    (await drinker.send('GET', `/api/bottles/${bottle}`)).json,
    ...(await drinker.send('GET', '/api/bottles')).json.bottles,
    (await pour(drinker)).json,
  ];
  expect(seen.map(({ label }) => label)).toEqual([null, null, null]);
});

test('a maker who is made a drinker is one with the next request, and a drinker who is made a maker is nobody’s', async () => {
  await becomes('drinker', tam);
  await becomes('maker');
  expect((await drinker.send('GET', '/api/drinks')).status).toBe(200);
  expect((await sessionOf(drinker)).kitchen).toMatchObject({ role: 'maker', personId: null });
  await becomes('drinker');
  expect((await drinker.send('GET', '/api/drinks')).json.code).toBe('makers-only');
});

test('both codes are replaced together', async () => {
  const before = await detailsOf(owner);
  const after = (await owner.send('POST', '/api/kitchen/invitation')).json;
  expect(after.invitation).not.toBe(before.invitation);
  expect(after.drinkerInvitation).not.toBe(before.drinkerInvitation);
});
