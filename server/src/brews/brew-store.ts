import type { BrewRecord } from '@wellhydra/contract';
import { QueryTypes, type Sequelize, type Transaction } from 'sequelize';

type StoredBrew = Omit<BrewRecord, 'madeAt'> & { readonly madeAt: Date };

/** Brews of a kitchen, newest first; one only, when its id is given. */
export async function findBrews(
  sequelize: Sequelize,
  kitchenId: string,
  id?: string,
  transaction?: Transaction,
): Promise<readonly BrewRecord[]> {
  const rows = await sequelize.query<StoredBrew>(
    `SELECT b.id, b.batch, b.drink_id AS "drinkId", b.drink_name AS "drinkName", b.made_at AS "madeAt", a.name AS "madeBy",
            b.volume_ml AS "volume_mL", b.keeping -> 'heldBackBy' ->> 0 AS "keepsBecause",
            array(SELECT x.id FROM bottles x WHERE x.brew_id = b.id ORDER BY x.id) AS "bottleIds"
     FROM brews b JOIN accounts a ON a.id = b.made_by
     WHERE b.kitchen_id = :kitchenId ${id ? 'AND b.id = :id' : ''} ORDER BY b.made_at DESC, b.batch DESC`,
    { replacements: { kitchenId, id }, type: QueryTypes.SELECT, transaction: transaction ?? null },
  );
  return rows.map((row) => ({ ...row, madeAt: row.madeAt.toISOString() }));
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
