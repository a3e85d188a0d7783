import {
  brewNote,
  idParams,
  logbookBrew,
  logbookCharts,
  logbookFilter,
  logbookPage,
  logbookQuery,
  tasting,
  tastingParams,
  triedBrews,
  type BrewNote,
  type IdParams,
  type LogbookFilter,
  type LogbookQuery,
  type LogbookRow,
  type Tasting,
  type TastingParams,
} from '@wellhydra/contract';
import { logbookCsv } from '@wellhydra/core/formats';
import type { FastifyPluginAsync } from 'fastify';
import { readDrinkRecord } from '../drinks/drink-service';
import { forgetTasting, noteOnBrew, noteTasting, readLogbookBrew } from './logbook-service';
import { listLogbook, listTried, logbookChartsOf } from './logbook-store';
import { photoRoutes } from './photo-routes';

const TAGS = ['logbook'];
/** So many brews are in one file at most, the newest. */
const MOST_LINES = 10_000;
const PIECE = 500;

/** Every brew, what came of it, and what people said of it. */
export const logbookRoutes: FastifyPluginAsync = async (app) => {
  const { context } = app;
  const answer = { 200: logbookBrew };
  await app.register(photoRoutes);

  app.get<{ Querystring: LogbookQuery }>(
    '/',
    {
      schema: {
        tags: TAGS,
        summary: 'Brews that are finished, filtered and sorted',
        querystring: logbookQuery,
        response: { 200: logbookPage },
      },
    },
    async (request) =>
      listLogbook((await app.reader.upToDate()).sequelize, request.signedIn().kitchenId, request.query),
  );

  app.get<{ Querystring: LogbookFilter }>(
    '/charts',
    {
      schema: {
        tags: TAGS,
        summary: 'What the newest of them come to, by drink and by month',
        querystring: logbookFilter,
        response: { 200: logbookCharts },
      },
    },
    async (request) =>
      logbookChartsOf((await app.reader.upToDate()).sequelize, request.signedIn().kitchenId, request.query),
  );

  app.get<{ Querystring: LogbookFilter }>(
    '/brews.csv',
    { schema: { tags: TAGS, summary: 'The same brews as CSV', querystring: logbookFilter } },
    async (request, reply) => {
      const { kitchenId } = request.signedIn();
      const { sequelize } = await app.reader.upToDate();
      const rows: LogbookRow[] = [];
      let cursor: string | undefined;
      do {
        const page = await listLogbook(sequelize, kitchenId, {
          ...request.query,
          limit: PIECE,
          ...(cursor ? { cursor } : {}),
        });
        rows.push(...page.brews);
        cursor = page.next ?? undefined;
      } while (cursor !== undefined && rows.length < MOST_LINES);
      return reply
        .type('text/csv; charset=utf-8')
        .header('content-disposition', 'attachment; filename="wellhydra-logbook.csv"')
        .send(logbookCsv(rows));
    },
  );

  app.get<{ Params: IdParams }>(
    '/brews/:id',
    { schema: { tags: TAGS, summary: 'One brew with its tastings', params: idParams, response: answer } },
    (request) => readLogbookBrew(context, request.signedIn(), request.params.id),
  );

  app.get<{ Params: IdParams }>(
    '/drinks/:id/tried',
    {
      schema: {
        tags: TAGS,
        summary: 'Brews of a drink that were tasted, with what went into each',
        params: idParams,
        response: { 200: triedBrews },
      },
    },
    async (request) => {
      const who = request.signedIn();
      const { id } = await readDrinkRecord(context, who, request.params.id);
      return listTried(app.sequelize, who.kitchenId, id);
    },
  );

  app.put<{ Params: IdParams; Body: BrewNote }>(
    '/brews/:id/note',
    { schema: { tags: TAGS, summary: 'Note something of a brew', params: idParams, body: brewNote, response: answer } },
    (request) => noteOnBrew(context, request.signedIn(), request.params.id, request.body.note),
  );

  app.put<{ Params: TastingParams; Body: Tasting }>(
    '/brews/:id/tastings/:tastingId',
    {
      schema: {
        tags: TAGS,
        summary: 'Note how somebody liked it',
        params: tastingParams,
        body: tasting,
        response: answer,
      },
    },
    (request) => noteTasting(context, request.signedIn(), request.params, request.body),
  );

  app.delete<{ Params: TastingParams }>(
    '/brews/:id/tastings/:tastingId',
    { schema: { tags: TAGS, summary: 'Take a tasting out', params: tastingParams, response: answer } },
    (request) => forgetTasting(context, request.signedIn(), request.params),
  );
};
