import {
  drinkPage,
  drinkRecord,
  idParams,
  labelVersion,
  pageQuery,
  revisionParams,
  saveDrink,
  versionPage,
  type IdParams,
  type LabelVersion,
  type PageQuery,
  type RevisionParams,
  type SaveDrink,
} from '@wellhydra/contract';
import type { FastifyPluginAsync } from 'fastify';
import { deleteDrink, readDrinkRecord, restoreDrink, saveDrinkRecord } from './drink-service';
import { listDrinks } from './drink-store';
import { labelVersion as nameVersion, listVersions } from './version-store';

const TAGS = ['drinks'];

/** The formulas of a kitchen. */
export const drinkRoutes: FastifyPluginAsync = async (app) => {
  const { context } = app;

  app.get<{ Querystring: PageQuery }>(
    '/',
    { schema: { tags: TAGS, summary: 'Drinks, by name', querystring: pageQuery, response: { 200: drinkPage } } },
    (request) => listDrinks(app.sequelize, request.signedIn().kitchenId, request.query),
  );

  app.get<{ Params: IdParams }>(
    '/:id',
    { schema: { tags: TAGS, summary: 'One drink', params: idParams, response: { 200: drinkRecord } } },
    (request) => readDrinkRecord(context, request.signedIn(), request.params.id),
  );

  app.put<{ Params: IdParams; Body: SaveDrink }>(
    '/:id',
    {
      schema: {
        tags: TAGS,
        summary: 'Save a drink as its next revision',
        params: idParams,
        body: saveDrink,
        response: { 200: drinkRecord },
      },
    },
    (request) => saveDrinkRecord(context, request.signedIn(), request.params.id, request.body),
  );

  app.delete<{ Params: IdParams }>(
    '/:id',
    { schema: { tags: TAGS, summary: 'Delete a drink', params: idParams } },
    async (request, reply) => {
      await deleteDrink(context, request.signedIn(), request.params.id);
      return reply.code(204).send();
    },
  );

  app.post<{ Params: IdParams }>(
    '/:id/restore',
    { schema: { tags: TAGS, summary: 'Bring a deleted drink back', params: idParams, response: { 200: drinkRecord } } },
    (request) => restoreDrink(context, request.signedIn(), request.params.id),
  );

  app.get<{ Params: IdParams; Querystring: PageQuery }>(
    '/:id/versions',
    {
      schema: {
        tags: TAGS,
        summary: 'Versions of a drink, the newest first',
        params: idParams,
        querystring: pageQuery,
        response: { 200: versionPage },
      },
    },
    (request) => {
      const { kitchenId } = request.signedIn();
      return listVersions(app.sequelize, { kitchenId, drinkId: request.params.id }, request.query);
    },
  );

  app.put<{ Params: RevisionParams; Body: LabelVersion }>(
    '/:id/versions/:revision/label',
    { schema: { tags: TAGS, summary: 'Name a version', params: revisionParams, body: labelVersion } },
    async (request, reply) => {
      const { id, revision } = request.params;
      await nameVersion(app.models, request.signedIn().kitchenId, id, revision, request.body.label);
      return reply.code(204).send();
    },
  );
};
