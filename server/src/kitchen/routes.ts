import { kitchenDetails, type KitchenDetails } from '@wellhydra/contract';
import type { FastifyPluginAsync } from 'fastify';
import { newInvitation } from '../accounts/account-service';
import type { SignedIn } from '../accounts/session-store';
import { findKitchen, setInvitation } from './kitchen-store';

/** The kitchen one is signed into: its members, and the code that lets another one in. */
export const kitchenRoutes: FastifyPluginAsync = async (app) => {
  const details = async ({ kitchenId }: SignedIn): Promise<KitchenDetails> =>
    findKitchen(app.sequelize, app.models, kitchenId);
  const schema = { tags: ['kitchen'], response: { 200: kitchenDetails } };

  app.get('/', { schema: { ...schema, summary: 'The kitchen and its members' } }, (request) =>
    details(request.signedIn()),
  );

  app.post('/invitation', { schema: { ...schema, summary: 'Replace the invitation code' } }, async (request) => {
    await setInvitation(app.models, request.signedIn().kitchenId, newInvitation());
    return details(request.signedIn());
  });
};
