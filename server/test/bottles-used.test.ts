import { randomUUID } from 'node:crypto';
import { DEFAULT_SETTINGS } from '@wellhydra/core/kitchen';
import fc from 'fast-check';
import type { FastifyInstance } from 'fastify';
import { QueryTypes } from 'sequelize';
import { cookWith, document, freshDatabase, newCook, startServer, type Cook } from './kitchen-server';
import { trialLot } from './trial-lot';

/** What was made before and goes into another drink comes out of its bottles: with a real database. */

let app: FastifyInstance;
beforeAll(async () => {
  app = await startServer(await freshDatabase());
});
afterAll(() => app.close());

const MADE = '2026-10-02T08:00:00.000Z';
const LATER = '2026-10-03T08:00:00.000Z';
const syrup = document(['500 g white sugar', '500 mL water'], { name: 'Trial syrup', kind: 'syrup' });
const using = (syrup_mL: number, more: object = {}) => ({
  ...document(['900 mL water'], { name: 'Trial lemonade', kind: 'tonic' }),
  steps: [
    { id: 's0', verb: 'add', text: '900 mL water' },
    { id: 's1', verb: 'use', text: `${syrup_mL} mL Trial syrup` },
  ],
  ...more,
});

async function saved(who: Cook, content: object): Promise<string> {
  const id = randomUUID();
  const answer = await who.send('PUT', `/api/drinks/${id}`, { expectedRevision: 0, document: content });
  expect(answer.status).toBe(200);
  return id;
}
/** Makes a drink and fills bottles of so many millilitres; their ids. */
async function filled(who: Cook, drinkId: string, amounts: readonly number[], madeAt = MADE, revision = 1) {
  const brew = randomUUID();
  const bottles = amounts.map((volume_mL) => ({ id: randomUUID(), volume_mL, place: 'fridge' }));
  const made = { drinkId, drinkRevision: revision, madeAt, bottles };
  const { status, json } = await who.send('PUT', `/api/brews/${brew}`, made);
  expect([status, json.code]).toEqual([200, undefined]);
  return { brew, bottles: bottles.map(({ id }) => id), made };
}
const bottle = async (who: Cook, id: string) => (await who.send('GET', `/api/bottles/${id}`)).json;
const left = async (who: Cook, ids: readonly string[]): Promise<readonly number[]> =>
  Promise.all(ids.map(async (id) => (await bottle(who, id)).remaining_mL));

test('a drink made of another takes it from its bottles once, the first to be used up first, and gives it back', async () => {
  const who = await newCook(app);
  const syrupDrink = await saved(who, syrup);
  const early = await filled(who, syrupDrink, [60], '2026-09-30T08:00:00.000Z');
  const late = await filled(who, syrupDrink, [300]);
  const own = [...early.bottles, ...late.bottles];
  const lemonade = await filled(who, await saved(who, using(100)), [500], LATER);
  expect(await left(who, own)).toEqual([0, 260]);
  // It is open since then, and so it keeps no longer than an open one.
  expect((await bottle(who, late.bottles[0]!)).openedAt).toBe(LATER);
  await who.send('PUT', `/api/brews/${lemonade.brew}`, lemonade.made);
  expect(await left(who, own)).toEqual([0, 260]);
  // What has gone into another drink cannot be unmade.
  expect((await who.send('DELETE', `/api/brews/${late.brew}`)).json.code).toBe('brew-in-use');
  expect((await who.send('DELETE', `/api/brews/${lemonade.brew}`)).status).toBe(204);
  expect(await left(who, own)).toEqual([60, 300]);
  expect((await bottle(who, late.bottles[0]!)).openedAt).toBeNull();
  expect((await who.send('DELETE', `/api/brews/${late.brew}`)).status).toBe(204);
});

test('nothing is taken of what is past its date, of another kitchen, or of a drink that is called otherwise', async () => {
  const [who, stranger] = [await newCook(app), await newCook(app)];
  const old = await filled(who, await saved(who, syrup), [300], '2020-01-01T08:00:00.000Z');
  const theirs = await filled(stranger, await saved(stranger, syrup), [300]);
  const other = await filled(who, await saved(who, { ...syrup, name: 'Trial syrup, thick' }), [300]);
  const { brew } = await filled(who, await saved(who, using(100)), [500], LATER);
  expect([await left(who, [...old.bottles, ...other.bottles]), await left(stranger, theirs.bottles)]).toEqual([
    [300, 300],
    [300],
  ]);
  const went = (await who.send('GET', `/api/stores/brews/${brew}/lots`)).json;
  expect(went).toEqual({ lots: [], bottles: [], missing: [], missingDrinks: ['Trial syrup'] });
});

test('a correction of how much went in is settled with the bottles there were', async () => {
  const who = await newCook(app);
  const own = await filled(who, await saved(who, syrup), [300]);
  const content = using(100);
  const [drinkId, brew] = [await saved(who, content), randomUUID()];
  const recipe = { document: content, preparations: [syrup], settings: DEFAULT_SETTINGS };
  const run = { drinkId, drinkRevision: 1, recipe, cook: 'Ines', startedAt: LATER };
  expect((await who.send('PUT', `/api/brews/${brew}/run`, run)).status).toBe(200);
  const say = (...events: object[]) =>
    who.send('POST', `/api/brews/${brew}/events`, {
      events: events.map((event) => ({ id: randomUUID(), at: LATER, ...event })),
    });
  await say({ kind: 'step-done', step: 's0' }, { kind: 'step-done', step: 's1' });
  expect(await left(who, own.bottles)).toEqual([300]);
  const bottles = [{ id: randomUUID(), volume_mL: 500, place: 'fridge' }];
  await who.send('PUT', `/api/brews/${brew}/finish`, { eventId: randomUUID(), madeAt: LATER, bottles });
  expect((await left(who, own.bottles))[0]).toBeCloseTo(200, 6);
  // More syrup stands since; it did not go into what was made before.
  const fresh = await filled(who, await saved(who, syrup), [200], '2026-10-04T08:00:00.000Z');
  await say({ kind: 'reading', step: 's1', quantity: 'volume_mL', value: 150 });
  expect((await left(who, own.bottles))[0]).toBeCloseTo(150, 6);
  expect(await left(who, fresh.bottles)).toEqual([200]);
});

test('what it cost and where a lot has come to are told through the bottles between', async () => {
  const who = await newCook(app);
  const lot = randomUUID();
  const sugar = trialLot({ ingredient: 'white-sugar', name: 'Sugar of the recall', amount_g: 1000, price: 4 });
  await who.send('PUT', `/api/stores/lots/${lot}`, sugar);
  const own = await filled(who, await saved(who, syrup), [300]);
  const whole_mL = (await who.send('GET', `/api/brews/${own.brew}`)).json.volume_mL as number;
  const lemonade = await filled(who, await saved(who, using(100)), [500], LATER);
  const person = randomUUID();
  await who.send('PUT', `/api/bottles/${lemonade.bottles[0]}/pours/${randomUUID()}`, {
    volume_mL: 200,
    pouredAt: LATER,
    personId: person,
  });
  const share = 100 / whole_mL;
  const went = (await who.send('GET', `/api/stores/brews/${lemonade.brew}/lots`)).json;
  expect(went.bottles).toEqual([
    {
      bottleId: own.bottles[0],
      batch: expect.any(String),
      drinkName: 'Trial syrup',
      volume_mL: expect.closeTo(100, 6),
    },
  ]);
  expect([went.missing, went.missingDrinks]).toEqual([[], []]);
  expect(went.lots).toEqual([
    expect.objectContaining({ lotId: lot, within: went.bottles[0].batch, grams: expect.closeTo(500 * share, 6) }),
  ]);
  // 500 g of a kilogram for 4 are 2 of the kitchen's money.
  expect((await who.send('GET', `/api/logbook/brews/${own.brew}`)).json.cost).toBeCloseTo(2, 9);
  expect((await who.send('GET', `/api/logbook/brews/${lemonade.brew}`)).json.cost).toBeCloseTo(2 * share, 9);
  const { brews } = (await who.send('GET', `/api/stores/lots/${lot}/trace`)).json;
  expect(brews.map(({ id, through }: Record<string, unknown>) => [id, through])).toEqual([
    [lemonade.brew, true],
    [own.brew, false],
  ]);
  expect(brews[0]).toEqual(expect.objectContaining({ drinkers: [{ personId: person, volume_mL: 200, last: LATER }] }));
  // What only a part of was there is not given a price that is too low.
  const dear = await filled(who, await saved(who, using(400)), [500], LATER);
  expect((await who.send('GET', `/api/logbook/brews/${dear.brew}`)).json.cost).toBeNull();
});

const deeds = fc.array(
  fc.record({
    kind: fc.constantFrom('brew', 'brew', 'undo', 'pour', 'correct', 'discard', 'top-up'),
    mL: fc.integer({ min: 5, max: 180 }),
    one: fc.nat(2),
  }),
  { minLength: 4, maxLength: 12 },
);

test('whatever two members brew of bottles, pour, correct and take back at once, every bottle adds up', async () => {
  await fc.assert(
    fc.asyncProperty(deeds, async (all) => {
      const who = await newCook(app);
      const members = [who, cookWith(app, who.cookie)] as const;
      const own = await filled(who, await saved(who, syrup), [250, 100, 50]);
      const drinks = new Map<number, string>();
      for (const { mL } of all) if (!drinks.has(mL)) drinks.set(mL, await saved(who, using(mL)));
      const brews: string[] = [];
      const at = LATER;
      await Promise.all(
        members.map(async (member, half) => {
          for (const { kind, mL, one } of all.filter((_deed, index) => index % 2 === half)) {
            const url = `/api/bottles/${own.bottles[one]}`;
            const change = (body: object) => member.send('PUT', `${url}/changes/${randomUUID()}`, { at, ...body });
            const answer = await {
              brew: () => {
                const id = randomUUID();
                brews.push(id);
                const bottles = [{ id: randomUUID(), volume_mL: 400, place: 'fridge' }];
                const made = { drinkId: drinks.get(mL), drinkRevision: 1, madeAt: at, bottles };
                return member.send('PUT', `/api/brews/${id}`, made);
              },
              undo: () => member.send('DELETE', `/api/brews/${brews.shift() ?? randomUUID()}`),
              pour: () => member.send('PUT', `${url}/pours/${randomUUID()}`, { volume_mL: mL, pouredAt: at }),
              correct: () => change({ kind: 'corrected', remaining_mL: mL }),
              discard: () => change({ kind: 'discarded', reason: 'dropped' }),
              'top-up': () => change({ kind: 'topped-up', from: own.bottles[(one + 1) % 3], volume_mL: mL / 8 }),
            }[kind]();
            expect(answer.status).toBeLessThan(500);
          }
        }),
      );
      const sums = await app.sequelize.query<{ filled: number; remaining: number; out: number; taken: number | null }>(
        `SELECT x.filled_ml AS filled, x.remaining_ml AS remaining,
                coalesce((SELECT sum(p.volume_ml) FROM pours p WHERE p.kitchen_id = x.kitchen_id AND p.bottle_id = x.id
                          AND p.undone_at IS NULL), 0)
                - coalesce((SELECT sum(c.volume_ml) FROM bottle_changes c WHERE c.kitchen_id = x.kitchen_id
                            AND c.bottle_id = x.id AND c.undone_at IS NULL), 0) AS out
         FROM bottles x WHERE x.brew_id = :brew`,
        { replacements: { brew: own.brew }, type: QueryTypes.SELECT },
      );
      expect(sums).toHaveLength(3);
      for (const { filled: full, remaining, out } of sums) {
        expect(remaining).toBeGreaterThanOrEqual(0);
        expect(Math.abs(full - out - remaining)).toBeLessThan(0.05);
      }
      // No brew has more than it wanted, and one that was taken back has nothing.
      const taken = await app.sequelize.query<{ wanted: number | null; taken: number }>(
        `SELECT b.prepared->>'Trial syrup' AS wanted, -sum(c.volume_ml) AS taken
         FROM bottle_changes c JOIN bottles x ON x.kitchen_id = c.kitchen_id AND x.id = c.bottle_id
           LEFT JOIN brews b ON b.kitchen_id = c.kitchen_id AND b.id = c.brew_id
         WHERE x.brew_id = :brew AND c.kind = 'brewed' AND c.undone_at IS NULL GROUP BY b.id, b.prepared`,
        { replacements: { brew: own.brew }, type: QueryTypes.SELECT },
      );
      for (const row of taken) expect(row.taken).toBeLessThanOrEqual(Number(row.wanted) + 1e-6);
    }),
    { numRuns: 12 },
  );
});
