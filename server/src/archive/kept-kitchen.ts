import { randomUUID } from 'node:crypto';
import type { Sequelize, Transaction } from 'sequelize';
import { newInvitations } from '../kitchen/invitation';
import {
  KITCHEN_DOCUMENTS,
  KITCHEN_PARTS,
  clearKitchen,
  copyParts,
  fieldsOf,
  laterRevisions,
} from '../kitchen/kitchen-parts';
import { Problem } from '../problem';
import type { ArchiveContext } from './write-archive';

/** How a kitchen was before an archive came in is kept so long, days. */
const KEPT_days = 7;

const KEPT = ['name', ...KITCHEN_DOCUMENTS] as const;

/** Keeps a kitchen as it is, as one without members; what was kept of it before goes. Returns its id. */
export async function keepKitchen(
  context: ArchiveContext,
  kitchenId: string,
  now: Date,
  transaction: Transaction,
): Promise<string> {
  const { models } = context;
  await models.kitchens.destroy({ where: { keptFor: kitchenId }, transaction });
  // Whoever else brings something into it waits here.
  const kitchen = await models.kitchens.findByPk(kitchenId, { transaction, lock: true, rejectOnEmpty: true });
  const id = randomUUID();
  const keptUntil = new Date(now.getTime() + KEPT_days * 86_400_000);
  await models.kitchens.create(
    { ...fieldsOf(kitchen, KEPT), id, ...newInvitations(), keptFor: kitchenId, keptUntil },
    { transaction },
  );
  await copyParts(context, KITCHEN_PARTS, { from: kitchenId, to: id }, transaction);
  return id;
}

/** Until when a kitchen can be as it was; null where nothing is kept. */
export async function keptUntil({ models }: ArchiveContext, kitchenId: string, now: Date): Promise<Date | null> {
  const kept = await models.kitchens.findOne({ where: { keptFor: kitchenId }, attributes: ['keptUntil'] });
  return kept?.keptUntil && kept.keptUntil > now ? kept.keptUntil : null;
}

/**
 * Makes a kitchen what it was before the last archive came in.
 *
 * @throws Problem `not-found` where nothing is kept
 */
export async function takeBackArchive(context: ArchiveContext, kitchenId: string, now: Date): Promise<void> {
  const { sequelize, models } = context;
  await sequelize.transaction(async (transaction) => {
    const kitchen = await models.kitchens.findByPk(kitchenId, { transaction, lock: true, rejectOnEmpty: true });
    const kept = await models.kitchens.findOne({ where: { keptFor: kitchenId }, transaction });
    if (!kept?.keptUntil || kept.keptUntil <= now) throw new Problem('not-found');
    await clearKitchen(context, kitchenId, transaction);
    await copyParts(context, KITCHEN_PARTS, { from: kept.id, to: kitchenId }, transaction);
    await kitchen.update({ ...fieldsOf(kept, KEPT), ...laterRevisions(kitchen) }, { transaction });
    await kept.destroy({ transaction });
  });
}

/** Removes what is kept for longer than it was said. */
export async function forgetKeptKitchens(sequelize: Sequelize): Promise<void> {
  await sequelize.query('DELETE FROM kitchens WHERE kept_until <= now()');
}
