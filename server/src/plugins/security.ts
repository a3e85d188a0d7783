import helmet from '@fastify/helmet';
import rateLimit from '@fastify/rate-limit';
import fastifyPlugin from 'fastify-plugin';
import { Problem } from '../problem';

/** Security headers, a policy without inline script, and a limit on requests from one address. */
export const securityPlugin = fastifyPlugin<{ requestsPerMinute: number }>(
  async (app, { requestsPerMinute }) => {
    await app.register(helmet, {
      contentSecurityPolicy: {
        useDefaults: false,
        directives: {
          defaultSrc: ["'self'"],
          scriptSrc: ["'self'"],
          workerSrc: ["'self'"],
          // react-native-web writes its rules into style elements at run time.
          styleSrc: ["'self'", "'unsafe-inline'"],
          imgSrc: ["'self'", 'data:'],
          fontSrc: ["'self'"],
          connectSrc: ["'self'"],
          objectSrc: ["'none'"],
          baseUri: ["'none'"],
          formAction: ["'self'"],
          frameAncestors: ["'none'"],
        },
      },
      // Served on plain http on loopback; whoever puts TLS in front sets this there.
      strictTransportSecurity: false,
    });
    await app.register(rateLimit, {
      max: requestsPerMinute,
      timeWindow: '1 minute',
      errorResponseBuilder: (_request, { ttl }) =>
        new Problem('too-many-requests', { waitSeconds: Math.ceil(ttl / 1000) }),
    });
  },
  { name: 'security' },
);
