// @ts-check
import { accessSync, constants, existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { parseArgs } from 'node:util';
import { onEnd } from './lib/ending.mjs';
import { keepAlive } from './lib/keep-alive.mjs';
import { ensureOwnDatabase } from './lib/own-database.mjs';
import { freePort, isFree } from './lib/ports.mjs';
import { startCluster, stopClusterIn } from './lib/postgres.mjs';
import { ROOT, ensureNode, ensurePackages, ensurePostgres } from './lib/prepare.mjs';
import { endAll } from './lib/run.mjs';
import { giveUp, say } from './lib/say.mjs';
import { serve } from './lib/serve.mjs';

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

/** @param {string} folder */
function ensureWritable(folder) {
  try {
    mkdirSync(folder, { recursive: true });
    accessSync(folder, constants.W_OK);
  } catch (error) {
    giveUp(
      `Data cannot be written to ${folder} (${/** @type {NodeJS.ErrnoException} */ (error).code}). Choose another folder with --data, or make this one writable.`,
    );
  }
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
ensureWritable(dataFolder);
const claimFile = join(dataFolder, 'start.pid');
claim(claimFile);

const ending = new AbortController();
/** Stops the server that was started last. */
let stopServer = async () => {};

/** Ends everything that was started, whatever it is doing. @param {number} code */
async function stop(code) {
  if (ending.signal.aborted) return;
  ending.abort();
  say('\nStopping …');
  await endAll();
  await stopServer();
  if (!ownDatabase) await stopClusterIn(dataFolder).catch((error) => say(String(error)));
  rmSync(claimFile, { force: true });
  process.exit(code);
}
// Being told to end is no failure.
onEnd(() => stop(0));

/** @type {Awaited<ReturnType<typeof startCluster>> | undefined} */
let cluster;
/** @type {import('./lib/serve.mjs').RunningServer | undefined} */
let server;
let serverRuns = false;

async function startDatabase() {
  ending.signal.throwIfAborted();
  const before = cluster?.port;
  cluster = await startCluster({ dataFolder, ...(before ? { wantedPort: before } : {}) });
  await cluster.ensureDatabase('wellhydra');
  // Somebody else took the port meanwhile: the server has to learn of the new one.
  if (before && before !== cluster.port) await stopServer();
}

/** @param {number} port @param {string} appFolder */
async function startServer(port, appFolder) {
  ending.signal.throwIfAborted();
  server = await serve({
    databaseUrl: ownDatabase ?? /** @type {NonNullable<typeof cluster>} */ (cluster).url('wellhydra'),
    appFolder,
    port,
    demo: !options['no-demo'],
    logFile: join(dataFolder, 'server.log'),
    env: { SPOOL_FOLDER: join(dataFolder, 'spool'), OUTBOX_FOLDER: join(dataFolder, 'outbox') },
    onStarted: (stopIt) => (stopServer = stopIt),
  });
  serverRuns = true;
  void server.ended.then(() => (serverRuns = false));
}

try {
  const port = await choosePort(options.port);
  say('1/4 Looking after packages');
  await ensurePackages();
  say(ownDatabase ? '2/4 Using the database in DATABASE_URL' : '2/4 Looking after PostgreSQL');
  if (ownDatabase) await ensureOwnDatabase(ownDatabase);
  else await ensurePostgres();
  say('3/4 Looking after the build');
  const { ensureBuild } = await import('./lib/build.mjs');
  const { appFolder } = await ensureBuild();
  say('4/4 Starting');
  if (!ownDatabase) {
    await startDatabase();
    if (cluster && !cluster.folder.startsWith(dataFolder))
      say(`    The database lives in ${cluster.folder}: the postgres user cannot reach ${dataFolder}.`);
  }
  await startServer(port, appFolder);
  const served = /** @type {NonNullable<typeof server>} */ (server).port;
  say(
    `\nWellhydra is ready after ${((Date.now() - started) / 1000).toFixed(1)} s:  http://localhost:${served}\nCtrl-C stops it. Data in ${dataFolder}.`,
  );
  await keepAlive(
    [
      ...(ownDatabase ? [] : [{ name: 'PostgreSQL', runs: () => cluster?.runs() ?? false, start: startDatabase }]),
      { name: 'The server', runs: () => serverRuns, start: () => startServer(served, appFolder) },
    ],
    ending.signal,
  );
} catch (error) {
  if (!ending.signal.aborted) {
    process.stderr.write(`\nWellhydra could not start: ${error instanceof Error ? error.message : error}\n`);
    await stop(1);
  }
}
