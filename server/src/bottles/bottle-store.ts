import type { BottlePage, BottleRecord, PageQuery, Place } from '@wellhydra/contract';
import {
  daysIn,
  bottleUseBy,
  type BottleKeeping,
  type Keeping,
  type Stand,
  type Vessel,
} from '@wellhydra/core/keeping';
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
  SELECT x.id, x.brew_id AS "brewId", b.batch, b.drink_id AS "drinkId", b.drink_name AS "drinkName", b.kind, x.place, x.spot,
         x.vessel, x.label, x.stands,
         x.volume_ml AS "volume_mL", x.remaining_ml AS "remaining_mL", b.serving_ml AS "serving_mL",
         b.made_at AS "madeAt", x.opened_at AS "openedAt", x.use_by AS "useBy", b.keeping, b.cautions,
         b.per_serving AS "perServing", b.facts
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

/** These bottles of a kitchen, in the order in which they are asked for; those that are not there are left out. */
export async function findBottles(
  sequelize: Sequelize,
  kitchenId: string,
  ids: readonly string[],
): Promise<readonly BottleRecord[]> {
  const rows = await sequelize.query<StoredBottle>(`${BOTTLE} AND x.id IN (:ids)`, {
    replacements: { kitchenId, ids },
    type: QueryTypes.SELECT,
  });
  const byId = new Map(rows.map((row) => [row.id, row]));
  return ids.flatMap((id) => {
    const row = byId.get(id);
    return row ? [asRecord(row)] : [];
  });
}

/** Notes what the labels of bottles say. */
export async function writeLabels(
  sequelize: Sequelize,
  kitchenId: string,
  labels: readonly { readonly id: string; readonly label: NonNullable<BottleRecord['label']> }[],
): Promise<void> {
  await sequelize.query(
    `UPDATE bottles x SET label = l.label FROM jsonb_to_recordset(:labels) AS l (id uuid, label jsonb)
     WHERE x.kitchen_id = :kitchenId AND x.id = l.id`,
    { replacements: { kitchenId, labels: JSON.stringify(labels) } },
  );
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

/** A bottle while it is changed: locked, with what decides how long it keeps. */
export interface LockedBottle {
  readonly brewId: string;
  readonly place: Place;
  readonly spot: string | null;
  readonly vessel: Vessel | null;
  readonly stands: readonly Stand[] | null;
  readonly volumeMl: number;
  readonly remainingMl: number;
  readonly openedAt: Date | null;
  readonly madeAt: Date;
  readonly keeping: Keeping;
}

/** Locks bottles until the transaction is over, in an order that is the same for everybody. */
export async function lockBottles(
  sequelize: Sequelize,
  kitchenId: string,
  ids: readonly string[],
  transaction: Transaction,
): Promise<Map<string, LockedBottle>> {
  const rows = await sequelize.query<LockedBottle & { readonly id: string }>(
    `SELECT x.id, x.brew_id AS "brewId", x.place, x.spot, x.vessel, x.stands, x.volume_ml AS "volumeMl",
            x.remaining_ml AS "remainingMl", x.opened_at AS "openedAt", b.made_at AS "madeAt", b.keeping
     FROM bottles x JOIN brews b ON b.kitchen_id = x.kitchen_id AND b.id = x.brew_id
     WHERE x.kitchen_id = :kitchenId AND x.id IN (:ids) ORDER BY x.id FOR UPDATE OF x`,
    { replacements: { kitchenId, ids }, type: QueryTypes.SELECT, transaction },
  );
  return new Map(rows.map(({ id, ...bottle }) => [id, bottle]));
}

/** Writes what has become of a locked bottle, and until when it is to be used up from now on. */
export async function writeBottle(
  sequelize: Sequelize,
  { kitchenId, id }: { readonly kitchenId: string; readonly id: string },
  bottle: LockedBottle,
  transaction: Transaction,
): Promise<void> {
  const { remainingMl, openedAt, madeAt, keeping, spot } = bottle;
  const { place, stands, useBy: until } = standing(keeping, { madeAt, openedAt, stands: standsOf(bottle) });
  await sequelize.query(
    `UPDATE bottles SET place = :place, spot = :spot, stands = :stands, remaining_ml = :remainingMl,
            volume_ml = greatest(volume_ml, :remainingMl), opened_at = :openedAt, use_by = :until
     WHERE kitchen_id = :kitchenId AND id = :id`,
    {
      replacements: { kitchenId, id, place, spot, stands: JSON.stringify(stands), remainingMl, openedAt, until },
      type: QueryTypes.UPDATE,
      transaction,
    },
  );
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
