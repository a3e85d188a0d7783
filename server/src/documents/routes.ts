import { idParams, type IdParams } from '@wellhydra/contract';
import type { FastifyPluginAsync } from 'fastify';
import { readBottle } from '../bottles/bottle-service';
import { labelPdf } from './label-pdf';

/** Things to print. */
export const documentRoutes: FastifyPluginAsync = async (app) => {
  app.get<{ Params: IdParams }>(
    '/bottles/:id/label.pdf',
    { schema: { tags: ['documents'], summary: 'A label to print', params: idParams } },
    async (request, reply) => {
      const bottle = await readBottle(
        { sequelize: app.sequelize, models: app.models },
        request.signedIn(),
        request.params.id,
      );
      const address = `${request.protocol}://${request.host}/bottles/${bottle.id}`;
      return reply
        .type('application/pdf')
        .header('content-disposition', `inline; filename="label-${bottle.batch}.pdf"`)
        .send(await labelPdf(bottle, address));
    },
  );
};
