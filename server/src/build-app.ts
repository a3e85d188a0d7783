import compress from '@fastify/compress';
import Fastify, { type FastifyInstance } from 'fastify';
import { ownAccountRoutes } from './accounts/own-routes';
import { accountRoutes } from './accounts/routes';
import { archiveRoutes } from './archive/routes';
import { bottleRoutes } from './bottles/routes';
import { brewNewsPlugin } from './brews/brew-news';
import { brewRoutes } from './brews/routes';
import type { ServerConfig } from './config';
import { databasePlugin } from './database/plugin';
import { deviceRoutes } from './devices/routes';
import { documentRoutes } from './documents/routes';
import { drinkRoutes } from './drinks/routes';
import { healthRoutes } from './health/routes';
import { kitchenRoutes } from './kitchen/routes';
import { errorsPlugin, refuseAddress } from './plugins/errors';
import { mailPlugin } from './mail/mail-plugin';
import { memberRoutes } from './members/routes';
import { joiValidationPlugin } from './plugins/joi-validation';
import { openapiPlugin } from './plugins/openapi';
import { sameOriginPlugin } from './plugins/same-origin';
import { securityPlugin } from './plugins/security';
import { sessionPlugin } from './plugins/session';
import { peopleRoutes } from './people/routes';
import { storesRoutes } from './stores/routes';
import { logbookRoutes } from './logbook/routes';
import { runsPlugin } from './runs/plugin';
import { staticAppPlugin } from './plugins/static-app';

/** Largest body taken, bytes: a drink at all its limits is a fifth of this. */
const BODY_LIMIT = 1_048_576;

/** Largest headers taken, bytes. */
const HEADER_LIMIT = 16_384;
/** A request has to have come in by then, and a connection on which nothing comes is closed, ms. */
const TIME_LIMITS = { requestTimeout: 30_000, connectionTimeout: 60_000, keepAliveTimeout: 20_000 } as const;

/** The server without a port: plugins and routes in the order they depend on each other. */
export async function buildApp(config: ServerConfig): Promise<FastifyInstance> {
  const app = Fastify({
    bodyLimit: BODY_LIMIT,
    ...TIME_LIMITS,
    trustProxy: config.trustedProxies ? [...config.trustedProxies] : false,
    http: { maxHeaderSize: HEADER_LIMIT },
    frameworkErrors: refuseAddress,
    logger: {
      level: config.logLevel,
      ...(config.logStream ? { stream: config.logStream } : {}),
      redact: ['req.headers.cookie', 'req.headers.authorization', 'res.headers["set-cookie"]'],
    },
  });
  app.removeContentTypeParser('text/plain');
  // An empty body with the header of JSON, as fetch sends it for a POST without one.
  app.addContentTypeParser('application/json', { parseAs: 'string' }, (_request, body, done) => {
    if (body === '') return done(null, undefined);
    try {
      done(null, JSON.parse(body as string));
    } catch {
      done(Object.assign(new Error('The body is not JSON.'), { statusCode: 400 }));
    }
  });

  await app.register(errorsPlugin);
  await app.register(joiValidationPlugin, { strictAnswers: config.strictAnswers });
  await app.register(securityPlugin, { requestsPerMinute: config.requestsPerMinute });
  await app.register(compress, { global: true, threshold: 1024 });
  await app.register(databasePlugin, {
    databaseUrl: config.databaseUrl,
    readDatabaseUrl: config.readDatabaseUrl,
    connections: config.connections,
    wait_ms: config.connectionWait_ms,
  });
  await app.register(runsPlugin, { worker: config.runWorker, limit_ms: config.runLimit_ms });
  await app.register(brewNewsPlugin, { databaseUrl: config.newsDatabaseUrl ?? config.databaseUrl });
  const { mailUrl, mailFrom, outboxFolder } = config;
  await app.register(mailPlugin, { mailUrl, mailFrom, outboxFolder });
  await app.register(sameOriginPlugin);
  await app.register(sessionPlugin);
  await app.register(openapiPlugin);

  await app.register(healthRoutes, { prefix: '/api' });
  await app.register(accountRoutes, { prefix: '/api/accounts', config });
  await app.register(ownAccountRoutes, { prefix: '/api/accounts' });
  await app.register(kitchenRoutes, { prefix: '/api/kitchen' });
  await app.register(memberRoutes, { prefix: '/api/kitchen/members' });
  await app.register(archiveRoutes, { prefix: '/api/kitchen/archive' });
  await app.register(drinkRoutes, { prefix: '/api/drinks' });
  await app.register(brewRoutes, { prefix: '/api/brews' });
  await app.register(bottleRoutes, { prefix: '/api/bottles' });
  await app.register(peopleRoutes, { prefix: '/api/people' });
  await app.register(storesRoutes, { prefix: '/api/stores' });
  await app.register(logbookRoutes, { prefix: '/api/logbook' });
  await app.register(deviceRoutes, { prefix: '/api/devices', spoolFolder: config.spoolFolder });
  await app.register(documentRoutes, { prefix: '/api/documents' });
  await app.register(staticAppPlugin, { appFolder: config.appFolder });
  return app;
}
