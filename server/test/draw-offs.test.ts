import { randomUUID } from 'node:crypto';
import { brewRecipe, brewState, drawnOff } from '@wellhydra/core/brew';
import type { DrinkDocument, Verb } from '@wellhydra/core/drink';
import { DEFAULT_SETTINGS } from '@wellhydra/core/kitchen';
import { intakeOf, drinkFactsOf } from '@wellhydra/core/people';
import type { FastifyInstance } from 'fastify';
import { freshDatabase, newCook, startServer, type Cook } from './kitchen-server';

/** A pan drawn off at two thicknesses, a glass drunk on the spot, a taste: each an end of its own, with a real database. */

let app: FastifyInstance;
let cook: Cook;
beforeAll(async () => {
  app = await startServer(await freshDatabase());
  cook = await newCook(app);
});
afterAll(() => app.close());

const AT = '2026-10-01T08:00:00.000Z';
const LINES: readonly (readonly [Verb, string])[] = [
  ['add', '1 L water'],
  ['add', '500 g white sugar'],
  ['simmer', '10 min'],
  ['draw', '250 mL'],
  ['simmer', '30 min'],
];
const DOCUMENT: DrinkDocument = {
  name: 'Hedge hips',
  kind: 'syrup',
  serving: '15 mL',
  target: null,
  steps: LINES.map(([verb, text], index) => ({ id: `s${index}`, verb, text })),
};
const RECIPE = { document: DOCUMENT, preparations: [], settings: DEFAULT_SETTINGS };
const [DRAWN] = drawnOff(brewRecipe(RECIPE), brewState([]));

const bottle = (volume_mL: number, by: object = {}) => ({ id: randomUUID(), volume_mL, place: 'fridge', ...by });

async function begun() {
  const [drink, brew] = [randomUUID(), randomUUID()];
  await cook.send('PUT', `/api/drinks/${drink}`, { expectedRevision: 0, document: DOCUMENT });
  const run = { drinkId: drink, drinkRevision: 1, recipe: RECIPE, cook: 'Ines', startedAt: AT };
  expect((await cook.send('PUT', `/api/brews/${brew}/run`, run)).status).toBe(200);
  const finish = (filling: object) =>
    cook.send('PUT', `/api/brews/${brew}/finish`, { eventId: randomUUID(), madeAt: AT, ...filling });
  return { drink, brew, finish };
}
const read = async (id: string) => (await cook.send('GET', `/api/bottles/${id}`)).json;

test('what is drawn off is bottled as a batch of its own beside the other', async () => {
  const { brew, finish } = await begun();
  const [thin, thick] = [bottle(240, { draw: 's3' }), bottle(300)];
  const filling = { bottles: [thin, thick] };
  const { status, json } = await finish(filling);
  expect([status, json.bottleIds, json.partOf]).toEqual([200, [thick.id], null]);
  const [one, other] = [await read(thin.id), await read(thick.id)];
  expect([one.batch, one.drinkName]).toEqual([`${other.batch}a`, 'Hedge hips, thin']);
  expect(one.brewId).not.toBe(brew);
  expect(one.facts).toEqual(drinkFactsOf(DRAWN!.analysis));
  expect(one.facts.perServing.sugars_g).toBeLessThan(other.facts.perServing.sugars_g);
  const brews = (await cook.send('GET', '/api/brews')).json.brews as { id: string; partOf: string | null }[];
  const part = brews.find(({ partOf }) => partOf === brew) as unknown as Record<string, number>;
  expect(part['volume_mL']).toBeCloseTo(250, 6);
  expect([part['bottled_mL'], part['lost_mL']]).toEqual([240, expect.closeTo(10, 6)]);
  // The same again is the same, and other bottles are no second filling.
  expect((await finish(filling)).status).toBe(200);
  expect((await finish({ bottles: [bottle(100)] })).json.code).toBe('bottled-already');
});

test('a correction after it was bottled holds for what was drawn off, too', async () => {
  const { brew, finish } = await begun();
  const thin = bottle(240, { draw: 's3' });
  await finish({ bottles: [thin, bottle(300)] });
  const before = await read(thin.id);
  const reading = { kind: 'reading', id: randomUUID(), at: AT, step: 's2', quantity: 'brix', value: 55 };
  expect((await cook.send('POST', `/api/brews/${brew}/events`, { events: [reading] })).status).toBe(200);
  const after = await read(thin.id);
  expect(after.facts.perServing.sugars_g).toBeGreaterThan(1.2 * before.facts.perServing.sugars_g);
  expect(after.remaining_mL).toBe(240);
});

test('what is drunk on the spot counts for whoever drinks it; what is tasted is told from what is lost', async () => {
  const people = [randomUUID(), randomUUID()];
  const { brew, finish } = await begun();
  const own = bottle(200);
  const { json } = await finish({ bottles: [own], drunk_mL: 60, drunkBy: people, tasted_mL: 5 });
  expect([json.bottled_mL, json.drunk_mL, json.tasted_mL, json.bottleIds]).toEqual([200, 60, 5, [own.id]]);
  expect(json.bottled_mL + json.drunk_mL + json.tasted_mL + json.lost_mL).toBeCloseTo(json.volume_mL, 6);
  const { pours, brews } = (await cook.send('GET', '/api/people/pours')).json;
  const had = pours.filter(({ brewId }: { brewId: string }) => brewId === brew);
  expect(had.map(({ volume_mL }: { volume_mL: number }) => volume_mL)).toEqual([30, 30]);
  expect(had.map(({ personId }: { personId: string }) => personId).sort()).toEqual([...people].sort());
  // Two spoons of 15 mL each.
  const { facts } = await read(own.id);
  expect(intakeOf(brews[brew].facts, 30 / brews[brew].serving_mL)).toEqual(intakeOf(facts, 2));
  const shelf = (await cook.send('GET', '/api/bottles')).json.bottles as { brewId: string; id: string }[];
  expect(shelf.filter(({ brewId }) => brewId === brew).map(({ id }) => id)).toEqual([own.id]);
});

test('all of it drunk on the spot, and sent again: it is the same, and nobody is told that it was bottled already', async () => {
  const { brew } = await begun();
  const finish = { eventId: randomUUID(), madeAt: AT, bottles: [], drunk_mL: 80, drunkBy: [randomUUID()] };
  const send = (by: object = {}) => cook.send('PUT', `/api/brews/${brew}/finish`, { ...finish, ...by });
  const first = await send();
  const second = await send();
  expect([first.status, second.status]).toEqual([200, 200]);
  expect(second.json).toEqual(first.json);
  const { pours } = (await cook.send('GET', '/api/people/pours')).json;
  expect(pours.filter(({ brewId }: { brewId: string }) => brewId === brew)).toHaveLength(1);
  // Another phone that bottles it meanwhile is told.
  const other = await send({ eventId: randomUUID(), bottles: [bottle(100)] });
  expect(other.json.code).toBe('bottled-already');
});

test.each<[string, object]>([
  ['nothing is drawn off at that step', { bottles: [bottle(100, { draw: 's0' })] }],
  ['more is bottled than was drawn off', { bottles: [bottle(400, { draw: 's3' })] }],
  ['more is drunk and tasted than there is', { bottles: [], drunk_mL: 900, tasted_mL: 900 }],
])('%s: it is refused, and nothing is stored', async (_what, filling) => {
  const { brew, finish } = await begun();
  const { status, json } = await finish(filling);
  expect([status, json.code]).toEqual([400, 'invalid-request']);
  const brews = (await cook.send('GET', '/api/brews')).json.brews as { partOf: string | null }[];
  expect(brews.filter(({ partOf }) => partOf === brew)).toEqual([]);
  expect((await finish({ bottles: [bottle(100)] })).status).toBe(200);
});

test('made without the pages of Make, it is drawn off as well', async () => {
  const [drink, brew] = [randomUUID(), randomUUID()];
  await cook.send('PUT', `/api/drinks/${drink}`, { expectedRevision: 0, document: DOCUMENT });
  const thin = bottle(250, { draw: 's3' });
  const vessel = { name: '', shape: 'bottle', size_mL: 265, dark: true, reused: true, heatSafe: true };
  const made = { drinkId: drink, drinkRevision: 1, madeAt: AT, bottles: [{ ...thin, vessel }] };
  expect((await cook.send('PUT', `/api/brews/${brew}`, made)).status).toBe(200);
  const { drinkName, vessel: kept } = await read(thin.id);
  expect([drinkName, kept]).toEqual(['Hedge hips, thin', vessel]);
});
