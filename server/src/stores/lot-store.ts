import type { LotPage, LotQuery, LotRecord } from '@wellhydra/contract';
import { QueryTypes, type Sequelize, type Transaction } from 'sequelize';
import { limitOf, pageOf, readCursor } from '../database/page';

interface StoredLot extends Omit<LotRecord, 'gotAt' | 'bestBefore'> {
  readonly gotAt: Date;
  readonly bestBefore: Date | null;
}

const LOT = `
  SELECT l.id, l.ingredient, l.name, l.amount_g, l.remaining_g, l.price, l.got, l.got_at AS "gotAt",
         l.best_before AS "bestBefore", l.place, l.origin, l.identified_by AS "identifiedBy", l.purity_pct, l.note
  FROM lots l WHERE l.kitchen_id = :kitchenId`;

const asRecord = (row: StoredLot): LotRecord => ({
  ...row,
  gotAt: row.gotAt.toISOString(),
  bestBefore: row.bestBefore?.toISOString() ?? null,
});

/** Lots that are not used up, by ingredient. */
export async function listLots(sequelize: Sequelize, kitchenId: string, asked: LotQuery): Promise<LotPage> {
  const [after, afterId] = readCursor(asked.cursor, ['text', 'id']) ?? [];
  const { ingredient } = asked;
  const rows = await sequelize.query<StoredLot>(
    `${LOT} AND l.remaining_g > 0 ${ingredient === undefined ? '' : 'AND l.ingredient = :ingredient'}
     ${after === undefined ? '' : 'AND (l.ingredient, l.id) > (:after, :afterId)'}
     ORDER BY l.ingredient, l.id LIMIT :limit`,
    {
      replacements: { kitchenId, ingredient, after, afterId, limit: limitOf(asked) + 1 },
      type: QueryTypes.SELECT,
    },
  );
  const { rows: lots, next } = pageOf(rows, asked, (row) => [row.ingredient, row.id]);
  return { lots: lots.map(asRecord), next };
}

/** One lot, also one that is used up. */
export async function findLot(sequelize: Sequelize, kitchenId: string, id: string): Promise<LotRecord | undefined> {
  const [row] = await sequelize.query<StoredLot>(`${LOT} AND l.id = :id`, {
    replacements: { kitchenId, id },
    type: QueryTypes.SELECT,
  });
  return row && asRecord(row);
}

/** A lot while it is changed. */
export interface LockedLot {
  readonly id: string;
  readonly ingredient: string;
  readonly amount_g: number;
  readonly remaining_g: number;
  readonly gotAt: string;
  readonly bestBefore: string | null;
}

/** Which lots are locked: these, or all of some ingredients of which there is something or a brew has taken. */
export type WhichLots =
  { readonly ids: readonly string[] } | { readonly ingredients: readonly string[]; readonly brewId: string };

/** Locks lots until the transaction is over, in an order that is the same for everybody. */
export async function lockLots(
  sequelize: Sequelize,
  kitchenId: string,
  which: WhichLots,
  transaction: Transaction,
): Promise<readonly LockedLot[]> {
  const where =
    'ids' in which
      ? 'l.id IN (:ids)'
      : `(l.ingredient IN (:ingredients) AND l.remaining_g > 0 OR l.id IN (
           SELECT c.lot_id FROM lot_changes c
           WHERE c.kitchen_id = :kitchenId AND c.brew_id = :brewId AND c.undone_at IS NULL))`;
  const rows = await sequelize.query<StoredLot>(`${LOT} AND ${where} ORDER BY l.id FOR UPDATE`, {
    replacements: { kitchenId, ...which },
    type: QueryTypes.SELECT,
    transaction,
  });
  return rows.map(asRecord);
}

/** Adds to what is left of a locked lot; negative takes. What clings to the jar is nothing. */
export async function addToLot(
  sequelize: Sequelize,
  { kitchenId, id }: { readonly kitchenId: string; readonly id: string },
  grams: number,
  transaction: Transaction,
): Promise<void> {
  await sequelize.query(
    `UPDATE lots SET remaining_g = CASE WHEN remaining_g + :grams < 1e-6 THEN 0 ELSE remaining_g + :grams END
     WHERE kitchen_id = :kitchenId AND id = :id`,
    { replacements: { kitchenId, id, grams }, transaction },
  );
}

/** What a brew has taken of lots and was not given back, by lot. */
export async function takenBy(
  sequelize: Sequelize,
  { kitchenId, brewId }: { readonly kitchenId: string; readonly brewId: string },
  transaction: Transaction,
): Promise<readonly { readonly lotId: string; readonly ingredient: string; readonly grams: number }[]> {
  return sequelize.query(
    `SELECT c.lot_id AS "lotId", l.ingredient, -c.grams AS grams
     FROM lot_changes c JOIN lots l ON l.kitchen_id = c.kitchen_id AND l.id = c.lot_id
     WHERE c.kitchen_id = :kitchenId AND c.brew_id = :brewId AND c.undone_at IS NULL`,
    { replacements: { kitchenId, brewId }, type: QueryTypes.SELECT, transaction },
  );
}
