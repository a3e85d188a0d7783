import { randomUUID } from 'node:crypto';
import { DEFAULT_SETTINGS } from '@wellhydra/core/kitchen';
import type { FastifyInstance } from 'fastify';
import { QueryTypes } from 'sequelize';
import { document, freshDatabase, newCook, startServer, type Cook } from './kitchen-server';

/** Two people of one kitchen who save at the same moment. */
let app: FastifyInstance;
let ines: Cook;
let wilf: Cook;
beforeAll(async () => {
  app = await startServer(await freshDatabase());
  ines = await newCook(app);
  const { invitation } = (await ines.send('GET', '/api/kitchen')).json;
  wilf = await newCook(app, { name: 'Wilf', invitation });
});
afterAll(() => app.close());

/** Until somebody waits for a row that somebody else has locked. */
async function somebodyWaits(): Promise<void> {
  for (;;) {
    const waiting = await app.sequelize.query(
      `SELECT 1 FROM pg_stat_activity WHERE datname = current_database() AND wait_event_type = 'Lock'`,
      { type: QueryTypes.SELECT },
    );
    if (waiting.length > 0) return;
  }
}

test('who has waited for the save of somebody else is told of it, and not that there is no such drink', async () => {
  const id = randomUUID();
  const save = (who: Cook, expectedRevision: number, line: string) =>
    who.send('PUT', `/api/drinks/${id}`, { expectedRevision, document: document([line]) });
  await save(ines, 0, '1 g salt');
  const transaction = await app.sequelize.transaction();
  // What the save of somebody else does, held open in its middle.
  await app.sequelize.query(
    `UPDATE drinks SET revision = 2, saved_by = (SELECT id FROM accounts WHERE name = 'Wilf') WHERE id = :id`,
    { replacements: { id }, transaction },
  );
  const late = save(ines, 1, '2 g salt');
  await somebodyWaits();
  await transaction.commit();
  expect(await late).toMatchObject({ status: 409, json: { code: 'edited-elsewhere', details: { revision: 2 } } });
});

test('the answer to a save is what was saved, whoever saves right after it', async () => {
  const id = randomUUID();
  const url = `/api/drinks/${id}`;
  const save = (who: Cook, expectedRevision: number, line: string) =>
    who.send('PUT', url, { expectedRevision, document: document([line]) });
  await save(ines, 0, '1 g salt');
  const transaction = app.sequelize.transaction.bind(app.sequelize) as (run: unknown) => Promise<unknown>;
  jest.spyOn(app.sequelize, 'transaction').mockImplementationOnce((async (run: unknown) => {
    const stored = await transaction(run);
    await save(wilf, 2, '3 g salt');
    return stored;
  }) as never);
  expect((await save(ines, 1, '2 g salt')).json).toMatchObject({ revision: 2, document: document(['2 g salt']) });
  expect((await ines.send('GET', url)).json).toMatchObject({ revision: 3, savedBy: 'Wilf' });
});

test('so is the answer to a save of what a kitchen has one of', async () => {
  const url = '/api/kitchen/settings';
  const save = (who: Cook, expectedRevision: number, altitude_m: number) =>
    who.send('PUT', url, { expectedRevision, settings: { ...DEFAULT_SETTINGS, altitude_m } });
  await save(ines, 0, 100);
  const { kitchens } = app.models;
  const update = kitchens.update.bind(kitchens) as (...change: unknown[]) => Promise<unknown>;
  jest.spyOn(kitchens, 'update').mockImplementationOnce((async (...change: unknown[]) => {
    const changed = await update(...change);
    await save(wilf, 2, 300);
    return changed;
  }) as never);
  expect((await save(ines, 1, 200)).json).toMatchObject({ revision: 2, settings: { altitude_m: 200 } });
  expect((await ines.send('GET', url)).json).toMatchObject({ revision: 3, settings: { altitude_m: 300 } });
});
