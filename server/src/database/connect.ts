import { Sequelize } from 'sequelize';

/** Connections this server keeps, and how long a request waits for one, ms. */
export const POOL = { most: 10, acquire_ms: 4000, idle_ms: 10_000 } as const;

/** A pool of connections to the database; nothing is opened before the first query. */
export function connect(
  databaseUrl: string,
  connections: number = POOL.most,
  wait_ms: number = POOL.acquire_ms,
): Sequelize {
  return new Sequelize(databaseUrl, {
    dialect: 'postgres',
    logging: false,
    define: { underscored: true, timestamps: false },
    pool: { max: connections, acquire: wait_ms, idle: POOL.idle_ms },
    dialectOptions: { connectionTimeoutMillis: POOL.acquire_ms, statement_timeout: 15_000 },
    retry: { max: 0 },
  });
}
