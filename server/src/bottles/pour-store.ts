import type {
  DrunkBrew,
  DrunkPage,
  DrunkQuery,
  DrunkRecord,
  PageQuery,
  PourPage,
  PourRecord,
} from '@wellhydra/contract';
import type { Intake } from '@wellhydra/core/people';
import { QueryTypes, type Sequelize, type Transaction } from 'sequelize';
import { limitOf, pageOf, readCursor } from '../database/page';

/** Pours of a bottle that were not taken back, the newest first. */
export async function listPours(
  sequelize: Sequelize,
  kitchenId: string,
  bottleId: string,
  asked: PageQuery,
): Promise<PourPage> {
  const [before, beforeId] = readCursor(asked.cursor, ['moment', 'id']) ?? [];
  const rows = await sequelize.query<Omit<PourRecord, 'pouredAt'> & { readonly pouredAt: Date }>(
    `SELECT p.id, p.volume_ml AS "volume_mL", p.poured_at AS "pouredAt", a.name AS "pouredBy",
            p.person_id AS "personId", coalesce(p.additions, '[]'::jsonb) AS additions
     FROM pours p JOIN accounts a ON a.id = p.poured_by
     WHERE p.kitchen_id = :kitchenId AND p.bottle_id = :bottleId AND p.undone_at IS NULL
       ${before ? 'AND (p.poured_at, p.id) < (:before, :beforeId)' : ''}
     ORDER BY p.poured_at DESC, p.id DESC LIMIT :limit`,
    {
      replacements: { kitchenId, bottleId, before, beforeId, limit: limitOf(asked) + 1 },
      type: QueryTypes.SELECT,
    },
  );
  const { rows: pours, next } = pageOf(rows, asked, (row) => [row.pouredAt.toISOString(), row.id]);
  return { pours: pours.map((row) => ({ ...row, pouredAt: row.pouredAt.toISOString() })), next };
}

/** Notes a pour, once; whether it is a new one. */
export async function addPour(
  sequelize: Sequelize,
  pour: {
    readonly kitchenId: string;
    readonly bottleId: string;
    readonly id: string;
    readonly volumeMl: number;
    readonly pouredAt: Date;
    readonly pouredBy: string;
    readonly personId: string | null;
    readonly additions: readonly string[] | null;
    readonly brought: Intake | null;
  },
  transaction: Transaction,
): Promise<boolean> {
  const [rows] = await sequelize.query(
    `INSERT INTO pours (kitchen_id, bottle_id, id, volume_ml, poured_at, poured_by, person_id, additions, brought)
     VALUES (:kitchenId, :bottleId, :id, :volumeMl, :pouredAt, :pouredBy, :personId, :additions, :brought)
     ON CONFLICT DO NOTHING RETURNING id`,
    {
      replacements: {
        ...pour,
        additions: pour.additions && JSON.stringify(pour.additions),
        brought: pour.brought && JSON.stringify(pour.brought),
      },
      transaction,
    },
  );
  return rows.length > 0;
}

type StoredDrunk = Omit<DrunkRecord, 'pouredAt'> & { readonly pouredAt: Date };
type StoredBrew = DrunkBrew & { readonly id: string };

/** What people drank and was not taken back, the newest first, with the brews it was poured from. */
export async function listDrunk(sequelize: Sequelize, kitchenId: string, asked: DrunkQuery): Promise<DrunkPage> {
  const [before, beforeId] = readCursor(asked.cursor, ['moment', 'id']) ?? [];
  const { since, personId } = asked;
  const rows = await sequelize.query<StoredDrunk>(
    `SELECT p.id, p.bottle_id AS "bottleId", x.brew_id AS "brewId", b.drink_id AS "drinkId",
            p.person_id AS "personId", p.volume_ml AS "volume_mL", p.poured_at AS "pouredAt",
            coalesce(p.additions, '[]'::jsonb) AS additions, p.brought
     FROM pours p
       JOIN bottles x ON x.kitchen_id = p.kitchen_id AND x.id = p.bottle_id
       JOIN brews b ON b.kitchen_id = x.kitchen_id AND b.id = x.brew_id
     WHERE p.kitchen_id = :kitchenId AND p.undone_at IS NULL
       AND ${personId ? 'p.person_id = :personId' : 'p.person_id IS NOT NULL'}
       ${since ? 'AND p.poured_at >= :since' : ''}
       ${before ? 'AND (p.poured_at, p.id) < (:before, :beforeId)' : ''}
     ORDER BY p.poured_at DESC, p.id DESC LIMIT :limit`,
    {
      replacements: { kitchenId, personId, since, before, beforeId, limit: limitOf(asked) + 1 },
      type: QueryTypes.SELECT,
    },
  );
  const { rows: pours, next } = pageOf(rows, asked, (row) => [row.pouredAt.toISOString(), row.id]);
  const brewIds = [...new Set(pours.map(({ brewId }) => brewId))];
  const brews =
    brewIds.length === 0
      ? []
      : await sequelize.query<StoredBrew>(
          `SELECT id, drink_name AS "drinkName", batch, kind, serving_ml AS "serving_mL", facts
           FROM brews WHERE kitchen_id = :kitchenId AND id IN (:brewIds)`,
          { replacements: { kitchenId, brewIds }, type: QueryTypes.SELECT },
        );
  return {
    pours: pours.map((row) => ({ ...row, pouredAt: row.pouredAt.toISOString() })),
    brews: Object.fromEntries(brews.map(({ id, ...brew }) => [id, brew])),
    next,
  };
}

/** Forgets who drank what, of these people; what is left in the bottles stays as it is. */
export async function forgetDrinkers(sequelize: Sequelize, kitchenId: string, gone: readonly string[]): Promise<void> {
  await sequelize.query('UPDATE pours SET person_id = NULL WHERE kitchen_id = :kitchenId AND person_id IN (:gone)', {
    replacements: { kitchenId, gone },
  });
}

/** Forgets who drank what, of everybody. */
export async function forgetEveryDrinker(
  sequelize: Sequelize,
  kitchenId: string,
  transaction: Transaction,
): Promise<void> {
  await sequelize.query('UPDATE pours SET person_id = NULL WHERE kitchen_id = :kitchenId AND person_id IS NOT NULL', {
    replacements: { kitchenId },
    transaction,
  });
}
