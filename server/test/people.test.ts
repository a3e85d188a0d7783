import { randomUUID } from 'node:crypto';
import type { HouseholdRecord } from '@wellhydra/contract';
import type { Person } from '@wellhydra/core/household';
import type { FastifyInstance } from 'fastify';
import { bottledDrink, freshDatabase, newCook, startServer, type Cook } from './kitchen-server';

let app: FastifyInstance;
let cook: Cook;
beforeAll(async () => {
  app = await startServer(await freshDatabase());
});
beforeEach(async () => {
  cook = await newCook(app);
});
afterAll(() => app.close());

const PERSON: Person = { name: 'Tam', note: '', born: '2019-05', group: 'child', weight_kg: 22, facts: {}, lines: {} };
const NOBODY = { people: {}, spoonPlans: {}, sweatTests: {}, sheets: {} };
const save = (expectedRevision: number, people: object) =>
  cook.send('PUT', '/api/people', { expectedRevision, people: { ...NOBODY, ...people } });
const pour = (bottle: string, more: object = {}) =>
  cook.send('PUT', `/api/bottles/${bottle}/pours/${randomUUID()}`, {
    volume_mL: 250,
    pouredAt: new Date().toISOString(),
    ...more,
  });

test('people are kept as one document, and an older edit is told so', async () => {
  const [tam, pia] = [randomUUID(), randomUUID()];
  expect((await cook.send('GET', '/api/people')).json).toEqual({ revision: 0, people: null });
  expect((await save(0, { people: { [tam]: PERSON } })).json.revision).toBe(1);
  expect((await save(0, { people: { [pia]: PERSON } })).json.code).toBe('edited-elsewhere');
  const { people }: HouseholdRecord = (await cook.send('GET', '/api/people')).json;
  expect(people?.people[tam]).toEqual(PERSON);
});

test.each([
  ['a fact that is none', { facts: { tall: true } }],
  ['a fact that is not so', { facts: { vegan: false } }],
  ['a month that is none', { born: '2019-13' }],
  ['a weight that nobody has', { weight_kg: 0 }],
  ['a line that is none', { lines: { 'a b': { most: 1, from: 'own' } } }],
  ['no name', { name: ' ' }],
])('%s is refused', async (_what, by) => {
  const { status, json } = await save(0, { people: { [randomUUID()]: { ...PERSON, ...by } } });
  expect([status, json.code]).toEqual([400, 'invalid-request']);
});

test('who drank what, with what it was, and nothing of anybody else', async () => {
  const tam = randomUUID();
  await save(0, { people: { [tam]: PERSON } });
  const { ids } = await bottledDrink(cook);
  await pour(ids.bottle, { personId: tam });
  await pour(ids.bottle);
  const { json } = await cook.send('GET', '/api/people/pours');
  expect(json.pours).toHaveLength(1);
  expect(json.pours[0]).toMatchObject({ bottleId: ids.bottle, personId: tam, volume_mL: 250, brought: null });
  expect(json.brews[ids.brew]).toMatchObject({
    kind: 'rehydration',
    facts: { added: { potassium_mg: expect.any(Number) } },
  });
  expect((await cook.send('GET', `/api/people/pours?personId=${randomUUID()}`)).json.pours).toEqual([]);
  const tomorrow = new Date(Date.now() + 86_400_000).toISOString();
  expect((await cook.send('GET', `/api/people/pours?since=${tomorrow}`)).json.pours).toEqual([]);
  const stranger = await newCook(app);
  expect((await stranger.send('GET', `/api/people/pours?personId=${tam}`)).json.pours).toEqual([]);
});

test('what goes into the glass is reckoned here, and what cannot be read is told by its line', async () => {
  const tam = randomUUID();
  const { ids } = await bottledDrink(cook);
  const refused = await pour(ids.bottle, { personId: tam, additions: ['1 tsp honey', '2 g moonshine dust'] });
  expect([refused.status, refused.json.details[0].at]).toEqual([400, 'body.additions.1']);
  await pour(ids.bottle, { personId: tam, additions: ['10 g white sugar', '0.5 g table salt'] });
  const [row] = (await cook.send('GET', '/api/people/pours')).json.pours;
  expect(row.additions).toEqual(['10 g white sugar', '0.5 g table salt']);
  expect(row.brought.sugars_g).toBeCloseTo(10, 1);
  // 0.5 g of NaCl: 22.99 / 58.44 of it is sodium.
  expect(row.brought.sodium_mg).toBeCloseTo(196.7, 0);
  const { pours } = (await cook.send('GET', `/api/bottles/${ids.bottle}/pours`)).json;
  expect(pours[0]).toMatchObject({ personId: tam, additions: ['10 g white sugar', '0.5 g table salt'] });
});

test('whoever is taken out of the kitchen is in no pour any more, and the bottle stays as it is', async () => {
  const [tam, pia] = [randomUUID(), randomUUID()];
  await save(0, { people: { [tam]: PERSON, [pia]: PERSON } });
  const { ids } = await bottledDrink(cook);
  await pour(ids.bottle, { personId: tam });
  await pour(ids.bottle, { personId: pia });
  await save(1, { people: { [pia]: PERSON } });
  const { pours } = (await cook.send('GET', '/api/people/pours')).json;
  expect(pours.map((row: { personId: string }) => row.personId)).toEqual([pia]);
  expect((await cook.send('GET', `/api/bottles/${ids.bottle}`)).json.remaining_mL).toBe(500);
  const rows = JSON.stringify(await app.sequelize.query('SELECT people::text FROM kitchens'));
  expect(rows).not.toContain(tam);
});

test('a brew of before is known by running it once more', async () => {
  const { ids } = await bottledDrink(cook);
  await app.sequelize.query('UPDATE brews SET facts = NULL WHERE id = :id', { replacements: { id: ids.brew } });
  const { bottles } = (await cook.send('GET', '/api/bottles')).json;
  expect(bottles[0].facts.contains).toContain('potassium-chloride');
  const [rows] = await app.sequelize.query('SELECT facts FROM brews WHERE id = :id AND facts IS NOT NULL', {
    replacements: { id: ids.brew },
  });
  expect(rows).toHaveLength(1);
});

test('pages of what was drunk go on where the one before ended', async () => {
  const tam = randomUUID();
  const { ids } = await bottledDrink(cook);
  for (let count = 0; count < 5; count += 1)
    await pour(ids.bottle, {
      personId: tam,
      volume_mL: 10 + count,
      pouredAt: new Date(Date.now() - 1000 * count).toISOString(),
    });
  const first = (await cook.send('GET', '/api/people/pours?limit=3')).json;
  const second = (await cook.send('GET', `/api/people/pours?limit=3&cursor=${encodeURIComponent(first.next)}`)).json;
  const volumes = [...first.pours, ...second.pours].map((row: { volume_mL: number }) => row.volume_mL);
  expect(volumes).toEqual([10, 11, 12, 13, 14]);
  expect(second.next).toBeNull();
});
