import { randomUUID } from 'node:crypto';
import { brewRecipe, brewState, runBrew, type BrewEvent } from '@wellhydra/core/brew';
import type { DrinkDocument, Verb } from '@wellhydra/core/drink';
import { DEFAULT_SETTINGS } from '@wellhydra/core/kitchen';
import { SHELF_PLACES, bottleUseBy, type ShelfPlace } from '@wellhydra/core/keeping';
import fc from 'fast-check';
import type { FastifyInstance } from 'fastify';
import { freshDatabase, newCook, startServer, type Cook } from './kitchen-server';

/** What bottles carry is what the brew's own run comes to, whatever was read and added: with a real database. */

let app: FastifyInstance;
let cook: Cook;
beforeAll(async () => {
  app = await startServer(await freshDatabase());
  cook = await newCook(app);
});
afterAll(() => app.close());

const AT = '2026-10-01T08:00:00.000Z';
const document = (
  kind: DrinkDocument['kind'],
  serving: string,
  lines: readonly (readonly [Verb, string])[],
): DrinkDocument => ({
  name: 'Chance',
  kind,
  serving,
  target: null,
  steps: lines.map(([verb, text], index) => ({ id: `s${index}`, verb, text })),
});
const DRINKS = [
  document('tonic', '15 mL', [
    ['add', '100 g dried elderberries'],
    ['add', '1 L water'],
    ['simmer', '40 min'],
    ['strain', 'cloth'],
    ['add', '400 g honey'],
    ['store', 'fridge'],
  ]),
  document('rehydration', '250 mL', [
    ['add', '1 L water'],
    ['add', '2.6 g table salt'],
    ['add', '13.5 g glucose'],
    ['dissolve', ''],
  ]),
  document('juice', '200 mL', [
    ['add', '600 mL apple juice'],
    ['add', '50 mL lemon juice'],
    ['store', 'freezer'],
  ]),
  document('dry-mix', '5 g', [
    ['add', '54 g table salt'],
    ['add', '100 g glucose'],
    ['shake', '2 min'],
  ]),
];

/** A reading of what went in or of the pot, and what is tasted in behind it, as shares of what was planned. */
const happenings = fc.array(
  fc.record({
    step: fc.nat(5),
    share: fc.double({ min: 0.6, max: 2.4, noNaN: true }),
    adds: fc.constantFrom(null, '1 tsp table salt', '2 tbsp honey', '50 mL water'),
  }),
  { maxLength: 4 },
);
const making = fc.record({
  drink: fc.constantFrom(...DRINKS),
  happenings,
  bottles: fc.array(fc.constantFrom(...SHELF_PLACES), { minLength: 1, maxLength: 3 }),
  filled: fc.double({ min: 0.3, max: 1, noNaN: true }),
  drunk: fc.double({ min: 0, max: 1, noNaN: true }),
  moves: fc.array(fc.constantFrom(...SHELF_PLACES), { maxLength: 2 }),
});
type Making = typeof making extends fc.Arbitrary<infer Value> ? Value : never;

const stored = (drink: DrinkDocument) => ({ document: drink, preparations: [], settings: DEFAULT_SETTINGS });
const event = (happening: object): BrewEvent => ({ id: randomUUID(), at: AT, ...happening }) as BrewEvent;

/** What was read and added, said of what the run of the plan has there. */
function eventsOf({ drink, happenings: all }: Making): readonly BrewEvent[] {
  const { analysis, steps } = runBrew(brewRecipe(stored(drink)), brewState([]));
  return all.flatMap(({ step, share, adds }) => {
    const at = step % drink.steps.length;
    const entry = analysis.trace.entries.find((each) => steps[each.step]!.of === `s${at}`);
    const mass_g = entry?.added_g ?? entry?.mass_g;
    if (!mass_g) return [];
    return [
      event({ kind: 'reading', step: `s${at}`, quantity: 'mass_g', value: mass_g * share }),
      ...(adds === null ? [] : [event({ kind: 'added', step: `s${at}`, text: adds })]),
    ];
  });
}

async function bottled(made: Making) {
  const { drink, bottles: places, filled, drunk } = made;
  const ids = { drink: randomUUID(), brew: randomUUID() };
  await cook.send('PUT', `/api/drinks/${ids.drink}`, { expectedRevision: 0, document: drink });
  const begun = { drinkId: ids.drink, drinkRevision: 1, recipe: stored(drink), cook: 'Ines', startedAt: AT };
  expect((await cook.send('PUT', `/api/brews/${ids.brew}/run`, begun)).status).toBe(200);
  const events = eventsOf(made);
  if (events.length > 0)
    expect((await cook.send('POST', `/api/brews/${ids.brew}/events`, { events })).status).toBe(200);
  const { analysis } = runBrew(brewRecipe(stored(drink)), brewState(events));
  const amount = analysis.liquid?.volume_mL ?? analysis.trace.pot.mass_g;
  const bottles = places.map((place) => ({ id: randomUUID(), place, volume_mL: (amount * filled) / places.length }));
  const drunk_mL = amount * (1 - filled) * drunk;
  const finish = { eventId: randomUUID(), madeAt: AT, bottles, drunk_mL };
  const { status, json } = await cook.send('PUT', `/api/brews/${ids.brew}/finish`, finish);
  expect(status).toBe(200);
  return { analysis, bottles, drunk_mL, brew: json };
}

test('use-by, cautions, contents and volumes of bottles are those of the brew’s own run, before and after they are moved', async () => {
  await fc.assert(
    fc.asyncProperty(making, async (made) => {
      const { analysis, bottles, drunk_mL, brew } = await bottled(made);
      expect(brew.bottled_mL + brew.drunk_mL + brew.lost_mL).toBeCloseTo(brew.volume_mL, 6);
      expect(brew.drunk_mL).toBeCloseTo(drunk_mL, 6);
      expect(brew.lost_mL).toBeGreaterThan(-1e-6);
      for (const { id, place, volume_mL } of bottles) {
        const until = (now: ShelfPlace) =>
          bottleUseBy(analysis.keeping!, { madeAt: AT, stands: [{ place: now, since: AT }], openedAt: null });
        const { json: bottle } = await cook.send('GET', `/api/bottles/${id}`);
        expect(bottle).toMatchObject({ volume_mL, remaining_mL: volume_mL, place });
        expect([bottle.useBy, bottle.useByReason]).toEqual([until(place).useBy, until(place).reason]);
        expect(bottle.cautions.map(({ code }: { code: string }) => code)).toEqual(
          analysis.cautions.map(({ code }) => code),
        );
        expect(bottle.perServing.sodium_mg).toBeCloseTo(analysis.perServing.sodium_mg, 9);
        // Put somewhere else at once, it is as if it had been filled there.
        for (const to of made.moves) {
          const { json: moved } = await cook.send('PUT', `/api/bottles/${id}/place`, { place: to, at: AT });
          expect([moved.place, moved.useBy]).toEqual([to, until(to).useBy]);
        }
      }
    }),
    { numRuns: 25, seed: 20261129 },
  );
}, 60_000);
