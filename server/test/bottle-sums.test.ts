import { randomUUID } from 'node:crypto';
import fc from 'fast-check';
import type { FastifyInstance } from 'fastify';
import { QueryTypes } from 'sequelize';
import { bottledDrink, document, freshDatabase, newCook, startServer, type Cook } from './kitchen-server';

/** Whatever two members do to bottles at once, everything adds up, with a real database. */

let app: FastifyInstance;
let cooks: readonly [Cook, Cook];
beforeAll(async () => {
  app = await startServer(await freshDatabase());
  const first = await newCook(app);
  const { json } = await first.send('GET', '/api/kitchen');
  cooks = [first, await newCook(app, { invitation: json.invitation })];
});
afterAll(() => app.close());

/** To the gram: what clings to the glass is counted as nothing, a hundredth of a millilitre each time. */
const CLINGS_mL = 0.01;

const act = fc.record({
  what: fc.constantFrom(
    'pour',
    'pour',
    'undo-pour',
    'move',
    'open',
    'discard',
    'correct',
    'top-up',
    'top-up',
    'top-up',
    'split',
    'undo-change',
    'undo-change',
    'brew',
  ),
  who: fc.constantFrom(0, 1),
  /** Which bottle, which other one, which earlier deed: as a share of those that there are. */
  one: fc.double({ min: 0, max: 0.999, noNaN: true }),
  other: fc.double({ min: 0, max: 0.999, noNaN: true }),
  volume_mL: fc.double({ min: 1, max: 400, noNaN: true }),
  place: fc.constantFrom('fridge', 'cool-room', 'freezer'),
});
type Act = typeof act extends fc.Arbitrary<infer T> ? T : never;

interface Done {
  readonly bottle: string;
  readonly id: string;
}
const at = <T>(list: readonly T[], share: number): T | undefined => list[Math.floor(share * list.length)];

class Kitchen {
  readonly bottles: string[] = [];
  /** Which brew each is of, as far as this test has seen. */
  readonly brewOf = new Map<string, string>();
  readonly pours: Done[] = [];
  readonly changes: Done[] = [];
  constructor(readonly drink: string) {}

  /** Sends what is to be done, and returns its answer. */
  async does({ what, who, one, other, volume_mL, place }: Act): Promise<number> {
    const send = async (method: string, url: string, body?: unknown) =>
      (await cooks[who as 0 | 1].send(method, url, body)).status;
    const bottle = at(this.bottles, one)!;
    const now = new Date().toISOString();
    const id = randomUUID();
    const change = (body: object) => {
      this.changes.push({ bottle, id });
      return send('PUT', `/api/bottles/${bottle}/changes/${id}`, { at: now, ...body });
    };
    switch (what) {
      case 'pour':
        this.pours.push({ bottle, id });
        return send('PUT', `/api/bottles/${bottle}/pours/${id}`, { volume_mL: volume_mL / 4, pouredAt: now });
      case 'undo-pour': {
        const pour = at(this.pours, other);
        return pour ? send('DELETE', `/api/bottles/${pour.bottle}/pours/${pour.id}`) : 200;
      }
      case 'undo-change': {
        const done = at(this.changes, other);
        return done ? send('DELETE', `/api/bottles/${done.bottle}/changes/${done.id}`) : 200;
      }
      case 'move':
        return send('PUT', `/api/bottles/${bottle}/place`, {
          place,
          spot: place === 'cool-room' ? 'Boat locker' : null,
        });
      case 'open':
        return change({ kind: 'opened' });
      case 'discard':
        return change({ kind: 'discarded', reason: 'dropped' });
      case 'correct':
        return change({ kind: 'corrected', remaining_mL: volume_mL });
      case 'top-up':
        return change({ kind: 'topped-up', from: this.mateOf(bottle, other), volume_mL: volume_mL / 8 });
      case 'split': {
        const into = { id: randomUUID(), volume_mL: volume_mL / 4, place };
        this.bottles.push(into.id);
        this.brewOf.set(into.id, this.brewOf.get(bottle)!);
        return change({ kind: 'split', into });
      }
      default:
        return this.brews(who, volume_mL);
    }
  }

  /** Another bottle of the same batch, mostly; now and then any, which is refused. */
  mateOf(bottle: string, share: number): string | undefined {
    const mates = this.bottles.filter((each) => each !== bottle && this.brewOf.get(each) === this.brewOf.get(bottle));
    return share < 0.1 ? at(this.bottles, share) : at(mates, share);
  }

  async brews(who: number, volume_mL: number): Promise<number> {
    const bottles = [volume_mL, 400 - volume_mL / 2].map((each) => ({
      id: randomUUID(),
      volume_mL: each,
      place: 'fridge',
    }));
    const brew = randomUUID();
    this.bottles.push(...bottles.map(({ id }) => id));
    for (const { id } of bottles) this.brewOf.set(id, brew);
    const made = { drinkId: this.drink, drinkRevision: 1, madeAt: new Date().toISOString(), bottles };
    return (await cooks[who as 0 | 1].send('PUT', `/api/brews/${brew}`, made)).status;
  }
}

interface Sums {
  readonly filled: number;
  readonly remaining: number;
  readonly poured: number;
  readonly changed: number;
}

/** What went into each bottle and out of it, by the rows of the database itself. */
const sums = (): Promise<Sums[]> =>
  app.sequelize.query<Sums>(
    `SELECT x.filled_ml AS filled, x.remaining_ml AS remaining,
            coalesce((SELECT sum(p.volume_ml) FROM pours p WHERE p.kitchen_id = x.kitchen_id AND p.bottle_id = x.id
                      AND p.undone_at IS NULL), 0) AS poured,
            coalesce((SELECT sum(c.volume_ml) FROM bottle_changes c WHERE c.kitchen_id = x.kitchen_id
                      AND c.bottle_id = x.id AND c.undone_at IS NULL), 0) AS changed
     FROM bottles x`,
    { type: QueryTypes.SELECT },
  );

test('everything adds up to the gram, and no bottle goes below nothing', async () => {
  await fc.assert(
    fc.asyncProperty(fc.array(act, { minLength: 8, maxLength: 40 }), async (acts) => {
      const drink = randomUUID();
      await cooks[0].send('PUT', `/api/drinks/${drink}`, { expectedRevision: 0, document: document(['1 L water']) });
      const kitchen = new Kitchen(drink);
      await kitchen.brews(0, 300);
      for (let from = 0; from < acts.length; from += 4) {
        // Four of them at once, from both.
        const statuses = await Promise.all(acts.slice(from, from + 4).map((each) => kitchen.does(each)));
        for (const status of statuses) expect([200, 400, 404, 409]).toContain(status);
      }
      for (const { filled, remaining, poured, changed } of await sums()) {
        expect(remaining).toBeGreaterThanOrEqual(0);
        expect(Math.abs(filled + changed - poured - remaining)).toBeLessThanOrEqual(CLINGS_mL * acts.length);
      }
      // What is poured over is nowhere lost and nowhere made.
      const [moved] = await app.sequelize.query<{ sum: number }>(
        `SELECT coalesce(sum(volume_ml), 0) AS sum FROM bottle_changes
         WHERE undone_at IS NULL AND kind IN ('topped-up', 'poured-over', 'split', 'split-off')`,
        { type: QueryTypes.SELECT },
      );
      expect(Math.abs(moved!.sum)).toBeLessThan(1e-6);
    }),
    { numRuns: 30, seed: 20261130 },
  );
  // Each kind of change was really made, and some of each were taken back.
  const kinds = await app.sequelize.query<{ kind: string; stand: number; undone: number }>(
    `SELECT kind, count(*) FILTER (WHERE undone_at IS NULL)::int AS stand, count(undone_at)::int AS undone
     FROM bottle_changes GROUP BY kind`,
    { type: QueryTypes.SELECT },
  );
  expect(kinds).toHaveLength(7);
  for (const { stand } of kinds) expect(stand).toBeGreaterThan(3);
  // What comes first of four at once decides which of them can be done: about twenty are taken back.
  expect(kinds.reduce((sum, { undone }) => sum + undone, 0)).toBeGreaterThan(5);
});

const later = (hours: number) => new Date(Date.now() + 3_600_000 * hours).toISOString();

test('what is done to a bottle shows on it, once, and is taken back whole', async () => {
  const [cook] = cooks;
  const { ids } = await bottledDrink(cook);
  const address = `/api/bottles/${ids.bottle}`;
  const change = async (body: object, id: string = randomUUID()) => ({
    id,
    ...(await cook.send('PUT', `${address}/changes/${id}`, { at: later(0), ...body })),
  });
  const undo = (id: string) => cook.send('DELETE', `${address}/changes/${id}`);
  const fresh = (await cook.send('GET', address)).json;

  const opened = await change({ kind: 'opened' });
  expect(opened.json.openedAt).not.toBeNull();
  expect(Date.parse(opened.json.useBy)).toBeLessThanOrEqual(Date.parse(fresh.useBy));
  await change({ kind: 'opened' }, opened.id);
  expect((await undo(opened.id)).json).toMatchObject({ openedAt: null, useBy: fresh.useBy });

  const gone = await change({ kind: 'discarded', reason: 'smelled odd' });
  expect(gone.json.remaining_mL).toBe(0);
  expect((await undo(gone.id)).json.remaining_mL).toBe(1000);
  expect((await undo(gone.id)).json.remaining_mL).toBe(1000);

  const into = { id: randomUUID(), volume_mL: 400, place: 'freezer', spot: 'Boat locker' };
  const split = await change({ kind: 'split', into });
  expect(split.json.remaining_mL).toBe(600);
  expect((await cook.send('GET', `/api/bottles/${into.id}`)).json).toMatchObject({
    remaining_mL: 400,
    place: 'freezer',
    spot: 'Boat locker',
    openedAt: split.json.openedAt,
  });
  // A brew is not more because of it.
  expect((await cook.send('GET', `/api/brews/${ids.brew}`)).json).toMatchObject({ bottled_mL: 1000 });

  const back = await change({ kind: 'topped-up', from: into.id, volume_mL: 400 });
  expect(back.json.remaining_mL).toBe(1000);
  // What went on since is not undone from under it.
  expect((await undo(split.id)).status).toBe(409);
  expect((await undo(back.id)).json.remaining_mL).toBe(600);
  expect((await undo(split.id)).json).toMatchObject({ remaining_mL: 1000, openedAt: null });
});

test('bottles of two batches are not put together, none into itself, and none over its brim', async () => {
  const [cook] = cooks;
  const [{ ids: one }, { ids: other }] = [await bottledDrink(cook), await bottledDrink(cook)];
  const topUp = (into: string, from: string, volume_mL: number) =>
    cook.send('PUT', `/api/bottles/${into}/changes/${randomUUID()}`, {
      kind: 'topped-up',
      at: later(0),
      from,
      volume_mL,
    });
  expect((await topUp(one.bottle, other.bottle, 10)).status).toBe(400);
  expect((await topUp(one.bottle, one.bottle, 10)).status).toBe(400);
  expect((await topUp(one.bottle, randomUUID(), 10)).status).toBe(404);
  const vessel = { name: 'small bottle', shape: 'bottle', size_mL: 120, dark: false };
  const into = { id: randomUUID(), volume_mL: 100, place: 'fridge', vessel };
  await cook.send('PUT', `/api/bottles/${one.bottle}/changes/${randomUUID()}`, { kind: 'split', at: later(0), into });
  const over = await topUp(into.id, one.bottle, 30);
  expect(over.status).toBe(400);
  expect(over.json.message).toMatch(/holds 120 mL. There is room for 20 mL more/);
  expect((await topUp(into.id, one.bottle, 20)).json.remaining_mL).toBe(120);
});
