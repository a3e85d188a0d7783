import {
  bottleList,
  bottleRecord,
  idParams,
  moveBottle,
  pour,
  pourParams,
  type IdParams,
  type MoveBottle,
  type Pour,
  type PourParams,
} from '@wellhydra/contract';
import type { FastifyPluginAsync } from 'fastify';
import { moveBottleTo, pourFromBottle, readBottle, undoPour } from './bottle-service';
import { findBottles } from './bottle-store';

const TAGS = ['bottles'];

/** What stands on the shelf, and what is poured from it. */
export const bottleRoutes: FastifyPluginAsync = async (app) => {
  const context = { sequelize: app.sequelize, models: app.models };
  const answer = { 200: bottleRecord };

  app.get(
    '/',
    { schema: { tags: TAGS, summary: 'All bottles, the first to be used up first', response: { 200: bottleList } } },
    async (request) => ({
      bottles: await findBottles(app.sequelize, request.signedIn().kitchenId),
    }),
  );

  app.get<{ Params: IdParams }>(
    '/:id',
    { schema: { tags: TAGS, summary: 'One bottle', params: idParams, response: answer } },
    (request) => readBottle(context, request.signedIn(), request.params.id),
  );

  app.put<{ Params: IdParams; Body: MoveBottle }>(
    '/:id/place',
    {
      schema: {
        tags: TAGS,
        summary: 'Put a bottle somewhere else',
        params: idParams,
        body: moveBottle,
        response: answer,
      },
    },
    (request) => moveBottleTo(context, request.signedIn(), request.params.id, request.body.place),
  );

  app.put<{ Params: PourParams; Body: Pour }>(
    '/:id/pours/:pourId',
    { schema: { tags: TAGS, summary: 'Pour from a bottle', params: pourParams, body: pour, response: answer } },
    (request) => pourFromBottle(context, request.signedIn(), request.params, request.body),
  );

  app.delete<{ Params: PourParams }>(
    '/:id/pours/:pourId',
    { schema: { tags: TAGS, summary: 'Take a pour back', params: pourParams, response: answer } },
    (request) => undoPour(context, request.signedIn(), request.params),
  );
};
