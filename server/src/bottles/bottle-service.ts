import type { BottleRecord, Place, Pour } from '@wellhydra/contract';
import { formatVolume } from '@wellhydra/core/quantity';
import { Op, type Sequelize, type Transaction } from 'sequelize';
import type { SignedIn } from '../accounts/session-store';
import type { Models } from '../database/models';
import { Problem } from '../problem';
import { findBottle, reckonUseBy } from './bottle-store';

export interface BottleContext {
  readonly sequelize: Sequelize;
  readonly models: Models;
}

export async function readBottle({ sequelize }: BottleContext, who: SignedIn, id: string): Promise<BottleRecord> {
  const bottle = await findBottle(sequelize, who.kitchenId, id);
  if (!bottle) throw new Problem('not-found');
  return bottle;
}

async function lockedBottle({ models }: BottleContext, who: SignedIn, id: string, transaction: Transaction) {
  const bottle = await models.bottles.findOne({
    where: { id, kitchenId: who.kitchenId },
    lock: transaction.LOCK.UPDATE,
    transaction,
  });
  if (!bottle) throw new Problem('not-found');
  return bottle;
}

const pourKey = ({ kitchenId }: SignedIn, { id, pourId }: { readonly id: string; readonly pourId: string }) => ({
  kitchenId,
  bottleId: id,
  id: pourId,
});

/** A rest smaller than this is what clings to the glass, mL: the bottle counts as empty. */
const CLINGS_mL = 0.01;

/** Takes a serving off a bottle; sending it again changes nothing. */
export async function pourFromBottle(
  context: BottleContext,
  who: SignedIn,
  ids: { id: string; pourId: string },
  pour: Pour,
): Promise<BottleRecord> {
  const { sequelize, models } = context;
  await sequelize.transaction(async (transaction) => {
    const bottle = await lockedBottle(context, who, ids.id, transaction);
    if (await models.pours.findOne({ where: pourKey(who, ids), transaction })) return;
    const rest_mL = bottle.remainingMl - pour.volume_mL;
    if (rest_mL < -CLINGS_mL)
      throw new Problem(
        'bottle-has-less',
        { remaining_mL: bottle.remainingMl },
        `There are ${formatVolume(bottle.remainingMl)} left. Pour that, or less.`,
      );
    const pouredAt = new Date(pour.pouredAt);
    await models.pours.create(
      {
        id: ids.pourId,
        kitchenId: who.kitchenId,
        bottleId: bottle.id,
        volumeMl: pour.volume_mL,
        pouredAt,
        pouredBy: who.accountId,
        undoneAt: null,
      },
      { transaction },
    );
    await bottle.update(
      { remainingMl: rest_mL < CLINGS_mL ? 0 : rest_mL, openedAt: bottle.openedAt ?? pouredAt },
      { transaction },
    );
    await reckonUseBy(models, { kitchenId: who.kitchenId, brewId: bottle.brewId, only: bottle.id }, transaction);
  });
  return readBottle(context, who, ids.id);
}

/** Takes a pour back: the drink is in the bottle again, and closed if it was the only pour. */
export async function undoPour(
  context: BottleContext,
  who: SignedIn,
  ids: { id: string; pourId: string },
): Promise<BottleRecord> {
  const { sequelize, models } = context;
  await sequelize.transaction(async (transaction) => {
    const bottle = await lockedBottle(context, who, ids.id, transaction);
    const pour = await models.pours.findOne({ where: pourKey(who, ids), transaction });
    if (!pour) throw new Problem('not-found');
    if (pour.undoneAt) return;
    await pour.update({ undoneAt: new Date() }, { transaction });
    const first = await models.pours.findOne({
      where: { kitchenId: who.kitchenId, bottleId: bottle.id, undoneAt: { [Op.is]: null } },
      order: [['pouredAt', 'ASC']],
      transaction,
    });
    await bottle.update(
      { remainingMl: Math.min(bottle.volumeMl, bottle.remainingMl + pour.volumeMl), openedAt: first?.pouredAt ?? null },
      { transaction },
    );
    await reckonUseBy(models, { kitchenId: who.kitchenId, brewId: bottle.brewId, only: bottle.id }, transaction);
  });
  return readBottle(context, who, ids.id);
}

/** Puts a bottle somewhere else; its use-by follows. */
export async function moveBottleTo(
  context: BottleContext,
  who: SignedIn,
  id: string,
  place: Place,
): Promise<BottleRecord> {
  const { sequelize, models } = context;
  await sequelize.transaction(async (transaction) => {
    const bottle = await lockedBottle(context, who, id, transaction);
    await bottle.update({ place }, { transaction });
    await reckonUseBy(models, { kitchenId: who.kitchenId, brewId: bottle.brewId, only: id }, transaction);
  });
  return readBottle(context, who, id);
}
