// @ts-check
import { readFileSync, readdirSync } from 'node:fs';

/** What a server takes up, and whether that stays as it is. */

/**
 * How much more is no growth: as a share, and in its own unit, whichever is more. Memory swings with what is collected
 * when; tables with when they are swept.
 */
const MAY_GROW = /** @type {const} */ ({
  'memory MB': { share: 0.1, by: 20 },
  threads: { share: 0, by: 2 },
  files: { share: 0.1, by: 8 },
  connections: { share: 0, by: 2 },
  'database MB': { share: 0.1, by: 8 },
});

/** @typedef {Record<keyof typeof MAY_GROW, number>} Measures */

/** @param {number[]} values */
const mean = (values) => values.reduce((sum, each) => sum + each, 0) / values.length;

/**
 * Compares the last quarter with the second: the first is for what gets going.
 * @param {readonly Measures[]} measures
 */
export function judge(measures) {
  const quarter = Math.floor(measures.length / 4);
  if (quarter < 1) throw new Error('Too short to be compared: four looks at the least.');
  return Object.entries(MAY_GROW).map(([name, { share, by }]) => {
    const of = measures.map((each) => each[/** @type {keyof Measures} */ (name)]);
    const before = mean(of.slice(quarter, 2 * quarter));
    const after = mean(of.slice(-quarter));
    const flat = after - before <= Math.max(share * before, by);
    return { flat, words: `${name}: ${before.toFixed(1)} → ${after.toFixed(1)}, ${flat ? 'flat' : 'GROWS'}` };
  });
}

/** Ticks of the processor's clock in a second, as /proc counts them. */
const TICKS = 100;

/** What a process and those it has started have had of the processors, s. @param {number} pid */
function processorTime(pid) {
  let ticks = 0;
  for (const entry of readdirSync('/proc')) {
    if (!/^\d+$/.test(entry)) continue;
    try {
      const stat = readFileSync(`/proc/${entry}/stat`, 'utf8');
      // What stands before the last bracket is a name, with whatever signs.
      const fields = stat.slice(stat.lastIndexOf(')') + 2).split(' ');
      if (Number(entry) === pid || Number(fields[1]) === pid) ticks += Number(fields[11]) + Number(fields[12]);
      // Those that have ended since.
      if (Number(entry) === pid) ticks += Number(fields[13]) + Number(fields[14]);
    } catch {
      // It has ended while it was looked at.
    }
  }
  return ticks / TICKS;
}

/** @param {{ pid: number, database: string }} server */
export async function measurer({ pid, database }) {
  const { default: pg } = await import('pg');
  const client = new pg.Client({ connectionString: database });
  await client.connect();
  /** @returns {Promise<Measures>} */
  const measure = async () => {
    const status = readFileSync(`/proc/${pid}/status`, 'utf8');
    /** @param {string} name */
    const field = (name) => Number(new RegExp(`^${name}:\\s+(\\d+)`, 'm').exec(status)?.[1]);
    const { rows } = await client.query(`
      SELECT (SELECT count(*) FROM pg_stat_activity WHERE datname = current_database() AND pid <> pg_backend_pid()) AS connections,
             pg_database_size(current_database()) / 1048576.0 AS size`);
    return {
      'memory MB': field('VmRSS') / 1024,
      threads: field('Threads'),
      files: readdirSync(`/proc/${pid}/fd`).length,
      connections: Number(rows[0].connections),
      'database MB': Number(rows[0].size),
    };
  };
  const { rows: postmaster } = await client.query('SELECT pg_read_file($1) AS pid', ['postmaster.pid']);
  const postgres = Number.parseInt(postmaster[0].pid, 10);
  /** What the work has taken so far: processor time of the server and of PostgreSQL, s, and what is written ahead, MB. */
  const spent = async () => {
    const { rows } = await client.query("SELECT (pg_current_wal_lsn() - '0/0') / 1048576 AS wal");
    return { server_s: processorTime(pid), postgres_s: processorTime(postgres), wal_MB: Number(rows[0].wal) };
  };
  return { measure, spent, close: () => client.end() };
}
