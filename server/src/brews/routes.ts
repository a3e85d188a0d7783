import {
  brewProgress,
  brewRecord,
  brewRun,
  brewRuns,
  finishBrew,
  idParams,
  makeBrew,
  postEvents,
  progressQuery,
  startBrew,
  type FinishBrew,
  type IdParams,
  type MakeBrew,
  type PostEvents,
  type ProgressQuery,
  type StartBrew,
} from '@wellhydra/contract';
import type { FastifyPluginAsync } from 'fastify';
import { Problem } from '../problem';
import { awaitProgress, finishRun, listRuns, postRunEvents, readRun, startRun } from './brew-run-service';
import { recordBrew } from './brew-service';
import { findBrews } from './brew-store';

const TAGS = ['brews'];

/** Makings of drinks. */
export const brewRoutes: FastifyPluginAsync = async (app) => {
  const context = { sequelize: app.sequelize, models: app.models };
  // Nobody who waits for news holds up a server that is told to stop.
  let closing = false;
  app.addHook('preClose', async () => {
    closing = true;
  });

  app.get(
    '/under-way',
    { schema: { tags: TAGS, summary: 'Brews that are being made', response: { 200: brewRuns } } },
    async (request) => ({ brews: await listRuns(context, request.signedIn().kitchenId) }),
  );

  app.put<{ Params: IdParams; Body: StartBrew }>(
    '/:id/run',
    {
      schema: {
        tags: TAGS,
        summary: 'Begin to make a drink',
        params: idParams,
        body: startBrew,
        response: { 200: brewRun },
      },
    },
    (request) => startRun(context, request.signedIn(), request.params.id, request.body),
  );

  app.get<{ Params: IdParams }>(
    '/:id/run',
    {
      schema: {
        tags: TAGS,
        summary: 'A brew with everything that happened',
        params: idParams,
        response: { 200: brewRun },
      },
    },
    (request) => readRun(context, request.signedIn().kitchenId, request.params.id),
  );

  app.post<{ Params: IdParams; Body: PostEvents }>(
    '/:id/events',
    {
      schema: {
        tags: TAGS,
        summary: 'Say what happened to a brew',
        params: idParams,
        body: postEvents,
        response: { 200: brewProgress },
      },
    },
    (request) => postRunEvents(context, request.signedIn(), request.params.id, request.body.events),
  );

  app.get<{ Params: IdParams; Querystring: ProgressQuery }>(
    '/:id/events',
    {
      schema: {
        tags: TAGS,
        summary: 'What happened after a number; waits for it when asked to',
        params: idParams,
        querystring: progressQuery,
        response: { 200: brewProgress },
      },
    },
    async (request, reply) => {
      const { after, wait_ms } = request.query;
      const gone = () => closing || request.raw.destroyed;
      const { kitchenId } = request.signedIn();
      const progress = await awaitProgress(context, kitchenId, request.params.id, after, { wait_ms, gone });
      if (closing) reply.header('connection', 'close');
      return progress;
    },
  );

  app.put<{ Params: IdParams; Body: FinishBrew }>(
    '/:id/finish',
    {
      schema: {
        tags: TAGS,
        summary: 'Fill bottles with a brew',
        params: idParams,
        body: finishBrew,
        response: { 200: brewRecord },
      },
    },
    (request) => finishRun(context, request.signedIn(), request.params.id, request.body),
  );

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
    (request) => recordBrew(context, request.signedIn(), request.params.id, request.body),
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
