import cookie from '@fastify/cookie';
import { OWNER_HEADER } from '@wellhydra/contract/owner-header';
import fastifyPlugin from 'fastify-plugin';
import type { FastifyReply, FastifyRequest } from 'fastify';
import { findSession, SESSION_DAYS, type SignedIn } from '../accounts/session-store';
import { Problem } from '../problem';

const COOKIE = 'wellhydra_session';

declare module 'fastify' {
  interface FastifyRequest {
    /** Whoever sends the request; throws `not-signed-in` for nobody. */
    readonly signedIn: () => SignedIn;
    session: SignedIn | undefined;
  }
  interface FastifyReply {
    readonly startSession: (token: string) => FastifyReply;
    readonly endSession: () => FastifyReply;
  }
  interface FastifyContextConfig {
    /** True for the few routes that work without signing in. */
    readonly open?: boolean;
    /** True for the few routes that are for drinkers, too: each of them tells only what is theirs. */
    readonly drinkers?: boolean;
  }
}

/** The configuration of a route that is for drinkers, too. */
export const FOR_DRINKERS = { drinkers: true } as const;

/** The token of a request, if it has one. */
export function sessionToken(request: FastifyRequest): string | undefined {
  return request.cookies[COOKIE];
}

/** What the browser of a request calls itself. */
export const deviceOf = ({ headers }: FastifyRequest): string => String(headers['user-agent'] ?? '');

/** Sessions in the database behind a cookie that scripts cannot read. Every route needs one unless it says otherwise. */
export const sessionPlugin = fastifyPlugin(
  async (app) => {
    await app.register(cookie);
    app.decorateRequest('session', undefined);
    app.decorateRequest('signedIn', function signedIn(this: FastifyRequest) {
      if (!this.session) throw new Problem('not-signed-in');
      return this.session;
    });
    const options = (request: FastifyRequest) =>
      ({ path: '/', httpOnly: true, sameSite: 'strict', secure: request.protocol === 'https' }) as const;
    app.decorateReply('startSession', function startSession(this: FastifyReply, token: string) {
      return this.setCookie(COOKIE, token, { ...options(this.request), maxAge: SESSION_DAYS * 86_400 });
    });
    app.decorateReply('endSession', function endSession(this: FastifyReply) {
      return this.clearCookie(COOKIE, options(this.request));
    });
    app.addHook('onRequest', async (request) => {
      if (!request.url.startsWith('/api/') || request.url.startsWith('/api/docs') || request.is404) return;
      const { open, drinkers } = request.routeOptions.config;
      const token = sessionToken(request);
      // Also for signing in: its tables have to be there.
      if (!open || request.method === 'POST') await app.migrated();
      if (token && !open) {
        request.session = await findSession(app.sequelize, token);
      }
      if (!open && !request.session) throw new Problem('not-signed-in');
      // Whatever is added is for those who make drinks until it says otherwise.
      if (request.session?.role === 'drinker' && !drinkers) throw new Problem('makers-only');
      const meant = request.headers[OWNER_HEADER];
      const { accountId, kitchenId } = request.session ?? {};
      // What one account has done must not be stored for another, whoever's cookie is on the device by now.
      if (meant !== undefined && request.session && meant !== `${accountId}/${kitchenId}`)
        throw new Problem('other-session');
    });
  },
  { name: 'session', dependencies: ['database', 'errors'] },
);
