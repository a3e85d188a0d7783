import type { BottlePage, BottleRecord, PageQuery, Place, PourPage, PourRecord } from '@wellhydra/contract';
import { daysIn, bottleUseBy, type BottleKeeping, type Keeping, type Stand } from '@wellhydra/core/keeping';
import { QueryTypes, type Sequelize, type Transaction } from 'sequelize';
import { limitOf, pageOf, readCursor } from '../database/page';
import type { Models } from '../database/models';
import { standing, standsOf } from './standing';

interface StoredBottle extends Omit<
  BottleRecord,
  'madeAt' | 'openedAt' | 'useBy' | 'useByReason' | 'stands' | 'keeping'
> {
  readonly stands: readonly Stand[] | null;
  readonly madeAt: Date;
  readonly openedAt: Date | null;
  readonly useBy: Date;
  readonly keeping: Keeping;
}

/** What keeps for ever crosses as so many days: JSON knows no infinity. */
const FOR_EVER_days = 36_500;
const counted = (days: number | null): number => Math.min(days ?? FOR_EVER_days, FOR_EVER_days);

/** How a brew keeps, as it crosses: every place named, also of brews that were stored before each was reckoned. */
function keepingRecord(keeping: Keeping): BottleKeeping {
  const { place, days, daysOpened, daysInCoolRoom, heldBackBy } = keeping;
  return {
    place,
    days: counted(days),
    daysOpened: counted(daysOpened),
    daysInCoolRoom: counted(daysInCoolRoom),
    closed: {
      fridge: counted(daysIn(keeping, 'fridge')),
      'cool room': counted(daysIn(keeping, 'cool-room')),
      cupboard: counted(daysIn(keeping, 'cupboard')),
      freezer: counted(daysIn(keeping, 'freezer')),
    },
    heldBackBy,
  };
}

function asRecord({ keeping, useBy: until, ...row }: StoredBottle): BottleRecord {
  const stands = standsOf(row);
  const history = { madeAt: row.madeAt.toISOString(), openedAt: row.openedAt?.toISOString() ?? null, stands };
  return {
    ...row,
    ...history,
    keeping: keepingRecord(keeping),
    useBy: until.toISOString(),
    useByReason: bottleUseBy(keeping, history).reason,
  };
}

const BOTTLE = `
  SELECT x.id, x.brew_id AS "brewId", b.batch, b.drink_id AS "drinkId", b.drink_name AS "drinkName", b.kind, x.place, x.stands,
         x.volume_ml AS "volume_mL", x.remaining_ml AS "remaining_mL", b.serving_ml AS "serving_mL",
         b.made_at AS "madeAt", x.opened_at AS "openedAt", x.use_by AS "useBy", b.keeping, b.cautions,
         b.per_serving AS "perServing"
  FROM bottles x JOIN brews b ON b.kitchen_id = x.kitchen_id AND b.id = x.brew_id
  WHERE x.kitchen_id = :kitchenId`;

/** Bottles of a kitchen that are not empty, the first to be used up first. */
export async function listBottles(sequelize: Sequelize, kitchenId: string, asked: PageQuery): Promise<BottlePage> {
  const [until, after] = readCursor(asked.cursor, ['moment', 'id']) ?? [];
  const rows = await sequelize.query<StoredBottle>(
    `${BOTTLE} AND x.remaining_ml > 0 ${until ? 'AND (x.use_by, x.id) > (:until, :after)' : ''}
     ORDER BY x.use_by, x.id LIMIT :limit`,
    { replacements: { kitchenId, until, after, limit: limitOf(asked) + 1 }, type: QueryTypes.SELECT },
  );
  const { rows: bottles, next } = pageOf(rows, asked, (row) => [row.useBy.toISOString(), row.id]);
  return { bottles: bottles.map(asRecord), next };
}

/** One bottle of a kitchen. */
export async function findBottle(
  sequelize: Sequelize,
  kitchenId: string,
  id: string,
): Promise<BottleRecord | undefined> {
  const [row] = await sequelize.query<StoredBottle>(`${BOTTLE} AND x.id = :id`, {
    replacements: { kitchenId, id },
    type: QueryTypes.SELECT,
  });
  return row && asRecord(row);
}

/** Pours of a bottle that were not taken back, the newest first. */
export async function listPours(
  sequelize: Sequelize,
  kitchenId: string,
  bottleId: string,
  asked: PageQuery,
): Promise<PourPage> {
  const [before, beforeId] = readCursor(asked.cursor, ['moment', 'id']) ?? [];
  const rows = await sequelize.query<Omit<PourRecord, 'pouredAt'> & { readonly pouredAt: Date }>(
    `SELECT p.id, p.volume_ml AS "volume_mL", p.poured_at AS "pouredAt", a.name AS "pouredBy"
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

/** A bottle while it is changed: locked, with what decides how long it keeps. */
export interface LockedBottle {
  readonly brewId: string;
  readonly place: Place;
  readonly stands: readonly Stand[] | null;
  readonly volumeMl: number;
  readonly remainingMl: number;
  readonly openedAt: Date | null;
  readonly madeAt: Date;
  readonly keeping: Keeping;
}

/** Locks a bottle until the transaction is over. */
export async function lockBottle(
  sequelize: Sequelize,
  kitchenId: string,
  id: string,
  transaction: Transaction,
): Promise<LockedBottle | undefined> {
  const [bottle] = await sequelize.query<LockedBottle>(
    `SELECT x.brew_id AS "brewId", x.place, x.stands, x.volume_ml AS "volumeMl", x.remaining_ml AS "remainingMl",
            x.opened_at AS "openedAt", b.made_at AS "madeAt", b.keeping
     FROM bottles x JOIN brews b ON b.kitchen_id = x.kitchen_id AND b.id = x.brew_id
     WHERE x.kitchen_id = :kitchenId AND x.id = :id FOR UPDATE OF x`,
    { replacements: { kitchenId, id }, type: QueryTypes.SELECT, transaction },
  );
  return bottle;
}

/** Writes what has become of a locked bottle, and until when it is to be used up from now on. */
export async function writeBottle(
  sequelize: Sequelize,
  { kitchenId, id }: { readonly kitchenId: string; readonly id: string },
  bottle: LockedBottle,
  transaction: Transaction,
): Promise<void> {
  const { remainingMl, openedAt, madeAt, keeping } = bottle;
  const { place, stands, useBy: until } = standing(keeping, { madeAt, openedAt, stands: standsOf(bottle) });
  await sequelize.query(
    `UPDATE bottles SET place = :place, stands = :stands, remaining_ml = :remainingMl, opened_at = :openedAt,
            use_by = :until
     WHERE kitchen_id = :kitchenId AND id = :id`,
    {
      replacements: { kitchenId, id, place, stands: JSON.stringify(stands), remainingMl, openedAt, until },
      type: QueryTypes.UPDATE,
      transaction,
    },
  );
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
  },
  transaction: Transaction,
): Promise<boolean> {
  const [rows] = await sequelize.query(
    `INSERT INTO pours (kitchen_id, bottle_id, id, volume_ml, poured_at, poured_by)
     VALUES (:kitchenId, :bottleId, :id, :volumeMl, :pouredAt, :pouredBy) ON CONFLICT DO NOTHING RETURNING id`,
    { replacements: pour, transaction },
  );
  return rows.length > 0;
}

/** Reckons anew when the bottles of a brew are to be used up, after it was corrected. */
export async function reckonUseBy(
  models: Models,
  { kitchenId, brewId }: { readonly kitchenId: string; readonly brewId: string },
  transaction: Transaction,
): Promise<void> {
  const brew = await models.brews.findOne({
    where: { kitchenId, id: brewId },
    attributes: ['keeping', 'madeAt'],
    transaction,
  });
  if (!brew) return;
  const bottles = await models.bottles.findAll({ where: { kitchenId, brewId }, transaction });
  const { madeAt, keeping } = brew;
  for (const { id, place, stands, openedAt } of bottles) {
    const history = { madeAt, openedAt, stands: standsOf({ stands, place, madeAt }) };
    const { useBy: until } = standing(keeping, history);
    await models.bottles.update({ useBy: until }, { where: { kitchenId, id }, transaction });
  }
}
