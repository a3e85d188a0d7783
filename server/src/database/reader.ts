import { setTimeout as pause } from 'node:timers/promises';
import { QueryTypes, type Sequelize } from 'sequelize';
import type { FastifyBaseLogger } from 'fastify';
import { connect } from './connect';
import { defineModels, type Models } from './models';

/** What is asked, and how tables are called there. */
export interface Database {
  readonly sequelize: Sequelize;
  readonly models: Models;
}

/** Where long lists and whole kitchens are read. */
export interface Reader {
  /**
   * A database that has everything which was written by now: a replica that has caught up, or the one that is written to.
   */
  readonly upToDate: () => Promise<Database>;
  readonly close: () => Promise<void>;
}

/** A replica is waited for so long, and looked after so often, ms. */
const WAIT_ms = 300;
const LOOK_ms = 20;
/** One that did not answer is left alone for so long, ms. */
const LEFT_ALONE_ms = 10_000;

const one = async <Row extends object>(sequelize: Sequelize, sql: string, replacements = {}): Promise<Row> =>
  (await sequelize.query<Row>(sql, { type: QueryTypes.SELECT, replacements }))[0]!;

/** Whether a replica has all up to a place in what is written ahead; a database that is no replica has. */
const hasAll = async (replica: Sequelize, upTo: string): Promise<boolean> =>
  (
    await one<{ all: boolean }>(
      replica,
      `SELECT CASE WHEN pg_is_in_recovery() THEN pg_last_wal_replay_lsn() >= CAST(:upTo AS pg_lsn) ELSE true END AS all`,
      { upTo },
    )
  ).all;

/** Reads where it is written. */
export const readerOf = (main: Database): Reader => ({ upToDate: async () => main, close: async () => undefined });

/** Reads at a replica wherever that has caught up, and where it is written otherwise: nobody misses what they just did. */
export function replicaReader(main: Database, url: string, log: Pick<FastifyBaseLogger, 'warn'>): Reader {
  const sequelize = connect(url);
  const replica: Database = { sequelize, models: defineModels(sequelize) };
  let leftAloneUntil = 0;
  const caughtUp = async (): Promise<boolean> => {
    const { place } = await one<{ place: string }>(main.sequelize, 'SELECT pg_current_wal_insert_lsn()::text AS place');
    for (const until = Date.now() + WAIT_ms; Date.now() < until; await pause(LOOK_ms))
      if (await hasAll(sequelize, place)) return true;
    return false;
  };
  return {
    upToDate: async () => {
      if (Date.now() < leftAloneUntil) return main;
      try {
        if (await caughtUp()) return replica;
        log.warn('the replica is behind; read where it is written');
      } catch (error) {
        log.warn({ error }, 'the replica does not answer; read where it is written');
      }
      leftAloneUntil = Date.now() + LEFT_ALONE_ms;
      return main;
    },
    close: () => sequelize.close(),
  };
}
