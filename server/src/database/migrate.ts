import { QueryTypes, type Sequelize, type Transaction } from 'sequelize';
import { Umzug, type UmzugStorage } from 'umzug';
import { MIGRATIONS } from './migrations';
import type { Migration } from './migrations/migration';

/** Two servers that start at once take turns on this advisory lock. */
const MIGRATION_LOCK = 48_701;

interface Context {
  readonly sequelize: Sequelize;
  readonly transaction: Transaction;
}

/** The names of what was run, in a table that is written in the same transaction as what they name. */
const record: UmzugStorage<Context> = {
  executed: async ({ context: { sequelize, transaction } }) => {
    await sequelize.query('CREATE TABLE IF NOT EXISTS migrations (name varchar(255) PRIMARY KEY)', { transaction });
    const rows = await sequelize.query<{ name: string }>('SELECT name FROM migrations ORDER BY name', {
      type: QueryTypes.SELECT,
      transaction,
    });
    return rows.map(({ name }) => name);
  },
  logMigration: async ({ name, context: { sequelize, transaction } }) => {
    await sequelize.query('INSERT INTO migrations (name) VALUES (:name)', { replacements: { name }, transaction });
  },
  unlogMigration: async ({ name, context: { sequelize, transaction } }) => {
    await sequelize.query('DELETE FROM migrations WHERE name = :name', { replacements: { name }, transaction });
  },
};

/**
 * Brings the database to the newest schema: all that is missing and the record of it in one transaction on one
 * connection, so that a crash anywhere leaves either the old schema or the new one.
 *
 * @returns names of the migrations that were run
 */
export async function migrate(
  sequelize: Sequelize,
  migrations: readonly Migration[] = MIGRATIONS,
): Promise<readonly string[]> {
  return sequelize.transaction(async (transaction) => {
    await sequelize.query('SELECT pg_advisory_xact_lock(:lock)', {
      replacements: { lock: MIGRATION_LOCK },
      transaction,
    });
    // Tables that are written anew take as long as they are large.
    await sequelize.query('SET LOCAL statement_timeout = 0', { transaction });
    const umzug = new Umzug<Context>({
      migrations: migrations.map(({ name, sql }) => ({
        name,
        up: async () => void (await sequelize.query(sql, { transaction })),
      })),
      context: { sequelize, transaction },
      storage: record,
      logger: undefined,
    });
    return (await umzug.up()).map(({ name }) => name);
  });
}
