import type {
  LogbookCharts,
  LogbookFilter,
  LogbookPage,
  LogbookQuery,
  LogbookRow,
  LogbookSort,
  TriedBrews,
} from '@wellhydra/contract';
import { LOGBOOK_LIMITS } from '@wellhydra/contract';
import { QueryTypes, type Sequelize } from 'sequelize';
import { limitOf, pageOf, readCursor } from '../database/page';
import { costOf } from '../stores/went-in';

type StoredRow = Omit<LogbookRow, 'madeAt'> & { readonly madeAt: Date; readonly key: string | number };

/** What a batch cost. */
const COST = `LEFT JOIN LATERAL (SELECT ${costOf('b')} AS cost) cost ON true`;

const rowOf = (key: string): string => `
  SELECT b.id, b.batch, b.drink_id AS "drinkId", b.drink_name AS "drinkName", b.kind, b.made_at AS "madeAt",
         coalesce(nullif(b.cook, ''), a.name) AS cook, b.expected_ml AS "expected_mL", b.volume_ml AS "got_mL",
         b.brix, b.ph AS "pH", b.taste, cost.cost, b.serving_ml AS "serving_mL", b.note, ${key} AS key,
         (SELECT coalesce(sum(x.remaining_ml), 0) FROM bottles x
          WHERE x.kitchen_id = b.kitchen_id AND x.brew_id = b.id) AS "left_mL"
  FROM brews b JOIN accounts a ON a.id = b.made_by ${COST}
  WHERE b.kitchen_id = :kitchenId AND b.stage = 'finished'`;

const asRow = ({ key: _key, ...row }: StoredRow): LogbookRow => ({ ...row, madeAt: row.madeAt.toISOString() });

/** Signs that mean something in a pattern are meant as they are. */
const pattern = (words: string): string => `%${words.replace(/[\\%_]/g, '\\$&')}%`;

/** Conditions of a filter, each a clause that holds where nothing is asked of it. */
function conditions(filter: LogbookFilter): { readonly sql: string; readonly replacements: Record<string, unknown> } {
  const clauses = [
    filter.drinkId && 'b.drink_id = :drinkId',
    filter.cook && "coalesce(nullif(b.cook, ''), (SELECT a.name FROM accounts a WHERE a.id = b.made_by)) = :cook",
    filter.ingredient && 'jsonb_exists(b.used, :ingredient)',
    filter.from && 'b.made_at >= :from',
    filter.to && 'b.made_at < :to',
    filter.personId &&
      `EXISTS (SELECT 1 FROM bottles x JOIN pours p ON p.kitchen_id = x.kitchen_id AND p.bottle_id = x.id
               WHERE x.kitchen_id = b.kitchen_id AND x.brew_id = b.id AND p.person_id = :personId AND p.undone_at IS NULL)`,
    filter.words &&
      `(b.note ILIKE :pattern OR b.drink_name ILIKE :pattern OR b.batch ILIKE :pattern
        OR EXISTS (SELECT 1 FROM tastings t WHERE t.kitchen_id = b.kitchen_id AND t.brew_id = b.id AND t.words ILIKE :pattern))`,
  ].filter(Boolean);
  const { words = '', ...rest } = filter;
  return {
    sql: clauses.map((clause) => `AND ${clause}`).join(' '),
    replacements: { ...rest, pattern: pattern(words) },
  };
}

/** What rows are ordered by, as it stands in an index, the kind of its value, and which way. */
const SORTS: Readonly<
  Record<
    LogbookSort,
    { readonly key: string; readonly kind: 'moment' | 'text' | 'figure'; readonly way: 'ASC' | 'DESC' }
  >
> = {
  newest: { key: 'b.made_at', kind: 'moment', way: 'DESC' },
  oldest: { key: 'b.made_at', kind: 'moment', way: 'ASC' },
  drink: { key: 'b.drink_name', kind: 'text', way: 'ASC' },
  got: { key: 'b.volume_ml', kind: 'figure', way: 'DESC' },
  brix: { key: 'coalesce(b.brix, -1)', kind: 'figure', way: 'DESC' },
  pH: { key: 'coalesce(b.ph, -1)', kind: 'figure', way: 'DESC' },
  taste: { key: 'coalesce(b.taste, -1)', kind: 'figure', way: 'DESC' },
};

/** A page of brews that are finished, as they are asked for. */
export async function listLogbook(sequelize: Sequelize, kitchenId: string, asked: LogbookQuery): Promise<LogbookPage> {
  const { cursor, limit: _limit, sort = 'newest', ...filter } = asked;
  const { key, kind, way } = SORTS[sort];
  const [after, afterId] = readCursor(cursor, [kind, 'id']) ?? [];
  const { sql, replacements } = conditions(filter);
  const further = way === 'ASC' ? '>' : '<';
  const rows = await sequelize.query<StoredRow>(
    `${rowOf(key)} ${sql} ${after === undefined ? '' : `AND (${key}, b.id) ${further} (:after, :afterId)`}
     ORDER BY ${key} ${way}, b.id ${way} LIMIT :limit`,
    {
      replacements: { kitchenId, ...replacements, after, afterId, limit: limitOf(asked) + 1 },
      type: QueryTypes.SELECT,
    },
  );
  const { rows: brews, next } = pageOf(rows, asked, (row) => [
    kind === 'moment' ? row.madeAt.toISOString() : row.key,
    row.id,
  ]);
  return { brews: brews.map(asRow), next };
}

/** One brew that is finished. */
export async function findLogbookRow(
  sequelize: Sequelize,
  kitchenId: string,
  id: string,
): Promise<LogbookRow | undefined> {
  const [row] = await sequelize.query<StoredRow>(`${rowOf('b.id')} AND b.id = :id`, {
    replacements: { kitchenId, id },
    type: QueryTypes.SELECT,
  });
  return row && asRow(row);
}

/** The newest brews of a drink that were tasted, with what went into each. */
export async function listTried(sequelize: Sequelize, kitchenId: string, drinkId: string): Promise<TriedBrews> {
  const rows = await sequelize.query<Omit<TriedBrews['brews'][number], 'madeAt'> & { readonly madeAt: Date }>(
    `SELECT id, batch, made_at AS "madeAt", taste, coalesce(used, '{}') AS used, volume_ml AS got, brix, ph AS "pH"
     FROM brews
     WHERE kitchen_id = :kitchenId AND drink_id = :drinkId AND stage = 'finished' AND taste IS NOT NULL AND used IS NOT NULL
     ORDER BY made_at DESC, id DESC LIMIT ${LOGBOOK_LIMITS.points}`,
    { replacements: { kitchenId, drinkId }, type: QueryTypes.SELECT },
  );
  return { brews: rows.map((row) => ({ ...row, madeAt: row.madeAt.toISOString() })) };
}

const MEANS = `
  count(*)::int AS brews, avg(abs(n.got - n.expected) / nullif(n.expected, 0)) AS off, avg(n.brix) AS brix,
  avg(n.ph) AS "pH", avg(n.taste) AS taste, avg(n.cost) AS cost, avg(n.minutes) AS minutes`;

/**
 * What the newest brews of a filter come to. Means are of those that say something: by drink and by month, in SQL; a
 * kitchen of ten thousand brews is looked at no further back than one of a hundred.
 */
export async function logbookChartsOf(
  sequelize: Sequelize,
  kitchenId: string,
  filter: LogbookFilter,
): Promise<LogbookCharts> {
  const { sql, replacements } = conditions(filter);
  const [row] = await sequelize.query<{ readonly charts: LogbookCharts }>(
    `WITH n AS MATERIALIZED (
       SELECT b.id, b.drink_id, b.drink_name, b.made_at, b.expected_ml AS expected, b.volume_ml AS got, b.brix, b.ph, b.taste,
              cost.cost, extract(epoch FROM b.made_at - b.started_at) / 60 AS minutes
       FROM brews b ${COST}
       WHERE b.kitchen_id = :kitchenId AND b.stage = 'finished' ${sql}
       ORDER BY b.made_at DESC, b.id DESC LIMIT ${LOGBOOK_LIMITS.points}),
     drinks AS (SELECT n.drink_id AS "drinkId", max(n.drink_name) AS "drinkName", ${MEANS} FROM n GROUP BY n.drink_id),
     months AS (SELECT to_char(n.made_at AT TIME ZONE 'UTC', 'YYYY-MM') AS month, ${MEANS} FROM n GROUP BY 1),
     tastes AS (SELECT n.drink_id AS "drinkId", max(n.drink_name) AS "drinkName", avg(n.taste) AS mean,
                       (array_agg(n.taste ORDER BY n.made_at DESC, n.id))[1] AS latest,
                       (array_agg(n.taste ORDER BY n.made_at DESC, n.id))[1:${LOGBOOK_LIMITS.scores}] AS scores
                FROM n WHERE n.taste IS NOT NULL GROUP BY n.drink_id)
     SELECT jsonb_build_object(
       'points', coalesce((SELECT jsonb_agg(jsonb_build_object('id', n.id, 'drinkId', n.drink_id, 'drinkName', n.drink_name,
                   'madeAt', to_char(n.made_at AT TIME ZONE 'UTC', 'YYYY-MM-DD"T"HH24:MI:SS.MS"Z"'),
                   'expected_mL', n.expected, 'got_mL', n.got) ORDER BY n.made_at, n.id) FROM n), '[]'),
       'tastes', coalesce((SELECT jsonb_agg(to_jsonb(tastes) ORDER BY mean DESC, "drinkId") FROM tastes), '[]'),
       'drinks', coalesce((SELECT jsonb_agg(to_jsonb(drinks) ORDER BY brews DESC, "drinkId") FROM drinks), '[]'),
       'months', coalesce((SELECT jsonb_agg(to_jsonb(months) ORDER BY month) FROM months), '[]')) AS charts`,
    { replacements: { kitchenId, ...replacements }, type: QueryTypes.SELECT },
  );
  return row!.charts;
}
