import { randomUUID } from 'node:crypto';
import { DEFAULT_SETTINGS } from '@wellhydra/core/kitchen';
import type { FastifyInstance } from 'fastify';
import { bottledDrink, document, type Cook } from './kitchen-server';
import { trialLot } from './trial-lot';

/** Every route of a server, with what is asked of it about the things of one kitchen. */

export interface Things {
  readonly drink: string;
  readonly brew: string;
  readonly bottle: string;
  readonly lot: string;
  readonly pour: string;
}

/** A kitchen with something of each kind. */
export async function thingsOf(owner: Cook): Promise<Things> {
  const { ids } = await bottledDrink(owner);
  const things = { ...ids, lot: randomUUID(), pour: randomUUID() };
  await owner.send('PUT', `/api/stores/lots/${things.lot}`, trialLot());
  await owner.send('PUT', `/api/bottles/${ids.bottle}/pours/${things.pour}`, {
    volume_mL: 100,
    pouredAt: new Date().toISOString(),
  });
  return things;
}

export interface Route {
  readonly method: string;
  readonly url: string;
}

/** Every route under /api that is not open, as the server itself lists them. */
export async function closedRoutes(app: FastifyInstance): Promise<readonly Route[]> {
  const specification = app.swagger() as { paths: Record<string, Record<string, unknown>> };
  return Object.entries(specification.paths).flatMap(([url, methods]) =>
    Object.keys(methods).map((method) => ({ method: method.toUpperCase(), url })),
  );
}

export const OPEN = [
  '/api/health',
  '/api/ready',
  '/api/accounts/options',
  '/api/accounts/register',
  '/api/accounts/sign-in',
  '/api/accounts/demo',
  '/api/accounts/reset-request',
  '/api/accounts/reset',
  '/api/accounts/sign-out',
];
/** What a stranger would send to do the most harm. */
export const BODIES: Readonly<Record<string, unknown>> = {
  'PUT /api/drinks/{id}': { expectedRevision: 1, document: document(['9 g salt']) },
  'PUT /api/brews/{id}': (ids: Things) => ({
    drinkId: ids.drink,
    drinkRevision: 1,
    madeAt: new Date().toISOString(),
    bottles: [{ id: randomUUID(), volume_mL: 100, place: 'fridge' }],
  }),
  'PUT /api/devices/{device}': { plugged: false },
  'POST /api/devices/scale/tare': (ids: Things) => ({ brew: ids.brew }),
  'POST /api/devices/printer/labels': (ids: Things) => ({ bottles: [ids.bottle] }),
  'POST /api/documents/plan.ics': () => ({
    events: [{ id: 'a', title: 'Stir', begin: new Date().toISOString(), end: new Date().toISOString() }],
  }),
  'PUT /api/brews/{id}/run': (ids: Things) => ({
    drinkId: ids.drink,
    drinkRevision: 1,
    recipe: { document: document(['9 g salt', '1 L water']), preparations: [], settings: DEFAULT_SETTINGS },
    cook: 'Nobody',
    startedAt: new Date().toISOString(),
  }),
  'POST /api/brews/{id}/events': () => ({
    events: [{ kind: 'abandoned', text: 'gone', id: randomUUID(), at: new Date().toISOString() }],
  }),
  'PUT /api/brews/{id}/finish': () => ({
    eventId: randomUUID(),
    madeAt: new Date().toISOString(),
    bottles: [{ id: randomUUID(), volume_mL: 100, place: 'fridge' }],
  }),
  'PUT /api/drinks/{id}/versions/{revision}/label': { label: 'Mine' },
  'PUT /api/logbook/brews/{id}/note': { note: 'spite' },
  'PUT /api/logbook/brews/{id}/tastings/{tastingId}': {
    taster: 'Nobody',
    score: 1,
    words: '',
    blind: false,
    at: new Date().toISOString(),
  },
  'PUT /api/logbook/brews/{id}/photos/{photoId}': Buffer.from('a picture'),
  'PUT /api/kitchen/members/{id}/role': { role: 'maker' },
  'PUT /api/bottles/{id}/place': { place: 'cupboard' },
  // An id that is taken in one kitchen is free in another: it is a lot of the stranger's own.
  'PUT /api/stores/lots/{id}': trialLot({ name: 'Mine' }),
  'PUT /api/stores/lots/{id}/changes/{changeId}': {
    kind: 'thrown-away',
    at: new Date().toISOString(),
    reason: 'spite',
  },
  'PUT /api/bottles/{id}/changes/{changeId}': { kind: 'discarded', at: new Date().toISOString(), reason: 'spite' },
  'PUT /api/people/': { expectedRevision: 0, people: { people: {}, spoonPlans: {}, sweatTests: {}, sheets: {} } },
  'PUT /api/bottles/{id}/pours/{pourId}': { volume_mL: 10, pouredAt: new Date().toISOString() },
};

export function addressFor({ url }: Route, ids: Things): string {
  const thing = url.includes('/lots/')
    ? ids.lot
    : url.includes('/drinks')
      ? ids.drink
      : url.includes('/brews/')
        ? ids.brew
        : ids.bottle;
  if (url.endsWith('/stream')) return `${url}?brew=${ids.brew}`;
  return url
    .replace('{device}', 'scale')
    .replace('{id}', thing)
    .replace(/\{(?:pour|change|tasting|photo)Id\}/, ids.pour)
    .replace('{revision}', '1');
}

export function bodyFor({ method, url }: Route, ids: Things): unknown {
  const body = BODIES[`${method} ${url}`];
  return typeof body === 'function' ? (body as (ids: Things) => unknown)(ids) : body;
}
