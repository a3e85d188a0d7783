import {
  auditPage,
  changeRole,
  idParams,
  kitchenDetails,
  leaveKitchen,
  pageQuery,
  session,
  type ChangeRole,
  type IdParams,
  type LeaveKitchen,
  type PageQuery,
} from '@wellhydra/contract';
import type { FastifyPluginAsync } from 'fastify';
import { sessionView } from '../accounts/account-service';
import { findSession, type SignedIn } from '../accounts/session-store';
import { findKitchen } from '../kitchen/kitchen-store';
import { FOR_DRINKERS, deviceOf } from '../plugins/session';
import { Problem } from '../problem';
import { listDeeds } from './audit-store';
import { changeMemberRole, leaveForOwnKitchen, removeMember } from './member-service';

/** Who is in a kitchen, and what was done to that. */
export const memberRoutes: FastifyPluginAsync = async (app) => {
  const { context } = app;
  const schema = { tags: ['members'], response: { 200: kitchenDetails } };
  const details = (who: SignedIn) => findKitchen(app.sequelize, app.models, who.kitchenId);

  app.put<{ Params: IdParams; Body: ChangeRole }>(
    '/:id/role',
    {
      schema: {
        ...schema,
        summary: 'Make a member an owner, a maker or a drinker',
        params: idParams,
        body: changeRole,
      },
    },
    async (request) => {
      await changeMemberRole(context, request.signedIn(), request.params.id, request.body);
      return details(request.signedIn());
    },
  );

  app.delete<{ Params: IdParams }>(
    '/:id',
    { schema: { ...schema, summary: 'Take a member out of the kitchen', params: idParams } },
    async (request) => {
      await removeMember(context, request.signedIn(), request.params.id);
      return details(request.signedIn());
    },
  );

  app.post<{ Body: LeaveKitchen }>(
    '/leave',
    {
      config: FOR_DRINKERS,
      schema: {
        ...schema,
        summary: 'Leave the kitchen for a new one of one’s own',
        body: leaveKitchen,
        response: { 200: session },
      },
    },
    async (request, reply) => {
      const token = await leaveForOwnKitchen(context, request.signedIn(), {
        ...request.body,
        device: deviceOf(request),
      });
      const who = await findSession(app.sequelize, token);
      if (!who) throw new Problem('not-signed-in');
      return reply.startSession(token).send(sessionView(who));
    },
  );

  app.get<{ Querystring: PageQuery }>(
    '/audit',
    {
      schema: {
        ...schema,
        summary: 'What was done to members, accounts and the kitchen, newest first',
        querystring: pageQuery,
        response: { 200: auditPage },
      },
    },
    (request) => listDeeds(app.sequelize, request.signedIn().kitchenId, request.query),
  );
};
