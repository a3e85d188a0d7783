import { randomUUID } from 'node:crypto';
import { ERROR_BODY_BYTES } from '@wellhydra/contract';
import type { FastifyInstance } from 'fastify';
import { bottledDrink, freshDatabase, newCook, startServer, type Cook } from './kitchen-server';
import { RequestMaker, seededRandom } from './request-maker';

const REQUESTS = 5000;
const SEED = 20_261_128;
/** No list of so small a kitchen is larger, bytes. */
const ANSWER_LIMIT = 2_000_000;
/** Sensors go on for ever, and are tried elsewhere; whoever signs out is out. */
const LEFT_OUT = new Set(['/api/devices/stream', '/api/accounts/sign-out']);

let app: FastifyInstance;
let cook: Cook;
let ids: readonly string[];
beforeAll(async () => {
  app = await startServer(await freshDatabase(), { signInsPerQuarter: 100_000 });
  cook = await newCook(app);
  const { ids: made } = await bottledDrink(cook);
  ids = [...Object.values(made), randomUUID()];
});
afterAll(() => app.close());

type Operation = { readonly [part: string]: any };

/** What is sent comes in parts, each of which has the time of a test: a busy machine is slow, not wrong. */
const PARTS = 5;
const reached = new Set<string>();
let routes: readonly { readonly path: string; readonly method: string; readonly operation: Operation }[];
beforeAll(async () => {
  const { json } = await cook.send('GET', '/api/docs/json');
  routes = Object.entries(json.paths as Record<string, Record<string, Operation>>).flatMap(([path, methods]) =>
    LEFT_OUT.has(path) ? [] : Object.entries(methods).map(([method, operation]) => ({ path, method, operation })),
  );
});

test.each(Array.from({ length: PARTS }, (_any, part) => part))(
  'whatever is sent to whatever route, nothing fails and no error is larger than errors are: part %d',
  async (part) => {
    const maker = new RequestMaker(seededRandom(SEED + part), ids);
    const failed: string[] = [];
    for (let count = 0; count < REQUESTS / PARTS; count += 1) {
      const { path, method, operation } = routes[count % routes.length]!;
      const oddness = maker.pick([0, 0.02, 0.1, 0.4]);
      const parameters = (operation.parameters ?? []) as readonly Operation[];
      const url = parameters.reduce((address, { in: where, name, schema, required }) => {
        if (where === 'query' && !required && maker.chance(0.4)) return address;
        // Nobody has the time to wait for news here.
        const value = name === 'wait_ms' ? 0 : maker.value(schema, oddness);
        const word = encodeURIComponent(
          String(typeof value === 'object' ? JSON.stringify(value) : value).replace(/\p{Surrogate}/gu, '?'),
        );
        const short = word.slice(0, 2000);
        return where === 'path'
          ? address.replace(`{${name}}`, short || '%20')
          : `${address}${address.includes('?') ? '&' : '?'}${name}=${short}`;
      }, path);
      const schema = operation.requestBody?.content?.['application/json']?.schema;
      // Signing in and up costs what it is meant to cost, a hash each time, and more after each wrong word.
      const slow = path.startsWith('/api/accounts/') && (method === 'post' || path.endsWith('/password'));
      if (slow && !maker.chance(0.1)) continue;
      const payload = schema ? JSON.stringify(maker.value(schema, oddness)) : undefined;
      const answer = await app.inject({
        method: method.toUpperCase() as 'GET',
        url,
        headers: {
          ...(slow ? {} : { cookie: cook.cookie }),
          ...(payload ? { 'content-type': 'application/json' } : {}),
        },
        ...(payload ? { payload } : {}),
      });
      const size = Buffer.byteLength(answer.payload);
      const limit = answer.statusCode >= 400 ? ERROR_BODY_BYTES : ANSWER_LIMIT;
      if (answer.statusCode < 300) reached.add(`${method} ${path}`);
      if (answer.statusCode >= 500 || size > limit)
        failed.push(
          `${method} ${url.slice(0, 200)} ${payload?.slice(0, 400)} → ${answer.statusCode}, ${size} bytes ${answer.payload.slice(0, 200)}`,
        );
    }
    expect(failed.slice(0, 5)).toEqual([]);
  },
);

test('it gets past the doors: most routes were served at least once', () => {
  expect(routes.length).toBeGreaterThan(30);
  expect(reached.size).toBeGreaterThan(routes.length / 2);
});

test('twenty thousand pots are answered in the time it takes to count them', async () => {
  const pots = Array.from({ length: 20_000 }, (_, index) => ({ name: `Pot ${index}`, width_cm: 20, holds_mL: 3000 }));
  const { status, json } = await cook.send('PUT', '/api/kitchen/settings', { expectedRevision: 0, settings: { pots } });
  expect([status, json.code]).toEqual([400, 'invalid-request']);
  expect(json.details).toEqual([{ at: 'body.settings.pots', message: expect.stringMatching(/more than 1000 rows/) }]);
});
