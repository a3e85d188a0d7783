import { idParams, planCalendar, type IdParams, type PlanCalendar } from '@wellhydra/contract';
import type { FastifyPluginAsync } from 'fastify';
import { readBottle } from '../bottles/bottle-service';
import { labelPdf } from './label-pdf';
import { planCalendarFile } from './plan-calendar';

/** Things to print. */
export const documentRoutes: FastifyPluginAsync = async (app) => {
  app.get<{ Params: IdParams }>(
    '/bottles/:id/label.pdf',
    { schema: { tags: ['documents'], summary: 'A label to print', params: idParams } },
    async (request, reply) => {
      const bottle = await readBottle(app.context, request.signedIn(), request.params.id);
      const address = `${request.protocol}://${request.host}/bottles/${bottle.id}`;
      return reply
        .type('application/pdf')
        .header('content-disposition', `inline; filename="label-${bottle.batch}.pdf"`)
        .send(await labelPdf(bottle, address));
    },
  );

  app.post<{ Body: PlanCalendar }>(
    '/plan.ics',
    { schema: { tags: ['documents'], summary: 'A plan as an iCalendar file', body: planCalendar } },
    async (request, reply) => {
      request.signedIn();
      return reply
        .type('text/calendar; charset=utf-8')
        .header('content-disposition', 'attachment; filename="wellhydra-plan.ics"')
        .send(planCalendarFile(request.body));
    },
  );
};
