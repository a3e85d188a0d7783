import {
  brewProgress,
  brewPage,
  brewRecord,
  brewRun,
  finishBrew,
  idParams,
  makeBrew,
  pageQuery,
  postEvents,
  progressQuery,
  runPage,
  startBrew,
  type FinishBrew,
  type IdParams,
  type MakeBrew,
  type PageQuery,
  type PostEvents,
  type ProgressQuery,
  type StartBrew,
} from '@wellhydra/contract';
import type { FastifyPluginAsync } from 'fastify';
import { Problem } from '../problem';
import { awaitProgress, finishRun, listRuns, postRunEvents, readRun, startRun } from './brew-run-service';
import { recordBrew } from './brew-service';
import { findBrew, listBrews } from './brew-store';
import { undoBrew } from './undo-brew';

const TAGS = ['brews'];

/** Makings of drinks. */
export const brewRoutes: FastifyPluginAsync = async (app) => {
  const { context } = app;
  // Nobody who waits for news holds up a server that is told to stop.
  const closing = new AbortController();
  app.addHook('preClose', async () => closing.abort());

  app.get<{ Querystring: PageQuery }>(
    '/',
    {
      schema: { tags: TAGS, summary: 'Brews, the newest first', querystring: pageQuery, response: { 200: brewPage } },
    },
    (request) => listBrews(app.sequelize, request.signedIn().kitchenId, request.query),
  );

  app.get<{ Querystring: PageQuery }>(
    '/under-way',
    {
      schema: { tags: TAGS, summary: 'Brews that are being made', querystring: pageQuery, response: { 200: runPage } },
    },
    (request) => listRuns(context, request.signedIn().kitchenId, request.query),
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
      const { kitchenId } = request.signedIn();
      const gone = new AbortController();
      reply.raw.once('close', () => gone.abort());
      const until = AbortSignal.any([closing.signal, gone.signal, AbortSignal.timeout(wait_ms)]);
      const asked = { id: request.params.id, after };
      const progress = await awaitProgress({ ...context, news: app.brewNews }, kitchenId, asked, until);
      if (closing.signal.aborted) reply.header('connection', 'close');
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

  app.delete<{ Params: IdParams }>(
    '/:id',
    { schema: { tags: TAGS, summary: 'Take a brew back as if it had never been made', params: idParams } },
    async (request, reply) => {
      await undoBrew(context, request.signedIn(), request.params.id);
      return reply.code(204).send();
    },
  );

  app.get<{ Params: IdParams }>(
    '/:id',
    { schema: { tags: TAGS, summary: 'One brew', params: idParams, response: { 200: brewRecord } } },
    async (request) => {
      const brew = await findBrew(app.sequelize, request.signedIn().kitchenId, request.params.id);
      if (!brew) throw new Problem('not-found');
      return brew;
    },
  );
};
