import type { BrewPage, BrewRecord, PageQuery } from '@wellhydra/contract';
import { QueryTypes, type Sequelize, type Transaction } from 'sequelize';
import { limitOf, pageOf, readCursor } from '../database/page';

type StoredBrew = Omit<BrewRecord, 'madeAt'> & { readonly madeAt: Date };

const BREW = `
  SELECT b.id, b.batch, b.drink_id AS "drinkId", b.drink_name AS "drinkName", b.made_at AS "madeAt",
         a.name AS "madeBy",
         b.part_of AS "partOf", b.volume_ml AS "volume_mL", b.drunk_ml + filled.at_once_ml AS "drunk_mL",
         b.tasted_ml AS "tasted_mL", filled.ml - filled.at_once_ml AS "bottled_mL",
         b.volume_ml - b.drunk_ml - b.tasted_ml - filled.ml AS "lost_mL", b.keeping -> 'heldBackBy' ->> 0 AS "keepsBecause",
         array(SELECT x.id FROM bottles x WHERE x.kitchen_id = b.kitchen_id AND x.brew_id = b.id AND NOT x.at_once
               ORDER BY x.id)
           AS "bottleIds"
  FROM brews b JOIN accounts a ON a.id = b.made_by,
    LATERAL (SELECT coalesce(sum(x.filled_ml), 0) AS ml,
                    coalesce(sum(x.filled_ml) FILTER (WHERE x.at_once), 0) AS at_once_ml FROM bottles x
             WHERE x.kitchen_id = b.kitchen_id AND x.brew_id = b.id) filled
  WHERE b.kitchen_id = :kitchenId`;

const asRecord = (row: StoredBrew): BrewRecord => ({ ...row, madeAt: row.madeAt.toISOString() });

/** Brews of a kitchen, the newest first. */
export async function listBrews(sequelize: Sequelize, kitchenId: string, asked: PageQuery): Promise<BrewPage> {
  const [before, beforeId] = readCursor(asked.cursor, ['moment', 'id']) ?? [];
  const rows = await sequelize.query<StoredBrew>(
    `${BREW} ${before ? 'AND (b.made_at, b.id) < (:before, :beforeId)' : ''}
     ORDER BY b.made_at DESC, b.id DESC LIMIT :limit`,
    { replacements: { kitchenId, before, beforeId, limit: limitOf(asked) + 1 }, type: QueryTypes.SELECT },
  );
  const { rows: brews, next } = pageOf(rows, asked, (row) => [row.madeAt.toISOString(), row.id]);
  return { brews: brews.map(asRecord), next };
}

/** One brew of a kitchen. */
export async function findBrew(
  sequelize: Sequelize,
  kitchenId: string,
  id: string,
  transaction?: Transaction,
): Promise<BrewRecord | undefined> {
  const [row] = await sequelize.query<StoredBrew>(`${BREW} AND b.id = :id`, {
    replacements: { kitchenId, id },
    type: QueryTypes.SELECT,
    transaction: transaction ?? null,
  });
  return row && asRecord(row);
}

/** Takes the next batch number of a kitchen; the row stays locked until the transaction ends. */
export async function nextBatchNumber(
  sequelize: Sequelize,
  kitchenId: string,
  transaction: Transaction,
): Promise<number> {
  const [row] = await sequelize.query<{ number: number }>(
    'UPDATE kitchens SET brews_made = brews_made + 1 WHERE id = :kitchenId RETURNING brews_made AS number',
    { replacements: { kitchenId }, type: QueryTypes.SELECT, transaction },
  );
  return row?.number as number;
}

/** Ids of the bottles that a brew, and what was drawn off from it, was filled into. */
export async function bottlesOf(
  sequelize: Sequelize,
  { kitchenId, id }: { readonly kitchenId: string; readonly id: string },
  transaction: Transaction,
): Promise<ReadonlySet<string>> {
  const rows = await sequelize.query<{ readonly id: string }>(
    `SELECT x.id FROM bottles x JOIN brews b ON b.kitchen_id = x.kitchen_id AND b.id = x.brew_id
     WHERE x.kitchen_id = :kitchenId AND (b.id = :id OR b.part_of = :id)`,
    { replacements: { kitchenId, id }, type: QueryTypes.SELECT, transaction },
  );
  return new Set(rows.map((row) => row.id));
}

/** After a correction a brew is never less than what its bottles were filled with and what was drunk of it. */
export async function holdAllBottles(
  sequelize: Sequelize,
  { kitchenId, id }: { readonly kitchenId: string; readonly id: string },
  transaction: Transaction,
): Promise<void> {
  await sequelize.query(
    `UPDATE brews b SET volume_ml = greatest(b.volume_ml, b.drunk_ml + b.tasted_ml + (
       SELECT coalesce(sum(x.filled_ml), 0) FROM bottles x WHERE x.kitchen_id = b.kitchen_id AND x.brew_id = b.id))
     WHERE b.kitchen_id = :kitchenId AND b.id = :id`,
    { replacements: { kitchenId, id }, transaction },
  );
}
