import { register, serverOptions, session, signIn, type Register, type SignIn } from '@wellhydra/contract';
import type { FastifyPluginAsync } from 'fastify';
import type { ServerConfig } from '../config';
import { sessionToken } from '../plugins/session';
import { Problem } from '../problem';
import { enterDemo, registerAccount, sessionView, signInAccount } from './account-service';
import { endSession, findSession } from './session-store';

const TAGS = ['accounts'];

/** Registering, signing in and out, and opening the demo kitchen. */
export const accountRoutes: FastifyPluginAsync<{ config: ServerConfig }> = async (app, { config }) => {
  const context = { sequelize: app.sequelize, models: app.models, signInsPerQuarter: config.signInsPerQuarter };
  const view = async (token: string) => {
    const who = await findSession(app.sequelize, token);
    if (!who) throw new Problem('not-signed-in');
    return sessionView(who);
  };
  const open = { open: true };

  app.get(
    '/options',
    { config: open, schema: { tags: TAGS, summary: 'What this server offers', response: { 200: serverOptions } } },
    async () => ({ demo: config.demo }),
  );

  app.get(
    '/session',
    { schema: { tags: TAGS, summary: 'Who is signed in', response: { 200: session } } },
    async (request) => sessionView(request.signedIn()),
  );

  app.post<{ Body: Register }>(
    '/register',
    {
      config: open,
      schema: {
        tags: TAGS,
        summary: 'Make an account with a kitchen of its own, or join one',
        body: register,
        response: { 201: session },
      },
    },
    async (request, reply) => {
      const token = await registerAccount(context, request.body);
      return reply
        .code(201)
        .startSession(token)
        .send(await view(token));
    },
  );

  app.post<{ Body: SignIn }>(
    '/sign-in',
    { config: open, schema: { tags: TAGS, summary: 'Sign in', body: signIn, response: { 200: session } } },
    async (request, reply) => {
      const token = await signInAccount(context, request.body, request.ip);
      return reply.startSession(token).send(await view(token));
    },
  );

  app.post(
    '/demo',
    { config: open, schema: { tags: TAGS, summary: 'Open the demo kitchen', response: { 200: session } } },
    async (_request, reply) => {
      if (!config.demo) throw new Problem('demo-off');
      const token = await enterDemo(context);
      return reply.startSession(token).send(await view(token));
    },
  );

  app.post('/sign-out', { config: open, schema: { tags: TAGS, summary: 'Sign out' } }, async (request, reply) => {
    const token = sessionToken(request);
    if (token) await endSession(app.models, token);
    return reply.endSession().code(204).send();
  });
};
