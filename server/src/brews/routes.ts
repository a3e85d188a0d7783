import { brewRecord, idParams, makeBrew, type IdParams, type MakeBrew } from '@wellhydra/contract';
import type { FastifyPluginAsync } from 'fastify';
import { Problem } from '../problem';
import { recordBrew } from './brew-service';
import { findBrews } from './brew-store';

const TAGS = ['brews'];

/** Makings of drinks. */
export const brewRoutes: FastifyPluginAsync = async (app) => {
  app.put<{ Params: IdParams; Body: MakeBrew }>(
    '/:id',
    {
      schema: {
        tags: TAGS,
        summary: 'Record that a drink was made and what it filled',
        params: idParams,
        body: makeBrew,
        response: { 200: brewRecord },
      },
    },
    (request) =>
      recordBrew({ sequelize: app.sequelize, models: app.models }, request.signedIn(), request.params.id, request.body),
  );

  app.get<{ Params: IdParams }>(
    '/:id',
    { schema: { tags: TAGS, summary: 'One brew', params: idParams, response: { 200: brewRecord } } },
    async (request) => {
      const [brew] = await findBrews(app.sequelize, request.signedIn().kitchenId, request.params.id);
      if (!brew) throw new Problem('not-found');
      return brew;
    },
  );
};
