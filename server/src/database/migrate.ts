import type { Sequelize } from 'sequelize';
import { SequelizeStorage, Umzug } from 'umzug';
import { MIGRATIONS } from './migrations';

/** Two servers that start at once take turns on this advisory lock. */
const MIGRATION_LOCK = 48_701;

/**
 * Brings the database to the newest schema.
 *
 * @returns names of the migrations that were run
 */
export async function migrate(sequelize: Sequelize): Promise<readonly string[]> {
  const umzug = new Umzug({
    migrations: MIGRATIONS.map(({ name, sql }) => ({
      name,
      up: async () => {
        await sequelize.transaction(async (transaction) => {
          await sequelize.query(sql, { transaction });
        });
      },
    })),
    context: sequelize.getQueryInterface(),
    storage: new SequelizeStorage({ sequelize, tableName: 'migrations' }),
    logger: undefined,
  });
  return sequelize.transaction(async (transaction) => {
    await sequelize.query('SELECT pg_advisory_xact_lock(:lock)', {
      replacements: { lock: MIGRATION_LOCK },
      transaction,
    });
    return (await umzug.up()).map(({ name }) => name);
  });
}
