import { randomUUID } from 'node:crypto';
import { DEFAULT_SETTINGS } from '@wellhydra/core/kitchen';
import fc from 'fast-check';
import type { FastifyInstance } from 'fastify';
import { cookWith, document, freshDatabase, newCook, startServer, type Cook } from './kitchen-server';
import { trialLot } from './trial-lot';

/** What is in the house adds up, whatever two members do to it at once: with a real database. */

let app: FastifyInstance;
let cook: Cook;
beforeAll(async () => {
  app = await startServer(await freshDatabase());
  cook = await newCook(app);
});
afterAll(() => app.close());

const AT = '2026-10-02T08:00:00.000Z';
const put = async (by: Parameters<typeof trialLot>[0] = {}, who = cook) => {
  const id = randomUUID();
  const { status, json } = await who.send('PUT', `/api/stores/lots/${id}`, trialLot(by));
  expect([status, json.remaining_g]).toEqual([200, json.amount_g]);
  return id;
};
const left = async (id: string, who = cook): Promise<number> =>
  (await who.send('GET', `/api/stores/lots/${id}`)).json.remaining_g;

/** A drink with so much salt, made and bottled. */
async function brewed(salt_g: number, who = cook) {
  const [drink, brew, bottle] = [randomUUID(), randomUUID(), randomUUID()];
  const lines = [`${salt_g} g table salt`, '1 L water'];
  await who.send('PUT', `/api/drinks/${drink}`, { expectedRevision: 0, document: document(lines, { kind: 'tonic' }) });
  const made = {
    drinkId: drink,
    drinkRevision: 1,
    madeAt: AT,
    bottles: [{ id: bottle, volume_mL: 500, place: 'fridge' }],
  };
  const answer = await who.send('PUT', `/api/brews/${brew}`, made);
  expect(answer.status).toBe(200);
  return { drink, brew, bottle, made };
}

test('a brew takes the first to expire first, once, and gives it back when it is taken back', async () => {
  const soon = await put({ amount_g: 30, bestBefore: '2026-12-01T00:00:00.000Z', price: 3 });
  const late = await put({ amount_g: 100, bestBefore: '2027-12-01T00:00:00.000Z', price: 5 });
  const { brew, bottle, made } = await brewed(50);
  expect([await left(soon), await left(late)]).toEqual([0, 80]);
  // The same again is the same.
  await cook.send('PUT', `/api/brews/${brew}`, made);
  expect([await left(soon), await left(late)]).toEqual([0, 80]);
  const { lots } = (await cook.send('GET', `/api/stores/brews/${brew}/lots`)).json;
  expect(lots.map(({ lotId, grams, cost }: Record<string, unknown>) => [lotId, grams, cost])).toEqual([
    [soon, 30, 3],
    [late, 20, 1],
  ]);
  const { missing } = (await cook.send('GET', `/api/stores/brews/${brew}/lots`)).json;
  expect(missing).toEqual([]);
  const listed = (await cook.send('GET', '/api/stores/lots?ingredient=table-salt')).json.lots;
  expect(listed.map(({ id }: { id: string }) => id)).toEqual([late]);
  await cook.send('PUT', `/api/bottles/${bottle}/pours/${randomUUID()}`, { volume_mL: 50, pouredAt: AT });
  expect((await cook.send('DELETE', `/api/brews/${brew}`)).json.code).toBe('brew-in-use');
  const other = await brewed(10);
  expect(await left(late)).toBe(70);
  expect((await cook.send('DELETE', `/api/brews/${other.brew}`)).status).toBe(204);
  expect(await left(late)).toBe(80);
  expect((await cook.send('GET', `/api/bottles/${other.bottle}`)).status).toBe(404);
  expect((await cook.send('DELETE', `/api/brews/${other.brew}`)).status).toBe(404);
});

test('of what no lot had enough, it is said, and a cost that would be too low is not', async () => {
  const who = await newCook(app);
  const salt = await put({ amount_g: 30 }, who);
  const { brew } = await brewed(50, who);
  expect(await left(salt, who)).toBe(0);
  const { lots, missing } = (await who.send('GET', `/api/stores/brews/${brew}/lots`)).json;
  expect([lots.length, lots[0].grams, missing]).toEqual([1, 30, ['table-salt']]);
  expect((await who.send('GET', `/api/logbook/brews/${brew}`)).json.cost).toBeNull();
});

test('what a correction changes is settled, and a brew that is given up has taken what had gone in', async () => {
  const who = await newCook(app);
  const salt = await put({}, who);
  const [drink, brew] = [randomUUID(), randomUUID()];
  const recipe = {
    document: document(['40 g table salt', '1 L water', '5 g table salt'], { kind: 'tonic' }),
    preparations: [],
    settings: DEFAULT_SETTINGS,
  };
  await who.send('PUT', `/api/drinks/${drink}`, { expectedRevision: 0, document: recipe.document });
  const run = { drinkId: drink, drinkRevision: 1, recipe, cook: 'Ines', startedAt: AT };
  await who.send('PUT', `/api/brews/${brew}/run`, run);
  const say = (happening: object) =>
    who.send('POST', `/api/brews/${brew}/events`, { events: [{ id: randomUUID(), at: AT, ...happening }] });
  await say({ kind: 'step-done', step: 's0' });
  // While it is made nothing is settled.
  expect(await left(salt, who)).toBe(1000);
  const finish = {
    eventId: randomUUID(),
    madeAt: AT,
    bottles: [{ id: randomUUID(), volume_mL: 500, place: 'fridge' }],
  };
  expect((await who.send('PUT', `/api/brews/${brew}/finish`, finish)).status).toBe(200);
  expect(await left(salt, who)).toBeCloseTo(955, 6);
  await say({ kind: 'reading', step: 's0', quantity: 'mass_g', value: 60 });
  expect(await left(salt, who)).toBeCloseTo(935, 6);
  const given = randomUUID();
  await who.send('PUT', `/api/brews/${given}/run`, run);
  const events = [
    { id: randomUUID(), at: AT, kind: 'step-done', step: 's0' },
    { id: randomUUID(), at: AT, kind: 'abandoned', text: 'burnt' },
  ];
  await who.send('POST', `/api/brews/${given}/events`, { events });
  expect(await left(salt, who)).toBeCloseTo(895, 6);
});

test('a brew that is corrected long after takes nothing of what came into the house since', async () => {
  const who = await newCook(app);
  const [drink, brew] = [randomUUID(), randomUUID()];
  const own = document(['40 g table salt', '1 L water'], { kind: 'tonic' });
  const recipe = { document: own, preparations: [], settings: DEFAULT_SETTINGS };
  await who.send('PUT', `/api/drinks/${drink}`, { expectedRevision: 0, document: own });
  const run = { drinkId: drink, drinkRevision: 1, recipe, cook: 'Ines', startedAt: AT };
  await who.send('PUT', `/api/brews/${brew}/run`, run);
  const old = await put({ amount_g: 50 }, who);
  const bottles = [{ id: randomUUID(), volume_mL: 500, place: 'fridge' }];
  await who.send('PUT', `/api/brews/${brew}/finish`, { eventId: randomUUID(), madeAt: AT, bottles });
  const fresh = await put({ gotAt: '2026-11-20T08:00:00.000Z' }, who);
  const reading = { kind: 'reading', step: 's0', quantity: 'mass_g', value: 70, id: randomUUID(), at: AT };
  await who.send('POST', `/api/brews/${brew}/events`, { events: [reading] });
  // 70 g went in: 50 g of the lot there was, and 20 g that nobody had said were there.
  expect([await left(old, who), await left(fresh, who)]).toEqual([0, 1000]);
  expect((await who.send('GET', `/api/stores/brews/${brew}/lots`)).json.missing).toEqual(['table-salt']);
});

test('a lot is weighed, used, thrown away, and each is taken back; more than there is is refused', async () => {
  const id = await put({ ingredient: 'honey', name: 'Honey' });
  const change = (body: object, changeId: string = randomUUID()) =>
    cook.send('PUT', `/api/stores/lots/${id}/changes/${changeId}`, { at: AT, ...body });
  const weighed = randomUUID();
  expect((await change({ kind: 'weighed', remaining_g: 900 }, weighed)).json.remaining_g).toBe(900);
  expect((await change({ kind: 'weighed', remaining_g: 900 }, weighed)).json.remaining_g).toBe(900);
  expect((await change({ kind: 'used', grams: 950, reason: '' })).json.message).toMatch(/^There are 900 g left/);
  const used = randomUUID();
  expect((await change({ kind: 'used', grams: 100, reason: 'on bread' }, used)).json.remaining_g).toBe(800);
  const away = randomUUID();
  expect((await change({ kind: 'thrown-away', reason: 'ants' }, away)).json.remaining_g).toBe(0);
  const undo = (changeId: string) => cook.send('DELETE', `/api/stores/lots/${id}/changes/${changeId}`);
  expect((await undo(away)).json.remaining_g).toBe(800);
  expect((await undo(away)).json.remaining_g).toBe(800);
  expect((await undo(weighed)).json.remaining_g).toBe(900);
  // There was less from the beginning, but not less than is used.
  const less = (amount_g: number) =>
    cook.send('PUT', `/api/stores/lots/${id}`, trialLot({ amount_g, ingredient: 'honey' }));
  expect((await less(500)).json.remaining_g).toBe(400);
  expect((await less(50)).json.message).toMatch(/^100 g of it are used already/);
  expect((await undo(randomUUID())).status).toBe(404);
});

test('from a lot to every bottle and person it has reached, and from a bottle back to its lots', async () => {
  const who = await newCook(app);
  const [lot, person] = [await put({ name: 'Salt of the recall', origin: 'Harbour shop' }, who), randomUUID()];
  const { brew, bottle, drink } = await brewed(20, who);
  await who.send('PUT', `/api/bottles/${bottle}/pours/${randomUUID()}`, {
    volume_mL: 60,
    pouredAt: AT,
    personId: person,
  });
  const { brews, lot: told } = (await who.send('GET', `/api/stores/lots/${lot}/trace`)).json;
  expect(told.name).toBe('Salt of the recall');
  expect(brews).toEqual([
    {
      id: brew,
      batch: expect.any(String),
      drinkId: drink,
      drinkName: 'Trial drink',
      madeAt: AT,
      grams: 20,
      through: false,
      bottles: [expect.objectContaining({ id: bottle, remaining_mL: 440, place: 'fridge' })],
      drinkers: [{ personId: person, volume_mL: 60, last: AT }],
    },
  ]);
  const { lots } = (await who.send('GET', `/api/stores/brews/${brew}/lots`)).json;
  expect(lots).toEqual([expect.objectContaining({ lotId: lot, name: 'Salt of the recall', origin: 'Harbour shop' })]);
});

type Deed = {
  readonly kind: 'brew' | 'undo' | 'weigh' | 'use' | 'take-back';
  readonly lot: number;
  readonly grams: number;
};
const deeds = fc.array(
  fc.record({
    kind: fc.constantFrom<Deed['kind']>('brew', 'brew', 'undo', 'weigh', 'use', 'take-back'),
    lot: fc.nat(2),
    grams: fc.integer({ min: 1, max: 60 }),
  }),
  { minLength: 4, maxLength: 10 },
);

test('whatever two members brew, weigh, use and take back at once, every lot adds up to the gram', async () => {
  await fc.assert(
    fc.asyncProperty(deeds, async (all) => {
      const who = await newCook(app);
      const members = [who, cookWith(app, who.cookie)] as const;
      const lots = [
        await put({ amount_g: 80, bestBefore: '2026-12-01T00:00:00.000Z' }, who),
        await put({ amount_g: 120 }, who),
        await put({ amount_g: 60, bestBefore: '2027-02-01T00:00:00.000Z' }, who),
      ];
      const drink = randomUUID();
      const salted = (grams: number) => document([`${grams} g table salt`, '1 L water'], { kind: 'tonic' });
      const brews: string[] = [];
      const changed: { readonly lot: string; readonly id: string }[] = [];
      await who.send('PUT', `/api/drinks/${drink}`, { expectedRevision: 0, document: salted(1) });
      const revisions = new Map<number, number>();
      for (const { grams } of all) {
        if (revisions.has(grams)) continue;
        const saved = await who.send('PUT', `/api/drinks/${drink}`, {
          expectedRevision: 1 + revisions.size,
          document: salted(grams),
        });
        revisions.set(grams, saved.json.revision);
      }
      const doIt = async ({ kind, lot, grams }: Deed, member: Cook): Promise<void> => {
        const change = (body: object) => {
          const id = randomUUID();
          changed.push({ lot: lots[lot]!, id });
          return member.send('PUT', `/api/stores/lots/${lots[lot]}/changes/${id}`, { at: AT, ...body });
        };
        if (kind === 'brew') {
          const id = randomUUID();
          brews.push(id);
          const bottles = [{ id: randomUUID(), volume_mL: 500, place: 'fridge' }];
          await member.send('PUT', `/api/brews/${id}`, {
            drinkId: drink,
            drinkRevision: revisions.get(grams),
            madeAt: AT,
            bottles,
          });
        } else if (kind === 'undo') {
          const id = brews.shift();
          if (id) await member.send('DELETE', `/api/brews/${id}`);
        } else if (kind === 'weigh') await change({ kind: 'weighed', remaining_g: grams });
        else if (kind === 'use') await change({ kind: 'used', grams, reason: '' });
        else {
          const last = changed.pop();
          if (last) await member.send('DELETE', `/api/stores/lots/${last.lot}/changes/${last.id}`);
        }
      };
      for (let index = 0; index < all.length; index += 2)
        await Promise.all(all.slice(index, index + 2).map((deed, of) => doIt(deed, members[of]!)));
      const [rows] = (await app.sequelize.query(
        `SELECT l.id, l.amount_g, l.remaining_g,
                coalesce((SELECT sum(c.grams) FROM lot_changes c WHERE c.kitchen_id = l.kitchen_id AND c.lot_id = l.id
                          AND c.undone_at IS NULL), 0) AS changes
         FROM lots l WHERE l.id IN (:lots)`,
        { replacements: { lots } },
      )) as unknown as [readonly { amount_g: number; remaining_g: number; changes: number }[]];
      expect(rows).toHaveLength(3);
      for (const { amount_g, remaining_g, changes } of rows) {
        expect(remaining_g).toBeGreaterThanOrEqual(0);
        expect(amount_g + changes).toBeCloseTo(remaining_g, 4);
      }
    }),
    { numRuns: 12 },
  );
});
