import { Sequelize } from 'sequelize';
import { connect } from '../src/database/connect';
import { defineModels } from '../src/database/models';
import { replicaReader } from '../src/database/reader';
import { exported } from './archive-files';
import { bottledDrink, freshDatabase, newCook, startServer } from './kitchen-server';

/** What takes long is read at a replica, and nobody misses what they just did. */

const NOWHERE = 'postgres://nobody@127.0.0.1:1/none';
const warnings = () => {
  const said: string[] = [];
  return { said, log: { warn: (_about: unknown, words?: string) => void said.push(words ?? String(_about)) } as never };
};
const mainAt = (database: string) => {
  const sequelize = connect(database);
  return { sequelize, models: defineModels(sequelize) };
};
/** Answers as a replica that is always behind does. */
const behind = (sequelize: Sequelize) =>
  jest.spyOn(Sequelize.prototype, 'query').mockImplementation(async function (this: Sequelize, ...said: unknown[]) {
    if (this !== sequelize) return [{ all: false }] as never;
    return [{ place: String(said[0]).includes('wal_insert') ? '0/1000' : '0/0' }] as never;
  } as never);

test('one that has all is read, one that does not answer is left alone, and what is asked is answered', async () => {
  const database = await freshDatabase();
  const main = mainAt(database);
  const { said, log } = warnings();
  const there = replicaReader(main, database, log);
  expect((await there.upToDate()).sequelize).not.toBe(main.sequelize);
  expect(said).toEqual([]);
  const away = replicaReader(main, NOWHERE, log);
  expect(await away.upToDate()).toBe(main);
  // It is not asked again at once.
  expect(await away.upToDate()).toBe(main);
  expect(said).toEqual(['the replica does not answer; read where it is written']);
  await Promise.all([there.close(), away.close(), main.sequelize.close()]);
});

test('one that is behind is not read', async () => {
  const database = await freshDatabase();
  const main = mainAt(database);
  const { said, log } = warnings();
  const reader = replicaReader(main, database, log);
  const spy = behind(main.sequelize);
  expect(await reader.upToDate()).toBe(main);
  spy.mockRestore();
  expect(said).toEqual(['the replica is behind; read where it is written']);
  await Promise.all([reader.close(), main.sequelize.close()]);
});

test.each([
  ['a replica', (database: string) => database],
  ['a replica that is gone', () => NOWHERE],
])('with %s the logbook, a week and a whole kitchen are what was just written', async (_what, replica) => {
  const database = await freshDatabase();
  const app = await startServer(database, { readDatabaseUrl: replica(database) });
  const cook = await newCook(app);
  await bottledDrink(cook);
  expect((await cook.send('GET', '/api/logbook')).json.brews).toHaveLength(1);
  expect((await cook.send('GET', '/api/logbook/charts')).json.points).toHaveLength(1);
  expect((await cook.send('GET', '/api/people/pours?since=2026-01-01T00:00:00Z')).status).toBe(200);
  expect(await exported(app, cook)).toContain('"is":"bottle"');
  await app.close();
});
