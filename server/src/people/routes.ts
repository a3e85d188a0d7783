import {
  drunkPage,
  drunkQuery,
  householdRecord,
  lockPeople,
  openPeople,
  peopleLock,
  saveHousehold,
  type DrunkQuery,
  type LockPeople,
  type OpenPeople,
  type SaveHousehold,
} from '@wellhydra/contract';
import type { FastifyPluginAsync, FastifyRequest } from 'fastify';
import { listDrunk } from '../bottles/pour-store';
import { knowFacts } from '../brews/known-facts';
import { FOR_DRINKERS, sessionToken } from '../plugins/session';
import {
  forgetLockedPeople,
  lockPeople as putUnderLock,
  openPeople as openForSession,
  peopleLock as lockOf,
  shutPeople,
  unlockPeople,
} from './people-lock-service';
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

  const lock = { tags: TAGS, response: { 200: peopleLock } };
  const tokenOf = (request: FastifyRequest): string => sessionToken(request) ?? '';
  app.get(
    '/lock',
    { config: FOR_DRINKERS, schema: { ...lock, summary: 'Whether the people are under a passphrase, and open' } },
    (request) => lockOf(context, request.signedIn()),
  );

  app.put<{ Body: LockPeople }>(
    '/lock',
    { schema: { ...lock, summary: 'Put the people under a passphrase, or under another', body: lockPeople } },
    (request) =>
      putUnderLock(context, request.signedIn(), {
        passphrase: request.body.passphrase,
        token: tokenOf(request),
      }),
  );

  app.delete('/lock', { schema: { ...lock, summary: 'Take the passphrase off the people' } }, (request) =>
    unlockPeople(context, request.signedIn()),
  );

  app.post<{ Body: OpenPeople }>(
    '/lock/open',
    { config: FOR_DRINKERS, schema: { ...lock, summary: 'Say the passphrase of the people', body: openPeople } },
    (request) =>
      openForSession(context, request.signedIn(), {
        passphrase: request.body.passphrase,
        token: tokenOf(request),
      }),
  );

  app.post(
    '/lock/shut',
    { config: FOR_DRINKERS, schema: { tags: TAGS, summary: 'Need the passphrase of the people again' } },
    async (request, reply) => {
      request.signedIn();
      await shutPeople(context, tokenOf(request));
      return reply.code(204).send();
    },
  );

  app.delete('/', { schema: { ...lock, summary: 'Forget people whose passphrase nobody knows' } }, (request) =>
    forgetLockedPeople(context, request.signedIn()),
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
      const { sequelize } = await app.reader.upToDate();
      const page = await listDrunk(sequelize, kitchenId, asked);
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
