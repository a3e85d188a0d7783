import { randomUUID } from 'node:crypto';
import type { FastifyInstance } from 'fastify';
import { bottledDrink, document, freshDatabase, newCook, startServer, type Cook } from './kitchen-server';

let app: FastifyInstance;
let cook: Cook;
beforeAll(async () => {
  app = await startServer(await freshDatabase());
  cook = await newCook(app);
});
afterAll(() => app.close());

const save = (id: string, expectedRevision: number, lines: readonly string[]) =>
  cook.send('PUT', `/api/drinks/${id}`, { expectedRevision, document: document(lines) });
const versions = async (id: string): Promise<{ revision: number; label: string | null; brews: number }[]> =>
  (await cook.send('GET', `/api/drinks/${id}/versions`)).json.versions;

test('saves that follow each other are one version; a pause makes another', async () => {
  const id = randomUUID();
  await save(id, 0, ['1 L water']);
  await save(id, 1, ['1 L water', '2 g salt']);
  expect((await versions(id)).map(({ revision }) => revision)).toEqual([2]);
  await app.sequelize.query(
    `UPDATE drink_revisions SET saved_at = saved_at - interval '1 hour' WHERE drink_id = '${id}'`,
  );
  await save(id, 2, ['1 L water', '3 g salt']);
  expect((await versions(id)).map(({ revision }) => revision)).toEqual([3, 2]);
});

test('what changes nothing in the pot makes no version: a name, a note', async () => {
  const id = randomUUID();
  const later = () =>
    app.sequelize.query(`UPDATE drink_revisions SET saved_at = saved_at - interval '1 hour' WHERE drink_id = '${id}'`);
  const written = document(['1 L water', '2 g salt']);
  const put = (expectedRevision: number, changed: object) =>
    cook.send('PUT', `/api/drinks/${id}`, { expectedRevision, document: { ...written, ...changed } });
  await put(0, {});
  await later();
  await put(1, { name: 'Another name' });
  await later();
  const [first, ...rest] = written.steps;
  await put(2, { steps: [{ ...first, note: 'From the blue jug' }, ...rest] });
  expect((await versions(id)).map(({ revision }) => revision)).toEqual([3]);
  await later();
  await put(3, { steps: [...written.steps].reverse() });
  expect((await versions(id)).map(({ revision }) => revision)).toEqual([4, 3]);
});

test('a version that has a name stays, and its name can be taken away', async () => {
  const id = randomUUID();
  await save(id, 0, ['1 L water']);
  expect((await cook.send('PUT', `/api/drinks/${id}/versions/1/label`, { label: 'Plain' })).status).toBe(204);
  await save(id, 1, ['2 L water']);
  expect((await versions(id)).map(({ revision, label }) => [revision, label])).toEqual([
    [2, null],
    [1, 'Plain'],
  ]);
  await cook.send('PUT', `/api/drinks/${id}/versions/1/label`, { label: null });
  expect((await versions(id)).length).toBe(1);
});

test('what was made is a version, however soon it was changed', async () => {
  const { ids } = await bottledDrink(cook);
  await save(ids.drink, 1, ['1 L water']);
  expect((await versions(ids.drink)).map(({ revision, brews }) => [revision, brews])).toEqual([
    [2, 0],
    [1, 1],
  ]);
});

test('a drink that is not there has no versions', async () => {
  expect((await cook.send('GET', `/api/drinks/${randomUUID()}/versions`)).status).toBe(404);
});
