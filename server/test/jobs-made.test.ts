import { randomUUID } from 'node:crypto';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { drinkDocumentOf, readDrink, type DrinkDocument } from '@wellhydra/core/drink';
import { DEFAULT_SETTINGS } from '@wellhydra/core/kitchen';
import type { FastifyInstance } from 'fastify';
import { freshDatabase, newCook, startServer, type Cook } from './kitchen-server';

const JOBS = join(__dirname, '../../examples/jobs');

let app: FastifyInstance;
let cook: Cook;
beforeAll(async () => {
  app = await startServer(await freshDatabase());
  cook = await newCook(app);
});
afterAll(() => app.close());

const AT = '2026-10-01T08:00:00.000Z';

/** A drink file as it stands in a kitchen: itself, and the preparations it uses. */
function kitchenDrinks(file: string): { document: DrinkDocument; preparations: DrinkDocument[] } {
  const read = readDrink(JSON.parse(readFileSync(join(JOBS, file), 'utf8')));
  if (read.kind !== 'drink') throw new Error(`${file} is no drink`);
  const { drink } = read;
  const preparations = Object.entries(drink.preparations ?? {}).map(([name, each]) =>
    drinkDocumentOf({ ...each, name }, randomUUID),
  );
  return { document: drinkDocumentOf(drink, randomUUID), preparations };
}

test.each(readdirSync(JOBS).sort())('%s is made to the end, step by step, and bottled', async (file) => {
  const { document, preparations } = kitchenDrinks(file);
  const [drink, brew] = [randomUUID(), randomUUID()];
  await cook.send('PUT', `/api/drinks/${drink}`, { expectedRevision: 0, document });
  const begun = await cook.send('PUT', `/api/brews/${brew}/run`, {
    drinkId: drink,
    drinkRevision: 1,
    recipe: { document, preparations, settings: DEFAULT_SETTINGS },
    cook: 'Ines',
    startedAt: AT,
  });
  expect(begun.status).toBe(200);
  const events = document.steps
    .filter(({ atServing }) => !atServing)
    .map(({ id }) => ({ kind: 'step-done', id: randomUUID(), at: AT, step: id }));
  const progress = await cook.send('POST', `/api/brews/${brew}/events`, { events });
  expect(progress.json.events).toHaveLength(events.length);
  const bottles = [{ id: randomUUID(), volume_mL: 50, place: 'fridge' }];
  const { status, json } = await cook.send('PUT', `/api/brews/${brew}/finish`, {
    eventId: randomUUID(),
    madeAt: AT,
    bottles,
  });
  expect(status).toBe(200);
  expect(json.volume_mL).toBeGreaterThan(50);
  expect((await cook.send('GET', `/api/bottles/${bottles[0]!.id}`)).json.useByReason).toBeTruthy();
});
