import { Client } from 'pg';
import { connect } from '../src/database/connect';
import { migrate } from '../src/database/migrate';
import { TEMPLATE, databaseNamed, testDatabase } from './kitchen-server';

/**
 * Migrates one database before the tests; each file clones it, which takes a tenth of the time. Where it is there already
 * it stays: mutation testing begins the tests again for each broken line, two at a time, in one throwaway cluster.
 */
export default async function makeTemplate(): Promise<void> {
  // Tests of core alone need no database.
  if (!process.env.TEST_DATABASE_URL) return;
  const client = new Client({ connectionString: testDatabase() });
  await client.connect();
  const { rowCount } = await client.query('SELECT FROM pg_database WHERE datname = $1', [TEMPLATE]);
  if (rowCount === 0) await client.query(`CREATE DATABASE ${TEMPLATE} TEMPLATE template0`);
  await client.end();
  if (rowCount !== 0) return;
  const sequelize = connect(databaseNamed(TEMPLATE));
  await migrate(sequelize);
  await sequelize.close();
}
