import type { DrinkVersion } from '@wellhydra/contract';
import { QueryTypes, type Sequelize } from 'sequelize';
import type { Models } from '../database/models';
import { Problem } from '../problem';

/** Saves of one person that follow each other within this time are one version, min. */
export const ONE_VERSION_min = 10;

/**
 * The versions of a drink, newest first: the last of each run of saves by one person, whatever has a name,
 * and whatever was made.
 */
export async function listVersions(
  sequelize: Sequelize,
  kitchenId: string,
  drinkId: string,
): Promise<readonly DrinkVersion[]> {
  const rows = await sequelize.query<Omit<DrinkVersion, 'savedAt'> & { savedAt: Date }>(
    `WITH runs AS (
       SELECT r.*, LEAD(r.saved_by) OVER w AS next_by, LEAD(r.saved_at) OVER w AS next_at,
         (SELECT count(*)::int FROM brews b WHERE b.drink_id = r.drink_id AND b.drink_revision = r.revision) AS brews
       FROM drink_revisions r WHERE r.kitchen_id = :kitchenId AND r.drink_id = :drinkId
       WINDOW w AS (ORDER BY r.revision)
     )
     SELECT r.drink_id AS id, r.revision, r.document, r.saved_at AS "savedAt", a.name AS "savedBy", r.label, r.brews
     FROM runs r JOIN accounts a ON a.id = r.saved_by
     WHERE r.next_at IS NULL OR r.next_by <> r.saved_by OR r.label IS NOT NULL OR r.brews > 0
       OR r.next_at - r.saved_at > make_interval(mins => :minutes)
     ORDER BY r.revision DESC`,
    { replacements: { kitchenId, drinkId, minutes: ONE_VERSION_min }, type: QueryTypes.SELECT },
  );
  if (rows.length === 0) throw new Problem('not-found');
  return rows.map((row) => ({ ...row, savedAt: row.savedAt.toISOString() }));
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
