import fastifyPlugin from 'fastify-plugin';
import type { FastifyRequest } from 'fastify';
import { Problem } from '../problem';

const SAFE = new Set(['GET', 'HEAD', 'OPTIONS']);

function comesFromElsewhere({ headers }: FastifyRequest): boolean {
  const { origin, host } = headers;
  if (origin !== undefined) return !URL.canParse(origin) || new URL(origin).host !== host;
  const site = headers['sec-fetch-site'];
  return site !== undefined && site !== 'same-origin' && site !== 'none';
}

/** Refuses writes that another site makes a browser send. */
export const sameOriginPlugin = fastifyPlugin(
  async (app) => {
    app.addHook('onRequest', async (request) => {
      if (!SAFE.has(request.method) && comesFromElsewhere(request)) throw new Problem('cross-site');
    });
  },
  { name: 'same-origin' },
);
