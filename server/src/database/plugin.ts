import fastifyPlugin from 'fastify-plugin';
import type { Sequelize } from 'sequelize';
import { defineModels, type Models } from './models';
import { connect } from './connect';
import { migrate } from './migrate';

declare module 'fastify' {
  interface FastifyInstance {
    readonly sequelize: Sequelize;
    readonly models: Models;
    /** Resolves once the schema is up to date; a failed attempt is repeated by the next caller. */
    readonly migrated: () => Promise<void>;
  }
}

/** Opens the database, brings its schema up to date, and closes it with the server. */
export const databasePlugin = fastifyPlugin<{
  databaseUrl: string;
  connections?: number | undefined;
  wait_ms?: number | undefined;
}>(
  async (app, { databaseUrl, connections, wait_ms }) => {
    const sequelize = connect(databaseUrl, connections, wait_ms);
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
    app.decorate('models', defineModels(sequelize));
    app.decorate('migrated', migrated);
    app.addHook('onClose', () => sequelize.close());
  },
  { name: 'database' },
);
