import type { DrinkPage, DrinkRecord, PageQuery } from '@wellhydra/contract';
import type { DrinkDocument } from '@wellhydra/core/drink';
import { QueryTypes, type Sequelize, type Transaction } from 'sequelize';
import { thinVersions } from './version-store';
import type { Models } from '../database/models';
import { limitOf, pageOf, readCursor } from '../database/page';

interface StoredDrink extends Omit<DrinkRecord, 'savedAt'> {
  readonly savedAt: Date;
  readonly deletedAt: Date | null;
}

const SELECT = `SELECT d.id, d.revision, d.document, d.saved_at AS "savedAt", a.name AS "savedBy", d.deleted_at AS "deletedAt"
  FROM drinks d JOIN accounts a ON a.id = d.saved_by WHERE d.kitchen_id = :kitchenId`;

const asRecord = ({ deletedAt: _deleted, savedAt, ...row }: StoredDrink): DrinkRecord => ({
  ...row,
  savedAt: savedAt.toISOString(),
});

/** Drinks of a kitchen that are not deleted, by name. */
export async function listDrinks(sequelize: Sequelize, kitchenId: string, asked: PageQuery): Promise<DrinkPage> {
  const [after, afterId] = readCursor(asked.cursor, ['text', 'id']) ?? [];
  const rows = await sequelize.query<StoredDrink & { readonly sortName: string }>(
    `${SELECT.replace('SELECT ', `SELECT lower(d.document ->> 'name') AS "sortName", `)} AND d.deleted_at IS NULL
       ${after === undefined ? '' : "AND (lower(d.document ->> 'name'), d.id) > (:after, :afterId)"}
     ORDER BY lower(d.document ->> 'name'), d.id LIMIT :limit`,
    { replacements: { kitchenId, after, afterId, limit: limitOf(asked) + 1 }, type: QueryTypes.SELECT },
  );
  const { rows: drinks, next } = pageOf(rows, asked, ({ sortName, id }) => [sortName, id]);
  return { drinks: drinks.map(({ sortName: _sorted, ...row }) => asRecord(row)), next };
}

/** The documents of all drinks of a kitchen: what others can use as preparations. */
export async function allDocuments(sequelize: Sequelize, kitchenId: string): Promise<readonly DrinkDocument[]> {
  const rows = await sequelize.query<{ readonly document: DrinkDocument }>(
    'SELECT document FROM drinks WHERE kitchen_id = :kitchenId AND deleted_at IS NULL',
    { replacements: { kitchenId }, type: QueryTypes.SELECT },
  );
  return rows.map(({ document }) => document);
}

/** One drink of a kitchen; a deleted one only when asked for. */
export async function findDrink(
  sequelize: Sequelize,
  kitchenId: string,
  id: string,
  options: { readonly deleted?: boolean; readonly transaction?: Transaction } = {},
): Promise<DrinkRecord | undefined> {
  const [row] = await sequelize.query<StoredDrink>(`${SELECT} AND d.id = :id`, {
    replacements: { kitchenId, id },
    type: QueryTypes.SELECT,
    transaction: options.transaction ?? null,
  });
  return row && (options.deleted || row.deletedAt === null) ? asRecord(row) : undefined;
}

/**
 * Locks a drink until the transaction is over, and says what it is then.
 *
 * Locked alone and read after it: a row that is joined to whoever saved it, and saved by somebody else while it is
 * waited for, no longer fits what it was joined to, and PostgreSQL answers that there is none.
 */
export async function lockDrink(
  sequelize: Sequelize,
  kitchenId: string,
  id: string,
  transaction: Transaction,
): Promise<DrinkRecord | undefined> {
  await sequelize.query('SELECT 1 FROM drinks WHERE kitchen_id = :kitchenId AND id = :id FOR UPDATE', {
    replacements: { kitchenId, id },
    transaction,
  });
  return findDrink(sequelize, kitchenId, id, { deleted: true, transaction });
}

export interface NewRevision {
  readonly id: string;
  readonly kitchenId: string;
  readonly revision: number;
  readonly document: DrinkDocument;
  readonly savedBy: string;
}

/** Stores a revision of a drink and keeps it among all earlier ones; the drink as it is then. */
export async function storeRevision(
  sequelize: Sequelize,
  { id, kitchenId, revision, document, savedBy }: NewRevision,
  transaction: Transaction,
): Promise<DrinkRecord> {
  const columns = 'revision, document, saved_by, saved_at';
  const values = '$revision, $document, $savedBy, now()';
  const store =
    revision === 1
      ? `INSERT INTO drinks (kitchen_id, id, ${columns}) VALUES ($kitchenId, $id, ${values})`
      : `UPDATE drinks SET (${columns}, deleted_at) = (${values}, NULL) WHERE kitchen_id = $kitchenId AND id = $id`;
  const [stored] = await sequelize.query<Pick<StoredDrink, 'savedAt' | 'savedBy'>>(
    `WITH stored AS (${store})
     INSERT INTO drink_revisions (kitchen_id, drink_id, ${columns}) VALUES ($kitchenId, $id, ${values})
     RETURNING saved_at AS "savedAt", (SELECT name FROM accounts WHERE id = $savedBy) AS "savedBy"`,
    {
      bind: { id, kitchenId, revision, document: JSON.stringify(document), savedBy },
      type: QueryTypes.SELECT,
      transaction,
    },
  );
  await thinVersions(sequelize, { kitchenId, drinkId: id, revision }, transaction);
  const { savedAt, savedBy: name } = stored!;
  return { id, revision, document, savedAt: savedAt.toISOString(), savedBy: name };
}

/** Marks a drink as deleted, or brings it back. */
export async function setDeleted(
  models: Models,
  kitchenId: string,
  id: string,
  deletedAt: Date | null,
): Promise<boolean> {
  const [changed] = await models.drinks.update({ deletedAt }, { where: { id, kitchenId } });
  return changed > 0;
}
