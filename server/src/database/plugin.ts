import fastifyPlugin from 'fastify-plugin';
import type { Sequelize } from 'sequelize';
import { defineModels, type Models } from './models';
import { connect } from './connect';
import { migrate } from './migrate';
import { readerOf, replicaReader, type Reader } from './reader';

declare module 'fastify' {
  interface FastifyInstance {
    readonly sequelize: Sequelize;
    readonly models: Models;
    /** Where what takes long is read. */
    readonly reader: Reader;
    /** Resolves once the schema is up to date; a failed attempt is repeated by the next caller. */
    readonly migrated: () => Promise<void>;
  }
}

/** Opens the database, brings its schema up to date, and closes it with the server. */
export const databasePlugin = fastifyPlugin<{
  databaseUrl: string;
  readDatabaseUrl?: string | undefined;
  connections?: number | undefined;
  wait_ms?: number | undefined;
}>(
  async (app, { databaseUrl, readDatabaseUrl, connections, wait_ms }) => {
    const sequelize = connect(databaseUrl, connections, wait_ms);
    const models = defineModels(sequelize);
    const main = { sequelize, models };
    const reader = readDatabaseUrl ? replicaReader(main, readDatabaseUrl, app.log) : readerOf(main);
    let running: Promise<void> | undefined;
    const migrated = () => {
      running ??= migrate(sequelize).then(
        (names) => {
          if (names.length > 0) app.log.info({ migrations: names }, 'schema brought up to date');
        },
        (error: unknown) => {
          running = undefined;
          throw error;
        },
      );
      return running;
    };
    app.decorate('sequelize', sequelize);
    app.decorate('models', models);
    app.decorate('reader', reader);
    app.decorate('migrated', migrated);
    app.addHook('onClose', async () => {
      await Promise.all([sequelize.close(), reader.close()]);
    });
  },
  { name: 'database' },
);
