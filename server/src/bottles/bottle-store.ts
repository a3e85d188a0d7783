import type { BottleRecord, PourRecord } from '@wellhydra/contract';
import type { Keeping } from '@wellhydra/core/keeping';
import { QueryTypes, type Sequelize } from 'sequelize';
import { useBy } from './use-by';

interface StoredBottle extends Omit<BottleRecord, 'madeAt' | 'openedAt' | 'useBy' | 'useByReason'> {
  readonly madeAt: Date;
  readonly openedAt: Date | null;
  readonly keeping: Keeping;
}

function asRecord({ keeping, madeAt, openedAt, ...row }: StoredBottle): BottleRecord {
  const due = useBy(keeping, { place: row.place, madeAt, openedAt });
  return {
    ...row,
    madeAt: madeAt.toISOString(),
    openedAt: openedAt?.toISOString() ?? null,
    useBy: due.useBy.toISOString(),
    useByReason: due.reason,
    pours: row.pours.map((pour): PourRecord => ({ ...pour, pouredAt: new Date(pour.pouredAt).toISOString() })),
  };
}

/** Bottles of a kitchen with their pours, the first to be used up first; one only, when its id is given. */
export async function findBottles(
  sequelize: Sequelize,
  kitchenId: string,
  id?: string,
): Promise<readonly BottleRecord[]> {
  const rows = await sequelize.query<StoredBottle>(
    `SELECT x.id, x.brew_id AS "brewId", b.batch, b.drink_id AS "drinkId", b.drink_name AS "drinkName", b.kind, x.place,
            x.volume_ml AS "volume_mL", x.remaining_ml AS "remaining_mL", b.serving_ml AS "serving_mL",
            b.made_at AS "madeAt", x.opened_at AS "openedAt", b.keeping, b.cautions,
            coalesce((SELECT json_agg(json_build_object('id', p.id, 'volume_mL', p.volume_ml, 'pouredAt', p.poured_at, 'pouredBy', a.name)
                                      ORDER BY p.poured_at DESC)
                      FROM pours p JOIN accounts a ON a.id = p.poured_by
                      WHERE p.bottle_id = x.id AND p.undone_at IS NULL), '[]') AS pours
     FROM bottles x JOIN brews b ON b.id = x.brew_id
     WHERE x.kitchen_id = :kitchenId ${id ? 'AND x.id = :id' : ''}`,
    { replacements: { kitchenId, id }, type: QueryTypes.SELECT },
  );
  return rows.map(asRecord).sort((a, b) => a.useBy.localeCompare(b.useBy) || a.id.localeCompare(b.id));
}
