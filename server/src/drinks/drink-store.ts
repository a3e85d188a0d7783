import type { DrinkRecord } from '@wellhydra/contract';
import type { DrinkDocument } from '@wellhydra/core/drink';
import { QueryTypes, type Sequelize, type Transaction } from 'sequelize';
import type { Models } from '../database/models';

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

/** All drinks of a kitchen that are not deleted, by name. */
export async function listDrinks(sequelize: Sequelize, kitchenId: string): Promise<readonly DrinkRecord[]> {
  const rows = await sequelize.query<StoredDrink>(
    `${SELECT} AND d.deleted_at IS NULL ORDER BY lower(d.document ->> 'name'), d.id`,
    {
      replacements: { kitchenId },
      type: QueryTypes.SELECT,
    },
  );
  return rows.map(asRecord);
}

/** One drink of a kitchen; a deleted one only when asked for. */
export async function findDrink(
  sequelize: Sequelize,
  kitchenId: string,
  id: string,
  options: { readonly deleted?: boolean; readonly lock?: Transaction } = {},
): Promise<DrinkRecord | undefined> {
  const [row] = await sequelize.query<StoredDrink>(
    `${SELECT} AND d.id = :id${options.lock ? ' FOR UPDATE OF d' : ''}`,
    {
      replacements: { kitchenId, id },
      type: QueryTypes.SELECT,
      transaction: options.lock ?? null,
    },
  );
  return row && (options.deleted || row.deletedAt === null) ? asRecord(row) : undefined;
}

export interface NewRevision {
  readonly id: string;
  readonly kitchenId: string;
  readonly revision: number;
  readonly document: DrinkDocument;
  readonly savedBy: string;
}

/** Stores a revision of a drink and keeps it among all earlier ones. */
export async function storeRevision(models: Models, next: NewRevision, transaction: Transaction): Promise<void> {
  const savedAt = new Date();
  const { id, kitchenId, revision, document, savedBy } = next;
  if (revision === 1) await models.drinks.create({ ...next, savedAt, deletedAt: null }, { transaction });
  else
    await models.drinks.update(
      { revision, document, savedBy, savedAt, deletedAt: null },
      { where: { id, kitchenId }, transaction },
    );
  await models.drinkRevisions.create({ drinkId: id, kitchenId, revision, document, savedBy, savedAt }, { transaction });
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
