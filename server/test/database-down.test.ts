import { randomUUID } from 'node:crypto';
import { createServer, connect as dial, type Server, type Socket } from 'node:net';
import type { Sequelize } from 'sequelize';
import { keepDemoAlive } from '../src/demo/keep-demo-alive';
import { connect } from '../src/database/connect';
import { migrate } from '../src/database/migrate';
import { MIGRATIONS } from '../src/database/migrations';
import { DEMO_BREWS } from '../src/demo/demo-brews';
import { DEMO_DRINKS } from '../src/demo/demo-drinks';
import { demoId } from '../src/demo/demo-kitchen';
import {
  bottledDrink,
  cookieOf,
  cookWith,
  document,
  emptyDatabase,
  freshDatabase,
  newCook,
  send,
  startServer,
} from './kitchen-server';

/** A cable between server and database that can be pulled out. */
class Cable {
  private server: Server | undefined;
  private readonly sockets = new Set<Socket>();
  port = 0;

  constructor(private readonly target: { host: string; port: number }) {}

  async plug(): Promise<void> {
    this.server = createServer((near) => {
      const far = dial(this.target.port, this.target.host);
      for (const socket of [near, far]) {
        this.sockets.add(socket);
        socket.on('error', () => socket.destroy());
        socket.on('close', () => this.sockets.delete(socket));
      }
      near.pipe(far).pipe(near);
    });
    await new Promise<void>((resolve) => this.server!.listen(this.port, '127.0.0.1', resolve));
    this.port = (this.server.address() as { port: number }).port;
  }

  async pull(): Promise<void> {
    for (const socket of this.sockets) socket.destroy();
    await new Promise((resolve) => this.server!.close(resolve));
  }
}

test('without its database the server answers 503 and says so; with it again, it goes on by itself', async () => {
  const direct = new URL(await freshDatabase());
  const cable = new Cable({ host: direct.hostname, port: Number(direct.port) });
  await cable.plug();
  const through = new URL(direct);
  through.port = String(cable.port);
  const app = await startServer(through.href);
  const cook = await newCook(app);
  expect((await cook.send('GET', '/api/drinks')).status).toBe(200);

  await cable.pull();
  for (const url of ['/api/drinks', '/api/ready', '/api/bottles']) {
    const { status, json } = await cook.send('GET', url);
    expect([url, status, json.code]).toEqual([url, 503, 'database-unavailable']);
  }
  expect((await send(app, 'GET', '/api/health')).status).toBe(200);

  await cable.plug();
  expect((await cook.send('GET', '/api/drinks')).status).toBe(200);
  expect((await send(app, 'GET', '/api/ready')).json).toEqual({ status: 'ready' });
  await app.close();
  await cable.pull();
}, 60_000);

test('a server that starts before its database migrates once that is there', async () => {
  const direct = new URL(await emptyDatabase());
  const cable = new Cable({ host: direct.hostname, port: Number(direct.port) });
  await cable.plug();
  const through = new URL(direct);
  through.port = String(cable.port);
  await cable.pull();
  const app = await startServer(through.href);
  expect((await send(app, 'GET', '/api/ready')).status).toBe(503);
  await cable.plug();
  expect((await send(app, 'GET', '/api/ready')).status).toBe(200);
  await app.close();
  await cable.pull();
}, 60_000);

test('two servers that start at once migrate once', async () => {
  const url = await emptyDatabase();
  const both = await Promise.all([startServer(url), startServer(url)]);
  await Promise.all(both.map((app) => app.migrated()));
  const [rows] = await both[0].sequelize.query('SELECT name FROM migrations ORDER BY name');
  expect(rows).toEqual(MIGRATIONS.map(({ name }) => ({ name })));
  await Promise.all(both.map((app) => app.close()));
}, 60_000);

test('a crash between a migration and its record leaves neither', async () => {
  const sequelize = connect(await emptyDatabase());
  await migrate(sequelize);
  const crashing = { name: '999-crash', sql: 'CREATE TABLE half_made (id integer); SELECT 1 / 0' };
  await expect(migrate(sequelize, [...MIGRATIONS, crashing])).rejects.toThrow(/division by zero/);
  const [tables] = await sequelize.query("SELECT 1 FROM pg_tables WHERE tablename = 'half_made'");
  const [names] = await sequelize.query("SELECT 1 FROM migrations WHERE name = '999-crash'");
  expect([tables, names]).toEqual([[], []]);
  // Nor does what comes after it stay, nor is anything run twice once it is mended.
  const mended = { name: '999-crash', sql: 'CREATE TABLE half_made (id integer)' };
  expect(await migrate(sequelize, [...MIGRATIONS, mended])).toEqual(['999-crash']);
  expect(await migrate(sequelize, [...MIGRATIONS, mended])).toEqual([]);
  await sequelize.close();
});

describe('the demo kitchen', () => {
  test('opens with one tap, is dated from today, and stays so', async () => {
    const app = await startServer(await freshDatabase(), { demo: true });
    await app.migrated();
    const { context } = app;
    // Made some days ago: whoever opens it has it as of today.
    const DAYS = 3;
    const today = new Date();
    await keepDemoAlive(context, new Date(today.getTime() - DAYS * 86_400_000));
    const { status, answer } = await send(app, 'POST', '/api/accounts/demo');
    expect(status).toBe(200);
    const guest = cookWith(app, cookieOf(answer));
    expect((await guest.send('GET', '/api/drinks')).json.drinks).toHaveLength(Object.keys(DEMO_DRINKS).length);
    const { json } = await guest.send('GET', '/api/bottles');
    expect(json.bottles).toHaveLength(19);
    expect(json.bottles.every((bottle: { remaining_mL: number }) => bottle.remaining_mL > 0)).toBe(true);
    expect(new Set(json.bottles.map(({ place }: { place: string }) => place)).size).toBe(4);
    const { people } = (await guest.send('GET', '/api/people')).json;
    expect(Object.keys(people.people)).toHaveLength(7);
    // Pours of three weeks say whose they were.
    const { pours } = (await guest.send('GET', '/api/people/pours?limit=500')).json;
    const days = pours.map(
      ({ pouredAt }: { pouredAt: string }) => (today.getTime() - Date.parse(pouredAt)) / 86_400_000,
    );
    expect(Math.max(...days)).toBeGreaterThan(19);
    expect(Math.min(...days)).toBeLessThan(1);

    const made = Date.parse((await guest.send('GET', `/api/brews/${demoId('brew-0')}`)).json.madeAt);
    expect(today.getTime() - made).toBe(DEMO_BREWS[0]!.hoursAgo * 3_600_000);
    const bottles = (await guest.send('GET', '/api/bottles')).json.bottles as readonly {
      madeAt: string;
      useBy: string;
    }[];
    expect(bottles.every(({ madeAt, useBy }) => useBy > madeAt)).toBe(true);
    await app.close();
  }, 60_000);

  test('a start that was killed half way is made good by the next', async () => {
    const app = await startServer(await freshDatabase(), { demo: true });
    await app.migrated();
    await app.models.kitchens.create({
      id: demoId('kitchen'),
      name: 'Half',
      invitation: 'HALF',
      drinkerInvitation: 'HALF-FULL',
    });
    await keepDemoAlive(app.context, new Date());
    expect(await app.models.drinks.count({ where: { kitchenId: demoId('kitchen') } })).toBe(
      Object.keys(DEMO_DRINKS).length,
    );
    await app.close();
  }, 60_000);
});

describe('a database that takes nothing in', () => {
  /** Lets what was changed of a database hold for every connection. */
  async function begunAnew(owner: Sequelize, name: string): Promise<void> {
    await owner.query(
      'SELECT pg_terminate_backend(pid) FROM pg_stat_activity WHERE datname = :name AND pid <> pg_backend_pid()',
      { replacements: { name } },
    );
  }
  const nameOf = (url: string) => new URL(url).pathname.slice(1);

  test('that is read-only is looked at, also by who was not seen for hours; what is written waits and is told', async () => {
    const url = await freshDatabase();
    const [app, owner] = [await startServer(url), connect(url)];
    const cook = await newCook(app);
    const drink = randomUUID();
    const save = (expectedRevision: number) =>
      cook.send('PUT', `/api/drinks/${drink}`, { expectedRevision, document: document(['1 L water']) });
    expect((await save(0)).status).toBe(200);
    await app.sequelize.query("UPDATE sessions SET seen_at = now() - interval '1 day'");
    await owner.query(`ALTER DATABASE ${nameOf(url)} SET default_transaction_read_only = on`);
    await begunAnew(owner, nameOf(url));
    // What was on a connection that is ended is told so once; then there is a new one.
    let seen = await cook.send('GET', '/api/drinks');
    for (let tries = 0; tries < 10 && seen.status === 503; tries += 1) seen = await cook.send('GET', '/api/drinks');
    expect(seen.json.drinks).toHaveLength(1);
    const { status, json } = await save(1);
    expect([status, json.code]).toEqual([503, 'database-unavailable']);

    await owner.query('SET default_transaction_read_only = off');
    await owner.query(`ALTER DATABASE ${nameOf(url)} RESET default_transaction_read_only`);
    await begunAnew(owner, nameOf(url));
    let saved = await save(1);
    for (let tries = 0; tries < 10 && saved.status === 503; tries += 1) saved = await save(1);
    expect(saved.status).toBe(200);
    await Promise.all([app.close(), owner.close()]);
  });

  test('that has no room on its disk says that nothing was changed, and nothing was', async () => {
    const app = await startServer(await freshDatabase());
    const cook = await newCook(app);
    const made = await bottledDrink(cook);
    // As PostgreSQL says it (SQLSTATE 53100, disk_full), at the last thing that a pour writes.
    await app.sequelize.query(`
      CREATE FUNCTION full_disk() RETURNS trigger LANGUAGE plpgsql AS $$
      BEGIN RAISE EXCEPTION 'could not extend file: No space left on device' USING ERRCODE = '53100'; END $$;
      CREATE TRIGGER full_disk BEFORE UPDATE ON bottles FOR EACH ROW EXECUTE FUNCTION full_disk();`);
    const pour = () =>
      cook.send('PUT', `/api/bottles/${made.ids.bottle}/pours/${randomUUID()}`, {
        volume_mL: 50,
        pouredAt: new Date().toISOString(),
      });
    const { status, json } = await pour();
    expect([status, json.code]).toEqual([503, 'database-unavailable']);
    expect((await cook.send('GET', `/api/bottles/${made.ids.bottle}/pours`)).json.pours).toEqual([]);
    await app.sequelize.query('DROP TRIGGER full_disk ON bottles');
    expect((await pour()).status).toBe(200);
    await app.close();
  });
});
