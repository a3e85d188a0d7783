import {
  deviceList,
  deviceParams,
  plugDevice,
  printLabels,
  printedLabels,
  sensorValue,
  streamQuery,
  tareScale,
  weighHand,
  type DeviceParams,
  type PlugDevice,
  type PrintLabels,
  type PrintedLabels,
  type StreamQuery,
  type TareScale,
  type WeighHand,
} from '@wellhydra/contract';
import type { FastifyPluginAsync } from 'fastify';
import { drawnLabels, stickLabels } from '../documents/labels/label-service';
import { findSession } from '../accounts/session-store';
import { sessionToken } from '../plugins/session';
import { Problem } from '../problem';
import { listDevices, plugIn, sensorsAt, tare } from './device-service';
import { weighHandful } from './weigh-hand';
import { SensorStreams } from './sensor-streams';
import { spoolPrinter } from './simulated/spool-printer';

const TAGS = ['devices'];
/** A stream whose session has ended is ended within this time, ms. */
const SESSION_LOOKED_AFTER_ms = 10_000;
/** Clocks this near to each other are one: whoever watches by them hears the same reader, ms. */
const SAME_CLOCK_ms = 2000;

/** Scale, probe, refractometer and label printer of a kitchen. */
export const deviceRoutes: FastifyPluginAsync<{ spoolFolder: string }> = async (app, { spoolFolder }) => {
  const { context } = app;
  const printer = spoolPrinter(spoolFolder);
  const streams = new SensorStreams();
  app.addHook('preClose', async () => streams.endAll());
  const list = { tags: TAGS, response: { 200: deviceList } };

  app.get('/', { schema: { ...list, summary: 'What stands on the worktop' } }, (request) =>
    listDevices(context, request.signedIn().kitchenId),
  );

  app.put<{ Params: DeviceParams; Body: PlugDevice }>(
    '/:device',
    { schema: { ...list, summary: 'Plug a device in, or unplug it', params: deviceParams, body: plugDevice } },
    (request) => plugIn(context, request.signedIn().kitchenId, request.params.device, request.body.plugged),
  );

  app.post<{ Body: TareScale }>(
    '/scale/tare',
    { schema: { tags: TAGS, summary: 'Show nothing for what stands on the scale', body: tareScale } },
    async (request, reply) => {
      await tare(context, request.signedIn().kitchenId, request.body.brew, new Date());
      return reply.code(204).send();
    },
  );

  app.post<{ Body: WeighHand }>(
    '/scale/weigh',
    {
      schema: {
        tags: TAGS,
        summary: 'What the scale shows of so many of a measure of somebody’s own',
        body: weighHand,
        response: { 200: sensorValue },
      },
    },
    (request) => weighHandful(context, request.signedIn(), request.body, new Date()),
  );

  app.get<{ Querystring: StreamQuery }>(
    '/stream',
    {
      schema: {
        tags: TAGS,
        summary: 'Values of the sensors as they come (server-sent events)',
        querystring: streamQuery,
      },
    },
    async (request, reply) => {
      const { kitchenId } = request.signedIn();
      const { brew, at } = request.query;
      const ahead_ms = at === undefined ? 0 : Date.parse(at) - Date.now();
      const now = () => new Date(Date.now() + ahead_ms);
      streams.checkRoom(kitchenId);
      const sensors = sensorsAt(context, kitchenId, brew, now());
      const first = await sensors(now());
      reply.hijack();
      const { raw } = reply;
      raw.writeHead(200, {
        'content-type': 'text/event-stream',
        'cache-control': 'no-store',
        connection: 'keep-alive',
        'x-accel-buffering': 'no',
      });
      const hear = (values: typeof first) => void raw.write(`data: ${JSON.stringify(values)}\n\n`);
      hear(first);
      const clock = Math.round(ahead_ms / SAME_CLOCK_ms);
      const listener = { kitchenId, hear, end: () => void raw.end() };
      const stop = streams.listen(`${kitchenId}/${brew}/${clock}`, listener, () => sensors(now()));
      // Whoever signs out hears no more.
      const token = sessionToken(request) ?? '';
      const looking = setInterval(() => {
        findSession(app.sequelize, token).then(
          (who) => who ?? raw.end(),
          () => undefined,
        );
      }, SESSION_LOOKED_AFTER_ms);
      raw.on('close', () => {
        clearInterval(looking);
        stop();
      });
      return reply;
    },
  );

  app.post<{ Body: PrintLabels }>(
    '/printer/labels',
    {
      schema: {
        tags: TAGS,
        summary: 'Print labels for bottles and standing jars',
        body: printLabels,
        response: { 200: printedLabels },
      },
    },
    async (request): Promise<PrintedLabels> => {
      const who = request.signedIn();
      const { devices } = await listDevices(context, who.kitchenId);
      if (!devices.some(({ device, plugged }) => device === 'printer' && plugged))
        throw new Problem('device-unplugged');
      const { bottles, brews = [] } = request.body;
      const order = { bottles, brews, sheet: 'roll-89' as const, start: 1 };
      const { pdf, title } = await drawnLabels(context, who, order, `${request.protocol}://${request.host}`);
      // One strip of the roll, however many labels there are.
      const [first] = [...bottles, ...brews] as [string];
      const files = [await printer.print(`${title} ${first.slice(0, 8)}`, pdf)];
      if (bottles.length > 0) await stickLabels(context, who, bottles);
      return { files, printedAt: new Date().toISOString() };
    },
  );
};
