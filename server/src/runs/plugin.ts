import fastifyPlugin from 'fastify-plugin';
import type { BrewContext } from '../brews/brew-context';
import { inPlaceRunner, workerRunner } from './runner';

declare module 'fastify' {
  interface FastifyInstance {
    /** What services work on. */
    readonly context: BrewContext;
  }
}

/** Runs drinks in workers, and closes them with the server. */
export const runsPlugin = fastifyPlugin<{ worker?: string | undefined; limit_ms?: number | undefined }>(
  async (app, { worker, limit_ms }) => {
    const runner = worker ? workerRunner(worker, limit_ms) : inPlaceRunner;
    app.decorate('context', { sequelize: app.sequelize, models: app.models, runner });
    app.addHook('onClose', () => runner.close());
  },
  { name: 'runs', dependencies: ['database'] },
);
