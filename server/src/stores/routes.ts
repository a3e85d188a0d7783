import {
  bottleBrews,
  brewLots,
  idParams,
  lotChange,
  lotChangeParams,
  lotPage,
  lotQuery,
  lotRecord,
  lotTrace,
  saveLot,
  saveShopping,
  shoppingRecord,
  type IdParams,
  type LotChange,
  type LotChangeParams,
  type LotQuery,
  type SaveLot,
  type SaveShopping,
} from '@wellhydra/contract';
import type { FastifyPluginAsync } from 'fastify';
import { findBottle } from '../bottles/bottle-store';
import { findBrew } from '../brews/brew-store';
import { readShopping, saveShoppingOf } from '../kitchen/kitchen-documents-store';
import { Problem } from '../problem';
import { changeLot, readLotOf, saveLotAs, traceLotOf, undoLotChange } from './lot-service';
import { listLots } from './lot-store';
import { brewsOfBottle, wentInto } from './went-in';

const TAGS = ['stores'];

/** What is in the house, in lots. */
export const storesRoutes: FastifyPluginAsync = async (app) => {
  const { context } = app;
  const answer = { 200: lotRecord };

  app.get<{ Querystring: LotQuery }>(
    '/lots',
    {
      schema: {
        tags: TAGS,
        summary: 'Lots that are not used up, by ingredient',
        querystring: lotQuery,
        response: { 200: lotPage },
      },
    },
    (request) => listLots(app.sequelize, request.signedIn().kitchenId, request.query),
  );

  app.get<{ Params: IdParams }>(
    '/lots/:id',
    { schema: { tags: TAGS, summary: 'One lot', params: idParams, response: answer } },
    (request) => readLotOf(context, request.signedIn(), request.params.id),
  );

  app.put<{ Params: IdParams; Body: SaveLot }>(
    '/lots/:id',
    {
      schema: { tags: TAGS, summary: 'Put a lot in, or correct it', params: idParams, body: saveLot, response: answer },
    },
    (request) => saveLotAs(context, request.signedIn(), request.params.id, request.body),
  );

  app.put<{ Params: LotChangeParams; Body: LotChange }>(
    '/lots/:id/changes/:changeId',
    {
      schema: {
        tags: TAGS,
        summary: 'Weigh a lot, use it up, or throw it away',
        params: lotChangeParams,
        body: lotChange,
        response: answer,
      },
    },
    (request) => changeLot(context, request.signedIn(), request.params, request.body),
  );

  app.delete<{ Params: LotChangeParams }>(
    '/lots/:id/changes/:changeId',
    { schema: { tags: TAGS, summary: 'Take that back', params: lotChangeParams, response: answer } },
    (request) => undoLotChange(context, request.signedIn(), request.params),
  );

  app.get<{ Params: IdParams }>(
    '/lots/:id/trace',
    {
      schema: {
        tags: TAGS,
        summary: 'Every batch, bottle and person that a lot has reached',
        params: idParams,
        response: { 200: lotTrace },
      },
    },
    (request) => traceLotOf(context, request.signedIn(), request.params.id),
  );

  app.get(
    '/shopping',
    { schema: { tags: TAGS, summary: 'What is to be bought', response: { 200: shoppingRecord } } },
    (request) => readShopping(app.models, request.signedIn().kitchenId),
  );

  app.put<{ Body: SaveShopping }>(
    '/shopping',
    {
      schema: {
        tags: TAGS,
        summary: 'Save what is to be bought',
        body: saveShopping,
        response: { 200: shoppingRecord },
      },
    },
    (request) => saveShoppingOf(app.models, request.signedIn().kitchenId, request.body),
  );

  app.get<{ Params: IdParams }>(
    '/brews/:id/lots',
    { schema: { tags: TAGS, summary: 'Lots that went into a brew', params: idParams, response: { 200: brewLots } } },
    async (request) => {
      const { kitchenId } = request.signedIn();
      if (!(await findBrew(app.sequelize, kitchenId, request.params.id))) throw new Problem('not-found');
      return wentInto(app.sequelize, kitchenId, request.params.id);
    },
  );

  app.get<{ Params: IdParams }>(
    '/bottles/:id/brews',
    {
      schema: {
        tags: TAGS,
        summary: 'Brews that have taken of a bottle',
        params: idParams,
        response: { 200: bottleBrews },
      },
    },
    async (request) => {
      const { kitchenId } = request.signedIn();
      if (!(await findBottle(app.sequelize, kitchenId, request.params.id))) throw new Problem('not-found');
      return { brews: await brewsOfBottle(app.sequelize, kitchenId, request.params.id) };
    },
  );
};
