import { randomUUID } from 'node:crypto';
import type { Household, Person } from '@wellhydra/core/household';
import type { FastifyInstance } from 'fastify';
import { keyForSession, keyOfSession, newPeopleKey } from '../src/people/people-seal';
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
import { exported } from './archive-files';

/** People under a passphrase: what is stored of them tells nobody anything, and only who says it sees them. */

const PASSPHRASE = 'nine grey gulls on the lee wall';
const [pia, tam] = [randomUUID(), randomUUID()];
const person = (name: string, more: Partial<Person> = {}): Person => ({
  name,
  note: 'sleeps badly before night nets',
  born: null,
  group: 'adult',
  weight_kg: 61.5,
  facts: { kidneys: true },
  lines: {},
  ...more,
});
const HOUSEHOLD: Household = {
  people: { [pia]: person('Piaquill'), [tam]: person('Tamsin-Oriel') },
  spoonPlans: {},
  sweatTests: {},
  sheets: {},
};

let app: FastifyInstance;
beforeAll(async () => {
  app = await startServer(await freshDatabase());
});
afterAll(() => app.close());

/** An owner with people, and whoever else signs in as them. */
async function ownerWithPeople() {
  const email = `owner-${randomUUID()}@example.test`;
  const owner = await newCook(app, { email });
  const saved = await owner.send('PUT', '/api/people', { expectedRevision: 0, people: HOUSEHOLD });
  expect(saved.status).toBe(200);
  const anew = async (): Promise<Cook> => {
    const answer = await send(app, 'POST', '/api/accounts/sign-in', { email, password: 'a long enough password' });
    expect(answer.status).toBe(200);
    return cookWith(app, cookieOf(answer.answer as never));
  };
  return { owner, anew, kitchenId: (await owner.send('GET', '/api/accounts/session')).json.kitchen.id as string };
}
const lock = (cook: Cook, passphrase = PASSPHRASE) => cook.send('PUT', '/api/people/lock', { passphrase });
const open = (cook: Cook, passphrase = PASSPHRASE) => cook.send('POST', '/api/people/lock/open', { passphrase });
const peopleOf = (cook: Cook) => cook.send('GET', '/api/people');
/** Everything that the database holds of sessions and of a kitchen, as text. */
async function stored(kitchenId: string): Promise<string> {
  const [kitchens] = await app.sequelize.query('SELECT * FROM kitchens WHERE id = :kitchenId', {
    replacements: { kitchenId },
  });
  const [sessions] = await app.sequelize.query('SELECT * FROM sessions WHERE kitchen_id = :kitchenId', {
    replacements: { kitchenId },
  });
  return JSON.stringify([kitchens, sessions], (_key, value) =>
    value?.type === 'Buffer' ? Buffer.from(value.data).toString('latin1') : value,
  );
}

describe('people under a passphrase', () => {
  test('nothing of them is stored that can be read, and who locked them goes on as before', async () => {
    const { owner, kitchenId } = await ownerWithPeople();
    expect(await stored(kitchenId)).toContain('Piaquill');
    expect((await lock(owner)).json).toEqual({ locked: true, open: true });
    const text = await stored(kitchenId);
    for (const secret of ['Piaquill', 'Tamsin', 'kidneys', 'night nets', '61.5', PASSPHRASE, pia])
      expect(text).not.toContain(secret);
    expect((await peopleOf(owner)).json).toEqual({ revision: 2, people: HOUSEHOLD });
    // What was on its way when they were locked is not stored over it.
    const late = await owner.send('PUT', '/api/people', { expectedRevision: 1, people: { ...HOUSEHOLD, people: {} } });
    expect([late.status, late.json.code]).toEqual([409, 'edited-elsewhere']);

    const more = { ...HOUSEHOLD, people: { ...HOUSEHOLD.people, [randomUUID()]: person('Juno') } };
    expect((await owner.send('PUT', '/api/people', { expectedRevision: 2, people: more })).json.revision).toBe(3);
    // The same again does no harm, and an older edit is told so, as without a passphrase.
    expect((await owner.send('PUT', '/api/people', { expectedRevision: 2, people: more })).json.revision).toBe(3);
    expect((await owner.send('PUT', '/api/people', { expectedRevision: 2, people: HOUSEHOLD })).json.code).toBe(
      'edited-elsewhere',
    );
    expect(await stored(kitchenId)).not.toContain('Juno');
  });

  test('another session says it once; a wrong one opens nothing, and guessing gets slower', async () => {
    const { owner, anew } = await ownerWithPeople();
    await lock(owner);
    const other = await anew();
    expect((await other.send('GET', '/api/people/lock')).json).toEqual({ locked: true, open: false });
    expect(await peopleOf(other)).toMatchObject({ status: 423, json: { code: 'people-locked' } });
    const edit = await other.send('PUT', '/api/people', { expectedRevision: 1, people: HOUSEHOLD });
    expect(edit.status).toBe(423);
    expect(await open(other, 'nine grey gulls')).toMatchObject({ status: 403, json: { code: 'wrong-passphrase' } });
    expect((await open(other)).json).toEqual({ locked: true, open: true });
    expect((await peopleOf(other)).json.people).toEqual(HOUSEHOLD);
    // A keyboard may put signs together as it likes.
    await lock(owner, 'nine gre\u0301y gulls on the wall');
    const third = await anew();
    expect((await open(third, 'nine grey gulls on the wall')).status).toBe(403);
    expect((await open(third, 'nine gr\u00e9y gulls on the wall')).status).toBe(200);
    expect((await other.send('POST', '/api/people/lock/shut')).status).toBe(204);
    expect((await peopleOf(other)).status).toBe(423);
  });

  test('with another passphrase the former opens nothing, and who had opened them still sees them', async () => {
    const { owner, anew } = await ownerWithPeople();
    await lock(owner);
    const other = await anew();
    await open(other);
    const third = await anew();
    // Who has not opened them cannot put them under another.
    expect((await lock(third, 'another passphrase')).status).toBe(423);
    expect((await lock(owner, 'another passphrase')).status).toBe(200);
    expect((await open(third)).status).toBe(403);
    expect((await peopleOf(other)).json.people).toEqual(HOUSEHOLD);
    expect((await owner.send('DELETE', '/api/people/lock')).json).toEqual({ locked: false, open: true });
    expect((await peopleOf(third)).json.people).toEqual(HOUSEHOLD);
  });

  test('makers and drinkers open them, and only an owner locks, unlocks and forgets them', async () => {
    const { owner } = await ownerWithPeople();
    const { invitation, drinkerInvitation } = (await owner.send('GET', '/api/kitchen')).json;
    const maker = await newCook(app, { invitation, kitchenName: undefined });
    const drinker = await newCook(app, { invitation: drinkerInvitation, kitchenName: undefined });
    const { account } = (await drinker.send('GET', '/api/accounts/session')).json;
    await owner.send('PUT', `/api/kitchen/members/${account.id}/role`, { role: 'drinker', personId: pia });
    for (const cook of [maker, drinker]) expect((await lock(cook)).status).toBe(403);
    await lock(owner);
    for (const cook of [maker, drinker]) {
      expect((await peopleOf(cook)).status).toBe(423);
      expect((await open(cook)).status).toBe(200);
      expect((await cook.send('DELETE', '/api/people/lock')).status).toBe(403);
      expect((await cook.send('DELETE', '/api/people')).status).toBe(403);
    }
    expect((await peopleOf(maker)).json.people).toEqual(HOUSEHOLD);
    // A drinker sees themselves, whatever they can open.
    expect(Object.keys((await peopleOf(drinker)).json.people.people)).toEqual([pia]);
  });

  test('no label is printed without knowing whom it has to warn', async () => {
    const { owner, anew } = await ownerWithPeople();
    const { ids } = await bottledDrink(owner);
    await lock(owner);
    const other = await anew();
    const order = { bottles: [ids.bottle], sheet: 'a4-21', start: 1 };
    expect(await other.send('POST', '/api/documents/labels', order)).toMatchObject({
      status: 423,
      json: { code: 'people-locked' },
    });
    expect((await owner.send('POST', '/api/documents/labels', order)).status).toBe(200);
  });

  test('what nobody can open any more is forgotten by an owner, and pours stay without their names', async () => {
    const { owner, anew } = await ownerWithPeople();
    expect((await owner.send('DELETE', '/api/people')).status).toBe(404);
    const { ids } = await bottledDrink(owner);
    const poured = { volume_mL: 50, pouredAt: new Date().toISOString(), personId: pia };
    expect((await owner.send('PUT', `/api/bottles/${ids.bottle}/pours/${randomUUID()}`, poured)).status).toBe(200);
    await lock(owner);
    const other = await anew();
    expect((await other.send('DELETE', '/api/people')).json).toEqual({ locked: false, open: true });
    expect((await peopleOf(other)).json).toEqual({ revision: 3, people: null });
    const { pours } = (await other.send('GET', `/api/bottles/${ids.bottle}/pours`)).json;
    expect(
      pours.map(({ personId, volume_mL }: { personId: string; volume_mL: number }) => [personId, volume_mL]),
    ).toEqual([[null, 50]]);
  });

  test('an archive carries them as they are stored, and what it is brought into opens with the same passphrase', async () => {
    const { owner } = await ownerWithPeople();
    await lock(owner);
    const text = await exported(app, owner);
    expect(text).not.toContain('Piaquill');
    const other = await newCook(app);
    const bring = (cook: Cook, mode: string) =>
      app.inject({
        method: 'POST',
        url: `/api/kitchen/archive?mode=${mode}`,
        headers: { cookie: cook.cookie, 'content-type': 'application/x-ndjson' },
        payload: text,
      });
    expect((await bring(other, 'replace')).statusCode).toBe(200);
    expect((await peopleOf(other)).status).toBe(423);
    expect((await open(other)).status).toBe(200);
    expect((await peopleOf(other)).json.people).toEqual(HOUSEHOLD);
    // What is under a passphrase cannot be put together with what is there.
    const third = await newCook(app);
    await third.send('PUT', '/api/people', { expectedRevision: 0, people: HOUSEHOLD });
    const merged = await bring(third, 'merge');
    expect([merged.statusCode, merged.json().code]).toEqual([423, 'people-locked']);
    expect((await peopleOf(third)).json.people).toEqual(HOUSEHOLD);
  });

  test('what stood there before an archive came in is sealed with them, and comes back under the same passphrase', async () => {
    const { owner, kitchenId } = await ownerWithPeople();
    const empty = await exported(app, await newCook(app));
    const brought = await app.inject({
      method: 'POST',
      url: '/api/kitchen/archive?mode=replace',
      headers: { cookie: owner.cookie, 'content-type': 'application/x-ndjson' },
      payload: empty,
    });
    expect(brought.statusCode).toBe(200);
    await lock(owner);
    const [former] = await app.sequelize.query('SELECT people::text FROM kitchens WHERE kept_for = :kitchenId', {
      replacements: { kitchenId },
    });
    expect(JSON.stringify(former)).toContain('sealed');
    expect(JSON.stringify(former)).not.toContain('Piaquill');
    expect((await owner.send('POST', '/api/kitchen/archive/undo')).status).toBeLessThan(300);
    expect((await peopleOf(owner)).json.people).toEqual(HOUSEHOLD);
  });

  test('what a session keeps opens nothing with the token of another', () => {
    const key = newPeopleKey();
    const kept = keyForSession(key, 'one token');
    expect(keyOfSession(kept, 'one token')).toEqual(key);
    expect(keyOfSession(kept, 'another token')).toBeNull();
    expect(kept.includes(key)).toBe(false);
    const changed = Buffer.from(kept);
    changed[20]! ^= 1;
    expect(keyOfSession(changed, 'one token')).toBeNull();
  });
});
