import type { BrewRun, PageQuery, StoredEvent } from '@wellhydra/contract';
import type { BrewHappening } from '@wellhydra/core/brew';
import { QueryTypes, type Sequelize, type Transaction } from 'sequelize';
import { limitOf, pageOf, readCursor } from '../database/page';

interface StoredRun extends Omit<BrewRun, 'startedAt' | 'events'> {
  readonly startedAt: Date;
}

const RUN = `
  SELECT b.id, b.batch, b.stage, b.drink_id AS "drinkId", b.drink_revision AS "drinkRevision", b.cook,
         b.started_at AS "startedAt", a.name AS "startedBy", b.recipe
  FROM brews b JOIN accounts a ON a.id = b.made_by
  WHERE b.kitchen_id = :kitchenId AND b.recipe IS NOT NULL`;

const withoutEvents = (row: StoredRun): Omit<BrewRun, 'events'> => ({
  ...row,
  startedAt: row.startedAt.toISOString(),
});

/** Brews of a kitchen that are under way, oldest first, without their events. */
export async function findRunsUnderWay(sequelize: Sequelize, kitchenId: string, asked: PageQuery) {
  const [after, afterId] = readCursor(asked.cursor, ['moment', 'id']) ?? [];
  const rows = await sequelize.query<StoredRun>(
    `${RUN} AND b.stage IN ('making', 'paused') ${after ? 'AND (b.started_at, b.id) > (:after, :afterId)' : ''}
     ORDER BY b.started_at, b.id LIMIT :limit`,
    { replacements: { kitchenId, after, afterId, limit: limitOf(asked) + 1 }, type: QueryTypes.SELECT },
  );
  const { rows: runs, next } = pageOf(rows, asked, (row) => [row.startedAt.toISOString(), row.id]);
  return { runs: runs.map(withoutEvents), next };
}

export async function findRun(sequelize: Sequelize, kitchenId: string, id: string, transaction?: Transaction) {
  const [row] = await sequelize.query<StoredRun>(`${RUN} AND b.id = :id`, {
    replacements: { kitchenId, id },
    type: QueryTypes.SELECT,
    transaction: transaction ?? null,
  });
  return row && withoutEvents(row);
}

interface EventRow {
  readonly brewId: string;
  readonly id: string;
  readonly number: number;
  readonly at: Date;
  readonly by: string;
  readonly happening: BrewHappening;
}

/** Events of some brews after a number, in the order in which they count. */
export async function findEvents(
  sequelize: Sequelize,
  kitchenId: string,
  brewIds: readonly string[],
  after = 0,
  transaction?: Transaction,
): Promise<ReadonlyMap<string, readonly StoredEvent[]>> {
  const found = new Map<string, StoredEvent[]>(brewIds.map((id) => [id, []]));
  if (brewIds.length === 0) return found;
  const rows = await sequelize.query<EventRow>(
    `SELECT e.brew_id AS "brewId", e.id, e.number, e.happened_at AS at, a.name AS by, e.happening
     FROM brew_events e JOIN accounts a ON a.id = e.reported_by
     WHERE e.kitchen_id = :kitchenId AND e.brew_id IN (:brewIds) AND e.number > :after ORDER BY e.brew_id, e.number`,
    { replacements: { kitchenId, brewIds, after }, type: QueryTypes.SELECT, transaction: transaction ?? null },
  );
  for (const { brewId, id, number, at, by, happening } of rows)
    found.get(brewId)?.push({ ...happening, id, number, at: at.toISOString(), by });
  return found;
}

/**
 * Lets nobody else change a brew until the transaction is over; false for a brew that is not there. Whoever waited
 * for it reads afterwards: what this query itself would find beside the row is as old as its beginning.
 */
export async function lockRun(
  sequelize: Sequelize,
  kitchenId: string,
  id: string,
  transaction: Transaction,
): Promise<boolean> {
  const rows = await sequelize.query(
    `SELECT b.id FROM brews b WHERE b.kitchen_id = :kitchenId AND b.id = :id AND b.recipe IS NOT NULL FOR UPDATE`,
    { replacements: { kitchenId, id }, type: QueryTypes.SELECT, transaction },
  );
  return rows.length > 0;
}

/** The newest number of a brew, without reading the events; undefined for a brew that is not there. */
export async function lastNumber(
  sequelize: Sequelize,
  kitchenId: string,
  id: string,
  transaction?: Transaction,
): Promise<number | undefined> {
  const [row] = await sequelize.query<{ last: number }>(
    `SELECT (SELECT coalesce(max(e.number), 0) FROM brew_events e
             WHERE e.kitchen_id = b.kitchen_id AND e.brew_id = b.id)::integer AS last
     FROM brews b WHERE b.kitchen_id = :kitchenId AND b.id = :id AND b.recipe IS NOT NULL`,
    { replacements: { kitchenId, id }, type: QueryTypes.SELECT, transaction: transaction ?? null },
  );
  return row?.last;
}

export interface ReadRun {
  readonly id: string;
  readonly batch: string;
  readonly recipe: BrewRun['recipe'];
  readonly last: number;
}

/** The newest brews of a kitchen that have events, oldest first, begun after a moment; those given up teach, too. */
export async function findReadRuns(
  sequelize: Sequelize,
  kitchenId: string,
  since: Date | null,
  most: number,
): Promise<readonly ReadRun[]> {
  const rows = await sequelize.query<ReadRun>(
    `SELECT b.id, b.batch, b.recipe, e.last
     FROM brews b, LATERAL (SELECT max(x.number)::integer AS last FROM brew_events x
                            WHERE x.kitchen_id = b.kitchen_id AND x.brew_id = b.id) e
     WHERE b.kitchen_id = :kitchenId AND b.recipe IS NOT NULL AND e.last > 0
       ${since ? 'AND b.started_at > :since' : ''}
     ORDER BY b.started_at DESC, b.id DESC LIMIT :most`,
    { replacements: { kitchenId, since, most }, type: QueryTypes.SELECT },
  );
  return rows.reverse();
}
