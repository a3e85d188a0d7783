import {
  bottleChange,
  bottlePage,
  bottleRecord,
  changeParams,
  idParams,
  moveBottle,
  pageQuery,
  pour,
  pourPage,
  pourParams,
  type BottleChange,
  type ChangeParams,
  type IdParams,
  type MoveBottle,
  type PageQuery,
  type Pour,
  type PourParams,
} from '@wellhydra/contract';
import type { FastifyPluginAsync } from 'fastify';
import { FOR_DRINKERS } from '../plugins/session';
import { listKnownBottles, moveBottleTo, readBottle, readKnownBottle } from './bottle-service';
import { changeBottle, undoChange } from './change-service';
import { pourFromBottle, undoPour } from './pour-service';
import { listPours } from './pour-store';

const TAGS = ['bottles'];

/** What stands on the shelf, and what is poured from it. */
export const bottleRoutes: FastifyPluginAsync = async (app) => {
  const { context } = app;
  const answer = { 200: bottleRecord };

  app.get<{ Querystring: PageQuery }>(
    '/',
    {
      config: FOR_DRINKERS,
      schema: {
        tags: TAGS,
        summary: 'Bottles that are not empty, the first to be used up first',
        querystring: pageQuery,
        response: { 200: bottlePage },
      },
    },
    (request) => listKnownBottles(context, request.signedIn(), request.query),
  );

  app.get<{ Params: IdParams; Querystring: PageQuery }>(
    '/:id/pours',
    {
      schema: {
        tags: TAGS,
        summary: 'Pours of a bottle, the newest first',
        params: idParams,
        querystring: pageQuery,
        response: { 200: pourPage },
      },
    },
    async (request) => {
      const who = request.signedIn();
      await readBottle(context, who, request.params.id);
      return listPours(app.sequelize, who.kitchenId, request.params.id, request.query);
    },
  );

  app.get<{ Params: IdParams }>(
    '/:id',
    { config: FOR_DRINKERS, schema: { tags: TAGS, summary: 'One bottle', params: idParams, response: answer } },
    (request) => readKnownBottle(context, request.signedIn(), request.params.id),
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
    (request) => moveBottleTo(context, request.signedIn(), request.params.id, request.body),
  );

  app.put<{ Params: PourParams; Body: Pour }>(
    '/:id/pours/:pourId',
    {
      config: FOR_DRINKERS,
      schema: { tags: TAGS, summary: 'Pour from a bottle', params: pourParams, body: pour, response: answer },
    },
    (request) => pourFromBottle(context, request.signedIn(), request.params, request.body),
  );

  app.delete<{ Params: PourParams }>(
    '/:id/pours/:pourId',
    {
      config: FOR_DRINKERS,
      schema: { tags: TAGS, summary: 'Take a pour back', params: pourParams, response: answer },
    },
    (request) => undoPour(context, request.signedIn(), request.params),
  );

  app.put<{ Params: ChangeParams; Body: BottleChange }>(
    '/:id/changes/:changeId',
    {
      schema: {
        tags: TAGS,
        summary: 'Open a bottle, throw it away, correct it, top it up, or split it',
        params: changeParams,
        body: bottleChange,
        response: answer,
      },
    },
    (request) => changeBottle(context, request.signedIn(), request.params, request.body),
  );

  app.delete<{ Params: ChangeParams }>(
    '/:id/changes/:changeId',
    { schema: { tags: TAGS, summary: 'Take a change back', params: changeParams, response: answer } },
    (request) => undoChange(context, request.signedIn(), request.params),
  );
};
