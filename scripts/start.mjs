// @ts-check
import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { parseArgs } from 'node:util';
import { freePort, isFree } from './lib/ports.mjs';
import { ROOT, ensureNode, ensurePackages, ensurePostgres } from './lib/prepare.mjs';
import { giveUp, say } from './lib/say.mjs';

/** Starts Wellhydra: `npm start -- [--port N] [--data DIR] [--no-demo]`. */

const DEFAULT_PORT = 4870;
const USAGE = `npm start -- [--port N] [--data DIR] [--no-demo]
  --port N     serve on this port (otherwise ${DEFAULT_PORT}, or the next free one)
  --data DIR   keep the data here (otherwise in .data)
  --no-demo    without the demo kitchen
DATABASE_URL=postgres://… uses a PostgreSQL server of your own.`;

function readOptions() {
  try {
    const { values } = parseArgs({
      options: {
        port: { type: 'string' },
        data: { type: 'string' },
        'no-demo': { type: 'boolean' },
        help: { type: 'boolean' },
      },
    });
    return values;
  } catch (error) {
    return giveUp(`${error instanceof Error ? error.message : error}\n\n${USAGE}`);
  }
}

/** @param {string | undefined} wanted */
async function choosePort(wanted) {
  if (wanted === undefined) return freePort(DEFAULT_PORT);
  const port = Number(wanted);
  if (!Number.isInteger(port) || port < 1 || port > 65535)
    return giveUp(`--port takes a number from 1 to 65535, not "${wanted}".`);
  if (!(await isFree(port))) return giveUp(`Port ${port} is taken. Choose another one, or leave --port out.`);
  return port;
}

/**
 * One start a data folder: two would share a database server and stop it under each other.
 * @param {string} file
 */
function claim(file) {
  if (existsSync(file)) {
    const pid = Number(readFileSync(file, 'utf8'));
    try {
      if (readFileSync(`/proc/${pid}/cmdline`, 'utf8').includes('start.mjs'))
        giveUp(
          `Wellhydra is running with this data already (process ${pid}). Stop it first, or give another folder with --data.`,
        );
    } catch {
      // Left by a start that was killed.
    }
  }
  writeFileSync(file, String(process.pid));
}

const options = readOptions();
if (options.help) {
  say(USAGE);
  process.exit(0);
}
const started = Date.now();
const ownDatabase = process.env.DATABASE_URL;
const dataFolder = resolve(options.data ?? join(ROOT, '.data'));
ensureNode();
mkdirSync(dataFolder, { recursive: true });
const claimFile = join(dataFolder, 'start.pid');
claim(claimFile);
const port = await choosePort(options.port);

say('1/4 Looking after packages');
await ensurePackages();
say(ownDatabase ? '2/4 Using the database in DATABASE_URL' : '2/4 Looking after PostgreSQL');
if (!ownDatabase) await ensurePostgres();
say('3/4 Looking after the build');
const { ensureBuild } = await import('./lib/build.mjs');
const { appFolder } = await ensureBuild();
say('4/4 Starting');
const { startCluster } = await import('./lib/postgres.mjs');
const { serve } = await import('./lib/serve.mjs');

/** @type {Awaited<ReturnType<typeof startCluster>> | undefined} */
let cluster;
/** @type {import('./lib/serve.mjs').RunningServer | undefined} */
let server;
let stopping = false;

/** @param {number} code */
async function stop(code) {
  if (stopping) return;
  stopping = true;
  say('\nStopping …');
  await server?.stop();
  await cluster?.stop();
  rmSync(claimFile, { force: true });
  process.exit(code);
}
process.on('SIGINT', () => void stop(0));
process.on('SIGTERM', () => void stop(0));
process.on('SIGHUP', () => void stop(0));

try {
  if (!ownDatabase) {
    cluster = await startCluster({ dataFolder });
    if (!cluster.folder.startsWith(dataFolder))
      say(`    The database lives in ${cluster.folder}: the postgres user cannot reach ${dataFolder}.`);
    await cluster.ensureDatabase('wellhydra');
  }
  server = await serve({
    databaseUrl: ownDatabase ?? /** @type {NonNullable<typeof cluster>} */ (cluster).url('wellhydra'),
    appFolder,
    port,
    demo: !options['no-demo'],
    logFile: join(dataFolder, 'server.log'),
  });
} catch (error) {
  process.stderr.write(`\nWellhydra could not start: ${error instanceof Error ? error.message : error}\n`);
  await stop(1);
}
if (server) {
  say(
    `\nWellhydra is ready after ${((Date.now() - started) / 1000).toFixed(1)} s:  http://localhost:${server.port}\nCtrl-C stops it. Data in ${dataFolder}.`,
  );
  void server.ended.then((code) => {
    if (stopping) return;
    process.stderr.write(`The server ended by itself (${code}); its log is ${join(dataFolder, 'server.log')}.\n`);
    void stop(1);
  });
}
