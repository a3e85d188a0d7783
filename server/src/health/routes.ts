import type { FastifyPluginAsync } from 'fastify';

/** Whether the process lives, and whether it can serve. */
export const healthRoutes: FastifyPluginAsync = async (app) => {
  const open = { open: true };
  app.get('/health', { config: open, schema: { tags: ['health'], summary: 'The process lives' } }, async () => ({
    status: 'alive',
  }));
  app.get(
    '/ready',
    { config: open, schema: { tags: ['health'], summary: 'The database answers and its schema is up to date' } },
    async () => {
      await app.migrated();
      await app.sequelize.query('SELECT 1');
      return { status: 'ready' };
    },
  );
};
