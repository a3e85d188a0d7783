import {
  idParams,
  labelOrder,
  labelPages,
  labelsStuck,
  planCalendar,
  type IdParams,
  type LabelOrder,
  type LabelsStuck,
  type PlanCalendar,
} from '@wellhydra/contract';
import type { FastifyPluginAsync, FastifyRequest } from 'fastify';
import { drawnLabels, laidLabels, stickLabels } from './labels/label-service';
import { planCalendarFile } from './plan-calendar';

const baseOf = ({ protocol, host }: FastifyRequest): string => `${protocol}://${host}`;

/** Things to print. */
export const documentRoutes: FastifyPluginAsync = async (app) => {
  app.get<{ Params: IdParams }>(
    '/bottles/:id/label.pdf',
    { schema: { tags: ['documents'], summary: 'A label to print', params: idParams } },
    async (request, reply) => {
      const who = request.signedIn();
      const order = { bottles: [request.params.id], sheet: 'roll-89' as const, start: 1 };
      const { pdf, title } = await drawnLabels(app.context, who, order, baseOf(request));
      return reply
        .type('application/pdf')
        .header('content-disposition', `inline; filename="label-${title}.pdf"`)
        .send(pdf);
    },
  );

  app.post<{ Body: LabelOrder }>(
    '/labels.pdf',
    { schema: { tags: ['documents'], summary: 'Labels on a sheet, to print', body: labelOrder } },
    async (request, reply) => {
      const { pdf } = await drawnLabels(app.context, request.signedIn(), request.body, baseOf(request));
      return reply
        .type('application/pdf')
        .header('content-disposition', 'attachment; filename="wellhydra-labels.pdf"')
        .send(pdf);
    },
  );

  app.post<{ Body: LabelOrder }>(
    '/labels',
    {
      schema: {
        tags: ['documents'],
        summary: 'The same labels as they lie on their pages, to be looked at first',
        body: labelOrder,
        response: { 200: labelPages },
      },
    },
    (request) => laidLabels(app.context, request.signedIn(), request.body, baseOf(request)),
  );

  app.post<{ Body: LabelsStuck }>(
    '/labels/stuck',
    { schema: { tags: ['documents'], summary: 'Note that bottles wear these labels now', body: labelsStuck } },
    async (request, reply) => {
      await stickLabels(app.context, request.signedIn(), request.body.bottles);
      return reply.code(204).send();
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
