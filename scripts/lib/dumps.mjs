// @ts-check
import { existsSync, mkdirSync, readFileSync, readdirSync, renameSync, rmSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { ensureOwnDatabase } from './own-database.mjs';
import { findPostgres, startCluster } from './postgres.mjs';
import { ROOT } from './prepare.mjs';
import { capture } from './run.mjs';

/** Dumps of the database: PostgreSQL's own, by its own programs. */

const NAME = /^wellhydra-\d{4}-\d{2}-\d{2}T\d{6}\.dump$/;
/** @param {Date} now */
const stampOf = (now) => now.toISOString().slice(0, 19).replaceAll(':', '');

/** The folder of the data, as `npm start` has it. @param {string | undefined} wanted */
export const dataFolderOf = (wanted) => resolve(wanted ?? join(ROOT, '.data'));

/**
 * Whether `npm start` is running with a data folder.
 * @param {string} dataFolder
 */
export function isStarted(dataFolder) {
  const file = join(dataFolder, 'start.pid');
  if (!existsSync(file)) return false;
  try {
    return readFileSync(`/proc/${Number(readFileSync(file, 'utf8'))}/cmdline`, 'utf8').includes('start.mjs');
  } catch {
    return false;
  }
}

/**
 * Does something with the database: the one in DATABASE_URL, or that of the data folder, which is started for it where
 * it does not run, and stopped again.
 *
 * @template T
 * @param {string} dataFolder
 * @param {(address: string) => Promise<T>} work
 */
export async function withDatabase(dataFolder, work) {
  const own = process.env.DATABASE_URL;
  if (own) {
    await ensureOwnDatabase(own);
    return work(own);
  }
  const ran = isStarted(dataFolder);
  const cluster = await startCluster({ dataFolder });
  try {
    await cluster.ensureDatabase('wellhydra');
    return await work(cluster.url('wellhydra'));
  } finally {
    if (!ran) await cluster.stop();
  }
}

/**
 * Runs one of PostgreSQL's programs on a database. The password goes by the environment: a command line can be read by
 * whoever is on the machine.
 * @param {'pg_dump' | 'pg_restore'} program
 * @param {string | null} address
 * @param {readonly string[]} args
 */
function postgresProgram(program, address, args) {
  const bin = findPostgres();
  if (!bin) throw new Error('PostgreSQL is not installed.');
  if (!address) return capture(join(bin, program), args);
  const url = new URL(address);
  const password = decodeURIComponent(url.password);
  url.password = '';
  return capture(join(bin, program), [`--dbname=${url.href}`, ...args], {
    env: { ...process.env, PGPASSWORD: password },
  });
}

/**
 * Writes a dump, and removes the oldest ones beyond so many. It has its name only once it is whole.
 *
 * @param {string} address
 * @param {{ folder: string, keep: number, now: Date }} options
 * @returns {Promise<{ file: string, removed: string[] }>}
 */
export async function writeDump(address, { folder, keep, now }) {
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  const file = join(folder, `wellhydra-${stampOf(now)}.dump`);
  const part = `${file}.part`;
  process.umask(0o077);
  try {
    await postgresProgram('pg_dump', address, ['--format=custom', '--no-owner', '--no-privileges', `--file=${part}`]);
    await checkDump(part);
    renameSync(part, file);
  } finally {
    rmSync(part, { force: true });
  }
  const removed = readdirSync(folder)
    .filter((name) => NAME.test(name))
    .sort()
    .slice(0, -keep);
  for (const name of removed) rmSync(join(folder, name));
  return { file, removed };
}

/** Throws where a file is no whole dump. @param {string} file */
export const checkDump = (file) => postgresProgram('pg_restore', null, ['--list', file]);

/**
 * Puts a dump in the place of a database. It is read into a new one first, and the two change their names only once all
 * of it is there; what was there before is kept under another name, the last one of its kind.
 *
 * @param {string} address
 * @param {{ file: string, now: Date }} options
 * @returns {Promise<string>} name of the database as it was before
 */
export async function readDump(address, { file, now }) {
  const url = new URL(address);
  const name = decodeURIComponent(url.pathname.slice(1));
  const stamp = stampOf(now).toLowerCase().replaceAll('-', '');
  const [fresh, before] = [`${name}_new_${stamp}`, `${name}_before_${stamp}`];
  const at = (/** @type {string} */ database) => {
    const other = new URL(address);
    other.pathname = `/${database}`;
    return other.href;
  };
  const { default: pg } = await import('pg');
  const quoted = (/** @type {string} */ each) => `"${each.replaceAll('"', '""')}"`;
  const client = new pg.Client({ connectionString: at('postgres') });
  await client.connect();
  try {
    await client.query(`CREATE DATABASE ${quoted(fresh)}`);
    try {
      await postgresProgram('pg_restore', at(fresh), ['--no-owner', '--no-privileges', '--exit-on-error', file]);
    } catch (error) {
      await client.query(`DROP DATABASE ${quoted(fresh)}`);
      throw error;
    }
    const { rows } = await client.query('SELECT datname FROM pg_database WHERE starts_with(datname, $1)', [
      `${name}_before_`,
    ]);
    await client.query(
      'SELECT pg_terminate_backend(pid) FROM pg_stat_activity WHERE datname = $1 AND pid <> pg_backend_pid()',
      [name],
    );
    await client.query(`ALTER DATABASE ${quoted(name)} RENAME TO ${quoted(before)}`);
    await client.query(`ALTER DATABASE ${quoted(fresh)} RENAME TO ${quoted(name)}`);
    for (const { datname } of rows) await client.query(`DROP DATABASE ${quoted(datname)}`);
  } finally {
    await client.end();
  }
  return before;
}
