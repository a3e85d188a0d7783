import type { DrinkVersion, PageQuery, VersionPage } from '@wellhydra/contract';
import { QueryTypes, type Sequelize, type Transaction } from 'sequelize';
import type { Models } from '../database/models';
import { limitOf, pageOf, readCursor } from '../database/page';
import { Problem } from '../problem';

/** Saves of one person that follow each other within this time are one version, min: an evening's trying out. */
export const ONE_VERSION_min = 45;

/** So many versions of one day are kept of a drink: who types all day long does not fill the disk. */
export const MOST_VERSIONS_A_DAY = 200;

interface OfDrink {
  readonly kitchenId: string;
  readonly drinkId: string;
}

/**
 * Thins what a drink was: every version of the newest day stays, of each day before it the last, and for ever what has
 * a name or was made.
 *
 * @param saved the revision that was saved just now
 */
export async function thinVersions(
  sequelize: Sequelize,
  { kitchenId, drinkId, revision }: OfDrink & { readonly revision: number },
  transaction: Transaction,
): Promise<void> {
  await sequelize.query(
    `DELETE FROM drink_revisions r
     WHERE r.kitchen_id = :kitchenId AND r.drink_id = :drinkId AND r.revision < :revision AND r.label IS NULL
       AND NOT EXISTS (SELECT 1 FROM brews b WHERE b.kitchen_id = r.kitchen_id AND b.drink_id = r.drink_id
                                               AND b.drink_revision = r.revision)
       AND (r.revision <= :revision - :most
            OR r.saved_at < (SELECT date_trunc('day', n.saved_at, 'UTC') FROM drink_revisions n
                             WHERE n.kitchen_id = :kitchenId AND n.drink_id = :drinkId AND n.revision = :revision))
       AND EXISTS (SELECT 1 FROM drink_revisions l
                   WHERE l.kitchen_id = r.kitchen_id AND l.drink_id = r.drink_id AND l.revision > r.revision
                     AND date_trunc('day', l.saved_at, 'UTC') = date_trunc('day', r.saved_at, 'UTC'))`,
    { replacements: { kitchenId, drinkId, revision, most: MOST_VERSIONS_A_DAY }, transaction },
  );
}

/** A document without what changes nothing in the pot: its name, and what is noted beside its steps. */
const madeOf = (document: string): string =>
  `(${document} - 'name' - 'steps') || jsonb_build_object('steps', (SELECT jsonb_agg(s - 'note' ORDER BY n)
     FROM jsonb_array_elements(${document}->'steps') WITH ORDINALITY AS steps (s, n)))`;

/**
 * The versions of a drink, newest first: the last of each run of saves by one person that another pot followed,
 * whatever has a name, and whatever was made.
 */
export async function listVersions(
  sequelize: Sequelize,
  { kitchenId, drinkId }: OfDrink,
  asked: PageQuery,
): Promise<VersionPage> {
  const [before] = readCursor(asked.cursor, ['number']) ?? [];
  const rows = await sequelize.query<Omit<DrinkVersion, 'savedAt'> & { savedAt: Date }>(
    `WITH runs AS (
       SELECT r.*, LEAD(r.saved_by) OVER w AS next_by, LEAD(r.saved_at) OVER w AS next_at,
         LEAD(r.document) OVER w AS next_document,
         (SELECT count(*)::int FROM brews b WHERE b.kitchen_id = r.kitchen_id AND b.drink_id = r.drink_id
                                              AND b.drink_revision = r.revision) AS brews
       FROM drink_revisions r WHERE r.kitchen_id = :kitchenId AND r.drink_id = :drinkId
       WINDOW w AS (ORDER BY r.revision)
     )
     SELECT r.drink_id AS id, r.revision, r.document, r.saved_at AS "savedAt", a.name AS "savedBy", r.label, r.brews
     FROM runs r JOIN accounts a ON a.id = r.saved_by
     WHERE (r.next_at IS NULL OR r.label IS NOT NULL OR r.brews > 0
            OR ((r.next_by <> r.saved_by OR r.next_at - r.saved_at > make_interval(mins => :minutes))
                AND ${madeOf('r.document')} <> ${madeOf('r.next_document')}))
       ${before === undefined ? '' : 'AND r.revision < :before'}
     ORDER BY r.revision DESC LIMIT :limit`,
    {
      replacements: { kitchenId, drinkId, minutes: ONE_VERSION_min, before, limit: limitOf(asked) + 1 },
      type: QueryTypes.SELECT,
    },
  );
  if (rows.length === 0 && before === undefined) throw new Problem('not-found');
  const { rows: versions, next } = pageOf(rows, asked, (row) => [row.revision]);
  return { versions: versions.map((row) => ({ ...row, savedAt: row.savedAt.toISOString() })), next };
}

/** Names a version, or takes its name away. */
export async function labelVersion(
  models: Models,
  kitchenId: string,
  drinkId: string,
  revision: number,
  label: string | null,
): Promise<void> {
  const [changed] = await models.drinkRevisions.update({ label }, { where: { kitchenId, drinkId, revision } });
  if (changed === 0) throw new Problem('not-found');
}
