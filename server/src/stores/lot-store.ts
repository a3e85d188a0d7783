import type { BrewLots, LotPage, LotQuery, LotRecord, LotTrace } from '@wellhydra/contract';
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

/** A jar that is weighed is right to this share. */
const NEARLY = 0.02;

/** Selects the ingredients of a brew of which no lot had enough, in SQL; `brew` is what its row is called there. */
export const missingOf = (brew: string): string => `
  SELECT u.key FROM jsonb_each_text(coalesce(${brew}.used, '{}')) u
  WHERE u.value::double precision * ${1 - NEARLY} > coalesce((
    SELECT -sum(m.grams) FROM lot_changes m JOIN lots k ON k.kitchen_id = m.kitchen_id AND k.id = m.lot_id
    WHERE m.kitchen_id = ${brew}.kitchen_id AND m.brew_id = ${brew}.id AND m.undone_at IS NULL AND k.ingredient = u.key), 0)`;

/** Lots that went into a brew, the most of it first; of what was drawn off those of the whole brew. */
export async function lotsOfBrew(sequelize: Sequelize, kitchenId: string, brewId: string): Promise<BrewLots> {
  type Row = Omit<BrewLots['lots'][number], 'gotAt'> & { readonly gotAt: Date };
  const rows = await sequelize.query<Row>(
    `SELECT l.id AS "lotId", l.ingredient, l.name, l.origin, l.got_at AS "gotAt", -sum(c.grams) AS grams,
            -sum(c.grams) * l.price / l.amount_g AS cost
     FROM brews b
     JOIN lot_changes c ON c.kitchen_id = b.kitchen_id AND c.brew_id = coalesce(b.part_of, b.id) AND c.undone_at IS NULL
     JOIN lots l ON l.kitchen_id = c.kitchen_id AND l.id = c.lot_id
     WHERE b.kitchen_id = :kitchenId AND b.id = :brewId
     GROUP BY l.kitchen_id, l.id ORDER BY grams DESC, l.id LIMIT 500`,
    { replacements: { kitchenId, brewId }, type: QueryTypes.SELECT },
  );
  const missing = await sequelize.query<{ readonly key: string }>(
    `SELECT x.key FROM brews p JOIN brews b ON b.kitchen_id = p.kitchen_id AND b.id = coalesce(p.part_of, p.id),
       LATERAL (${missingOf('b')}) x
     WHERE p.kitchen_id = :kitchenId AND p.id = :brewId ORDER BY x.key LIMIT 500`,
    { replacements: { kitchenId, brewId }, type: QueryTypes.SELECT },
  );
  return {
    lots: rows.map((row) => ({ ...row, gotAt: row.gotAt.toISOString() })),
    missing: missing.map(({ key }) => key),
  };
}

type TracedBrew = LotTrace['brews'][number];

/** Every batch, bottle and person that a lot has reached, the newest batch first; also through what was drawn off. */
export async function traceLot(sequelize: Sequelize, kitchenId: string, lotId: string): Promise<readonly TracedBrew[]> {
  const rows = await sequelize.query<Omit<TracedBrew, 'madeAt'> & { readonly madeAt: Date }>(
    `WITH reached AS (
       SELECT b.id, b.batch, b.drink_id, b.drink_name, b.made_at, t.grams
       FROM (SELECT brew_id, -sum(grams) AS grams FROM lot_changes
             WHERE kitchen_id = :kitchenId AND lot_id = :lotId AND brew_id IS NOT NULL AND undone_at IS NULL
             GROUP BY brew_id) t
       JOIN brews b ON b.kitchen_id = :kitchenId AND (b.id = t.brew_id OR b.part_of = t.brew_id)
     )
     SELECT r.id, r.batch, r.drink_id AS "drinkId", r.drink_name AS "drinkName", r.made_at AS "madeAt", r.grams,
       coalesce((SELECT jsonb_agg(jsonb_build_object('id', x.id, 'volume_mL', x.volume_ml, 'remaining_mL', x.remaining_ml,
                          'place', coalesce(x.spot, x.place),
                          'useBy', to_char(x.use_by AT TIME ZONE 'UTC', 'YYYY-MM-DD"T"HH24:MI:SS.MS"Z"')) ORDER BY x.use_by, x.id)
                 FROM bottles x WHERE x.kitchen_id = :kitchenId AND x.brew_id = r.id AND NOT x.at_once), '[]') AS bottles,
       coalesce((SELECT jsonb_agg(jsonb_build_object('personId', d.person_id, 'volume_mL', d.ml,
                          'last', to_char(d.last AT TIME ZONE 'UTC', 'YYYY-MM-DD"T"HH24:MI:SS.MS"Z"')) ORDER BY d.last DESC)
                 FROM (SELECT p.person_id, sum(p.volume_ml) AS ml, max(p.poured_at) AS last
                       FROM pours p JOIN bottles x ON x.kitchen_id = p.kitchen_id AND x.id = p.bottle_id
                       WHERE p.kitchen_id = :kitchenId AND x.brew_id = r.id AND p.undone_at IS NULL
                         AND p.person_id IS NOT NULL
                       GROUP BY p.person_id) d), '[]') AS drinkers
     FROM reached r ORDER BY r.made_at DESC, r.id LIMIT 500`,
    { replacements: { kitchenId, lotId }, type: QueryTypes.SELECT },
  );
  return rows.map((row) => ({ ...row, madeAt: row.madeAt.toISOString() }));
}
