import {
  register,
  requestReset,
  resetPassword,
  serverOptions,
  session,
  signIn,
  type Register,
  type RequestReset,
  type ResetPassword,
  type SignIn,
} from '@wellhydra/contract';
import type { FastifyPluginAsync, FastifyRequest } from 'fastify';
import type { ServerConfig } from '../config';
import { FOR_DRINKERS, deviceOf, sessionToken } from '../plugins/session';
import { Problem } from '../problem';
import { openVisitorKitchen } from '../demo/visitor-kitchen';
import { registerAccount, sessionView, signInAccount } from './account-service';
import { prepareReset, resetPassword as resetByMail } from './password-reset-service';
import { countAddress } from './sign-in-limit';
import { endSession, findSession, startSession } from './session-store';

const TAGS = ['accounts'];

/** Registering, signing in and out, and opening the demo kitchen. */
export const accountRoutes: FastifyPluginAsync<{ config: ServerConfig }> = async (app, { config }) => {
  const context = { ...app.context, signInsPerQuarter: config.signInsPerQuarter };
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
    { config: FOR_DRINKERS, schema: { tags: TAGS, summary: 'Who is signed in', response: { 200: session } } },
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
      const token = await registerAccount(context, request.body, deviceOf(request));
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
      const token = await signInAccount(context, request.body, { address: request.ip, device: deviceOf(request) });
      return reply.startSession(token).send(await view(token));
    },
  );

  app.post(
    '/demo',
    {
      config: open,
      schema: { tags: TAGS, summary: 'Open a copy of the demo kitchen of one’s own', response: { 200: session } },
    },
    async (request, reply) => {
      if (!config.demo) throw new Problem('demo-off');
      const before = sessionToken(request);
      const who = before ? await findSession(app.sequelize, before) : undefined;
      // Who comes back finds what they did.
      const token = who?.demo
        ? await startSession(app.models, who.kitchenId, who.accountId)
        : await openVisitorKitchen(context, new Date());
      return reply.startSession(token).send(await view(token));
    },
  );

  const limits = (request: FastifyRequest) => ({ address: request.ip, most: 10 * config.signInsPerQuarter });
  app.post<{ Body: RequestReset }>(
    '/reset-request',
    {
      config: open,
      schema: { tags: TAGS, summary: 'Ask for a mail with a link to a new password', body: requestReset },
    },
    async (request, reply) => {
      const { address, most } = limits(request);
      await countAddress(app.sequelize, address, most);
      // Behind the answer: neither it nor how long it takes tells whether there is such an account.
      void prepareReset(context, { ...request.body, publicUrl: config.publicUrl })
        .then((mail) => mail && app.sendMail(mail))
        .catch((error: unknown) => request.log.error({ err: error }, 'a mail was not sent'));
      return reply.code(202).send();
    },
  );

  app.post<{ Body: ResetPassword }>(
    '/reset',
    { config: open, schema: { tags: TAGS, summary: 'Take a new password by the link of a mail', body: resetPassword } },
    async (request, reply) => {
      await resetByMail(context, request.body, limits(request));
      return reply.code(204).send();
    },
  );

  app.post('/sign-out', { config: open, schema: { tags: TAGS, summary: 'Sign out' } }, async (request, reply) => {
    const token = sessionToken(request);
    if (token) await endSession(app.models, token);
    return reply.endSession().code(204).send();
  });
};
