import {
  changePassword,
  deleteAccount,
  idParams,
  openSessions,
  ownData,
  type ChangePassword,
  type DeleteAccount,
  type IdParams,
} from '@wellhydra/contract';
import type { FastifyPluginAsync, FastifyRequest } from 'fastify';
import { ownAccountOf } from '../members/member-service';
import { FOR_DRINKERS, sessionToken } from '../plugins/session';
import { Problem } from '../problem';
import { changeOwnPassword, deleteOwnAccount, ownDataOf, signOutElsewhere } from './own-account-service';
import { endOtherSessions, listSessions } from './session-store';

const TAGS = ['accounts'];
/** Whoever got this far has a session. */
const tokenOf = (request: FastifyRequest): string => sessionToken(request) ?? '';

/** What one does with an account of one's own. */
export const ownAccountRoutes: FastifyPluginAsync = async (app) => {
  const { context } = app;

  app.get(
    '/sessions',
    {
      config: FOR_DRINKERS,
      schema: { tags: TAGS, summary: 'Where one is signed in', response: { 200: openSessions } },
    },
    async (request) => {
      const who = ownAccountOf(request.signedIn());
      return { sessions: await listSessions(app.sequelize, who, tokenOf(request)) };
    },
  );

  app.delete<{ Params: IdParams }>(
    '/sessions/:id',
    { config: FOR_DRINKERS, schema: { tags: TAGS, summary: 'Sign out on one device', params: idParams } },
    async (request, reply) => {
      const who = ownAccountOf(request.signedIn());
      if ((await endOtherSessions(app.sequelize, who, request.params)) === 0) throw new Problem('not-found');
      return reply.code(204).send();
    },
  );

  app.post(
    '/sign-out-elsewhere',
    { config: FOR_DRINKERS, schema: { tags: TAGS, summary: 'Sign out everywhere but here' } },
    async (request, reply) => {
      await signOutElsewhere(context, request.signedIn(), tokenOf(request));
      return reply.code(204).send();
    },
  );

  app.put<{ Body: ChangePassword }>(
    '/password',
    {
      config: FOR_DRINKERS,
      schema: { tags: TAGS, summary: 'Take a new password; every other session ends', body: changePassword },
    },
    async (request, reply) => {
      await changeOwnPassword(context, request.signedIn(), request.body, tokenOf(request));
      return reply.code(204).send();
    },
  );

  app.get(
    '/own-data',
    { config: FOR_DRINKERS, schema: { tags: TAGS, summary: 'What is known of one', response: { 200: ownData } } },
    (request) => ownDataOf(context, request.signedIn(), tokenOf(request)),
  );

  app.post<{ Body: DeleteAccount }>(
    '/delete',
    {
      config: FOR_DRINKERS,
      schema: { tags: TAGS, summary: 'Delete the account, and with its last member the kitchen', body: deleteAccount },
    },
    async (request, reply) => {
      await deleteOwnAccount(context, request.signedIn(), request.body);
      return reply.endSession().code(204).send();
    },
  );
};
