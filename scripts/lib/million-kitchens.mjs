// @ts-check
import { say } from './say.mjs';

/**
 * A day of very many kitchens, from what one machine was measured at: when they are at it, what that asks of servers and
 * of the database, and which limit is reached first.
 */

/**
 * What was measured here (docs/measurements.md): by `npm run soak`, beside whoever asks, on two cores of one machine.
 * @typedef {object} Measured
 * @property {number} server_ms of a processor, for a request
 * @property {number} postgres_ms
 * @property {number} wal_kB written ahead, for a request
 * @property {number} day_kB that a day with a brew leaves on the disk
 */

/** How a kitchen is used. Assumed, and said with the result. */
export const HABITS = {
  /** Days of a week on which something is brewed. */
  brews: 1.5,
  /** Times a day that somebody looks, and for how long, min. */
  looks: 6,
  look_min: 3,
  /** Of a brew: for how long a phone stands beside it, min. */
  brew_min: 90,
  /** A page that is open asks so often, s. */
  asks_s: 7,
  /** Of what is asked so much writes. */
  writes: 0.15,
  /** How much of a day's use falls into each hour: breakfast, noon, the evening. All kitchens are in one zone, at the worst. */
  hours: [1, 1, 1, 1, 2, 4, 9, 10, 8, 5, 4, 6, 8, 6, 4, 4, 6, 9, 11, 10, 8, 5, 3, 2],
};

/** What existing machines and PostgreSQL carry. Assumed, and said with the result. */
export const LIMITS = {
  /** Cores of a large machine of today, of which so much is used at the most. */
  cores: 64,
  busy: 0.6,
  connections: 100,
  /** Connections of a server, and one for news. */
  ofServer: 11,
  /** Cores that one server, which is one process with its workers, makes use of. */
  serverCores: 2,
  /** News that a PostgreSQL hands on in a second, one after the other, each to every server that listens. */
  news: 20_000,
  wal_MB_s: 200,
  disk_TB: 8,
};

/** A random number generator that gives the same again. @param {number} seed */
function dice(seed) {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let mixed = Math.imul(state ^ (state >>> 15), 1 | state);
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed;
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296;
  };
}

const MINUTES = 24 * 60;
/** So many kitchens are followed minute by minute; more are as many times these. */
const FOLLOWED = 20_000;

/**
 * Kitchens that have a page open, minute by minute, as a share of all; and its highest.
 * @param {number} seed
 */
export function openShare(seed) {
  const throwDice = dice(seed);
  const whole = HABITS.hours.reduce((sum, each) => sum + each, 0);
  /** A minute of the day, by how much of it falls where. */
  const minute = () => {
    let left = throwDice() * whole;
    const hour = HABITS.hours.findIndex((share) => (left -= share) < 0);
    return Math.floor(60 * (Math.max(0, hour) + throwDice()));
  };
  const open = new Float64Array(MINUTES);
  /** @param {number} from @param {number} lasts */
  const stay = (from, lasts) => {
    for (let at = 0; at < lasts; at += 1)
      open[(from + at) % MINUTES] = /** @type {number} */ (open[(from + at) % MINUTES]) + 1;
  };
  for (let kitchen = 0; kitchen < FOLLOWED; kitchen += 1) {
    for (let look = 0; look < HABITS.looks; look += 1) stay(minute(), HABITS.look_min);
    if (throwDice() < HABITS.brews / 7) stay(minute(), HABITS.brew_min);
  }
  return { peak: Math.max(...open) / FOLLOWED, mean: open.reduce((sum, each) => sum + each, 0) / MINUTES / FOLLOWED };
}

/**
 * What so many kitchens ask for at their busiest minute.
 * @param {number} kitchens
 * @param {Measured} measured
 * @param {{ peak: number, mean: number }} share
 */
export function demandOf(kitchens, { server_ms, postgres_ms, wal_kB, day_kB }, { peak }) {
  const perSecond = (kitchens * peak) / HABITS.asks_s;
  const serverCores = (perSecond * server_ms) / 1000;
  const servers = Math.max(1, Math.ceil(serverCores / LIMITS.serverCores / LIMITS.busy));
  const news = perSecond * HABITS.writes;
  /** Each as a share of what one machine, or one PostgreSQL, carries: what passes 1 first breaks first. */
  const shares = {
    'cores of the database': (perSecond * postgres_ms) / 1000 / (LIMITS.cores * LIMITS.busy),
    'connections without a pooler': (servers * LIMITS.ofServer) / LIMITS.connections,
    'news, each to every server': (news * servers) / LIMITS.news,
    'written ahead': (perSecond * wal_kB) / 1000 / LIMITS.wal_MB_s,
    'disk of a year': (kitchens * day_kB * 52 * HABITS.brews) / 1e9 / LIMITS.disk_TB,
  };
  return { kitchens, perSecond, servers, shares };
}

/** The number of kitchens at which each limit is reached, the first first. @param {Measured} measured */
export function breakingPoints(measured, seed = 1) {
  const share = openShare(seed);
  const names = Object.keys(demandOf(1, measured, share).shares);
  return names
    .map((name) => {
      let [low, high] = [1, 1e9];
      while (high / low > 1.01) {
        const middle = Math.sqrt(low * high);
        const { shares } = demandOf(middle, measured, share);
        if (shares[/** @type {keyof typeof shares} */ (name)] > 1) high = middle;
        else low = middle;
      }
      return { name, kitchens: low };
    })
    .sort((a, b) => a.kitchens - b.kitchens);
}

/** As `npm run soak` said on 2026-12-01, with the tables split by kitchen. @type {Measured} */
const MEASURED = { server_ms: 9.3, postgres_ms: 6.5, wal_kB: 1, day_kB: 29 };

/** @param {number} value */
const figure = (value) => (value >= 100 ? value.toFixed(0) : value.toPrecision(2));

/** Says what so many kitchens ask for, and where they are too many. */
export function sayMillion() {
  const share = openShare(1);
  say(
    `At the busiest minute ${(100 * share.peak).toFixed(1)} % of the kitchens have a page open, ${(100 * share.mean).toFixed(1)} % in the mean.`,
  );
  for (const kitchens of [1000, 10_000, 100_000, 1_000_000]) {
    const { perSecond, servers, shares } = demandOf(kitchens, MEASURED, share);
    const each = Object.entries(shares).map(([name, of]) => `${name} ${figure(100 * of)} %`);
    say(`${kitchens} kitchens: ${figure(perSecond)} requests a second, ${servers} servers; ${each.join(', ')}`);
  }
  say('Reached first:');
  for (const { name, kitchens } of breakingPoints(MEASURED))
    say(`  ${name}: ${Number(kitchens.toPrecision(2))} kitchens`);
}
