import type { BottleRecord, MoveBottle, Pour } from '@wellhydra/contract';
import { movedTo } from '@wellhydra/core/keeping';
import { formatVolume } from '@wellhydra/core/quantity';
import { Op, type Sequelize, type Transaction } from 'sequelize';
import type { SignedIn } from '../accounts/session-store';
import type { Models } from '../database/models';
import { Problem } from '../problem';
import { standsOf } from './standing';
import { addPour, findBottle, lockBottle, writeBottle, type LockedBottle } from './bottle-store';

export interface BottleContext {
  readonly sequelize: Sequelize;
  readonly models: Models;
}

export async function readBottle({ sequelize }: BottleContext, who: SignedIn, id: string): Promise<BottleRecord> {
  const bottle = await findBottle(sequelize, who.kitchenId, id);
  if (!bottle) throw new Problem('not-found');
  return bottle;
}

/** Changes a bottle while nobody else does; nothing, where the change comes to nothing. */
async function changed(
  { sequelize }: BottleContext,
  { kitchenId }: SignedIn,
  id: string,
  change: (bottle: LockedBottle, transaction: Transaction) => Promise<Partial<LockedBottle> | undefined>,
): Promise<void> {
  await sequelize.transaction(async (transaction) => {
    const bottle = await lockBottle(sequelize, kitchenId, id, transaction);
    if (!bottle) throw new Problem('not-found');
    const by = await change(bottle, transaction);
    if (by) await writeBottle(sequelize, { kitchenId, id }, { ...bottle, ...by }, transaction);
  });
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
  await changed(context, who, ids.id, async (bottle, transaction) => {
    const pouredAt = new Date(pour.pouredAt);
    const row = { ...pourKey(who, ids), volumeMl: pour.volume_mL, pouredAt, pouredBy: who.accountId };
    if (!(await addPour(context.sequelize, row, transaction))) return undefined;
    const rest_mL = bottle.remainingMl - pour.volume_mL;
    if (rest_mL < -CLINGS_mL)
      throw new Problem(
        'bottle-has-less',
        { remaining_mL: bottle.remainingMl },
        `There are ${formatVolume(bottle.remainingMl)} left. Pour that, or less.`,
      );
    return { remainingMl: rest_mL < CLINGS_mL ? 0 : rest_mL, openedAt: bottle.openedAt ?? pouredAt };
  });
  return readBottle(context, who, ids.id);
}

/** Takes a pour back: the drink is in the bottle again, and closed if it was the only pour. */
export async function undoPour(
  context: BottleContext,
  who: SignedIn,
  ids: { id: string; pourId: string },
): Promise<BottleRecord> {
  const { models } = context;
  await changed(context, who, ids.id, async (bottle, transaction) => {
    const pour = await models.pours.findOne({ where: pourKey(who, ids), transaction });
    if (!pour) throw new Problem('not-found');
    if (pour.undoneAt) return undefined;
    await pour.update({ undoneAt: new Date() }, { transaction });
    const first = await models.pours.findOne({
      where: { kitchenId: who.kitchenId, bottleId: ids.id, undoneAt: { [Op.is]: null } },
      order: [['pouredAt', 'ASC']],
      transaction,
    });
    return {
      remainingMl: Math.min(bottle.volumeMl, bottle.remainingMl + pour.volumeMl),
      openedAt: first?.pouredAt ?? null,
    };
  });
  return readBottle(context, who, ids.id);
}

/** Puts a bottle somewhere else; its use-by follows. */
export async function moveBottleTo(
  context: BottleContext,
  who: SignedIn,
  id: string,
  { place, at }: MoveBottle,
): Promise<BottleRecord> {
  const since = at ?? new Date().toISOString();
  await changed(context, who, id, async (bottle) => ({
    stands: movedTo(bottle.keeping, standsOf(bottle), { place, since }),
  }));
  return readBottle(context, who, id);
}
