import {
  habitsRecord,
  habitsReset,
  kitchenDetails,
  kitchenSettingsRecord,
  planRecord,
  saveKitchenSettings,
  savePlan as savePlanBody,
  type HabitsReset,
  type KitchenDetails,
  type SaveKitchenSettings,
  type SavePlan,
} from '@wellhydra/contract';
import type { FastifyPluginAsync } from 'fastify';
import type { SignedIn } from '../accounts/session-store';
import { readHabits, resetHabits } from '../brews/habits-service';
import { noteDeed } from '../members/audit-store';
import { ownerOf } from '../members/member-service';
import { readPlan, readSettings, savePlan, saveSettings } from './kitchen-documents-store';
import { findKitchen, replaceInvitations } from './kitchen-store';

/** The kitchen one is signed into: its members, and the code that lets another one in. */
export const kitchenRoutes: FastifyPluginAsync = async (app) => {
  const details = async ({ kitchenId }: SignedIn): Promise<KitchenDetails> =>
    findKitchen(app.sequelize, app.models, kitchenId);
  const schema = { tags: ['kitchen'], response: { 200: kitchenDetails } };

  app.get('/', { schema: { ...schema, summary: 'The kitchen and its members' } }, (request) =>
    details(request.signedIn()),
  );

  app.post('/invitation', { schema: { ...schema, summary: 'Replace the invitation codes' } }, async (request) => {
    const who = ownerOf(request.signedIn());
    await replaceInvitations(app.models, who.kitchenId);
    await noteDeed(app.models, who, 'invitation-replaced');
    return details(who);
  });

  const settings = { tags: ['kitchen'], response: { 200: kitchenSettingsRecord } };
  app.get('/settings', { schema: { ...settings, summary: 'What the kitchen has' } }, (request) =>
    readSettings(app.models, request.signedIn().kitchenId),
  );
  app.put<{ Body: SaveKitchenSettings }>(
    '/settings',
    { schema: { ...settings, summary: 'Save what the kitchen has', body: saveKitchenSettings } },
    (request) => saveSettings(app.models, request.signedIn().kitchenId, request.body),
  );

  const plan = { tags: ['kitchen'], response: { 200: planRecord } };
  app.get('/plan', { schema: { ...plan, summary: 'What is wanted, and by when' } }, (request) =>
    readPlan(app.models, request.signedIn().kitchenId),
  );
  app.put<{ Body: SavePlan }>(
    '/plan',
    { schema: { ...plan, summary: 'Save what is wanted, and by when', body: savePlanBody } },
    (request) => savePlan(app.models, request.signedIn().kitchenId, request.body),
  );

  const { context } = app;
  const habits = { tags: ['kitchen'], response: { 200: habitsRecord } };
  app.get('/habits', { schema: { ...habits, summary: 'What the kitchen has learned from its readings' } }, (request) =>
    readHabits(context, request.signedIn().kitchenId),
  );
  app.post<{ Querystring: HabitsReset }>(
    '/habits/reset',
    { schema: { ...habits, summary: 'Begin to learn anew', querystring: habitsReset } },
    (request) => resetHabits(context, request.signedIn().kitchenId, request.query, new Date()),
  );
};
