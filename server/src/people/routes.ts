import {
  drunkPage,
  drunkQuery,
  householdRecord,
  saveHousehold,
  type DrunkQuery,
  type SaveHousehold,
} from '@wellhydra/contract';
import type { FastifyPluginAsync } from 'fastify';
import { listDrunk } from '../bottles/pour-store';
import { knowFacts } from '../brews/known-facts';
import { FOR_DRINKERS } from '../plugins/session';
import { drunkSeenBy, readPeopleFor, saveHouseholdOf } from './people-service';

const TAGS = ['people'];

/** Who drinks what is made, and what each has had. */
export const peopleRoutes: FastifyPluginAsync = async (app) => {
  const { context } = app;
  const answer = { 200: householdRecord };

  app.get(
    '/',
    {
      config: FOR_DRINKERS,
      schema: {
        tags: TAGS,
        summary: 'The people of the kitchen; of them a drinker sees what is theirs',
        response: answer,
      },
    },
    (request) => readPeopleFor(context, request.signedIn()),
  );

  app.put<{ Body: SaveHousehold }>(
    '/',
    { schema: { tags: TAGS, summary: 'Save the people of the kitchen', body: saveHousehold, response: answer } },
    (request) => saveHouseholdOf(context, request.signedIn(), request.body),
  );

  app.get<{ Querystring: DrunkQuery }>(
    '/pours',
    {
      config: FOR_DRINKERS,
      schema: {
        tags: TAGS,
        summary: 'What people drank, the newest first; a drinker sees what they had',
        querystring: drunkQuery,
        response: { 200: drunkPage },
      },
    },
    async (request) => {
      const who = request.signedIn();
      const { kitchenId } = who;
      const asked = drunkSeenBy(who, request.query);
      if (!asked) return { pours: [], brews: {}, next: null };
      const page = await listDrunk(app.sequelize, kitchenId, asked);
      const unknown = Object.entries(page.brews).flatMap(([id, { facts }]) => (facts ? [] : [id]));
      const known = await knowFacts(context, kitchenId, unknown);
      const brews = Object.entries(page.brews).map(([id, brew]) => [
        id,
        { ...brew, facts: brew.facts ?? known.get(id) ?? null },
      ]);
      return { ...page, brews: Object.fromEntries(brews) as typeof page.brews };
    },
  );
};
