import { existsSync } from 'node:fs';
import { join } from 'node:path';
import fastifyStatic from '@fastify/static';
import fastifyPlugin from 'fastify-plugin';
import { Problem } from '../problem';

/** Hashed files never change; the page itself is asked for anew each time. */
const IMMUTABLE = /^\/(?:_expo|assets)\//;
const YEAR_s = 31_536_000;

/** Serves the exported application; any page address gets its one page, so deep links and reloads work. */
export const staticAppPlugin = fastifyPlugin<{ appFolder?: string }>(
  async (app, { appFolder }) => {
    const page = appFolder ? join(appFolder, 'index.html') : undefined;
    const hasApp = page !== undefined && existsSync(page);
    if (hasApp)
      await app.register(fastifyStatic, {
        root: appFolder as string,
        wildcard: false,
        index: false,
        preCompressed: true,
        cacheControl: false,
        setHeaders: (reply, path) => {
          const url = path.slice((appFolder as string).length);
          reply.header('cache-control', IMMUTABLE.test(url) ? `public, max-age=${YEAR_s}, immutable` : 'no-cache');
        },
      });
    app.setNotFoundHandler((request, reply) => {
      const wantsPage = request.method === 'GET' && /text\/html|\*\/\*|^$/.test(request.headers.accept ?? '');
      const isFile = /^\/(?:api|_expo|assets)(?:\/|$)|\.\w+(?:\?|$)/.test(request.url);
      if (hasApp && wantsPage && !isFile) return reply.header('cache-control', 'no-cache').sendFile('index.html');
      const problem = new Problem('not-found');
      return reply.code(problem.status).send(problem.body);
    });
  },
  { name: 'static-app' },
);
