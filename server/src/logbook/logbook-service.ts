import type { LogbookBrew, Tasting } from '@wellhydra/contract';
import { LOGBOOK_LIMITS } from '@wellhydra/contract';
import type { Sequelize, Transaction } from 'sequelize';
import type { SignedIn } from '../accounts/session-store';
import type { Models } from '../database/models';
import { Problem } from '../problem';
import { listPhotos } from './photo-store';
import { findLogbookRow } from './logbook-store';
import { reckonTaste } from './tasting-store';

export interface LogbookContext {
  readonly sequelize: Sequelize;
  readonly models: Models;
}

/** One brew with what its tasters said, the newest first. */
export async function readLogbookBrew(
  { sequelize, models }: LogbookContext,
  { kitchenId }: SignedIn,
  id: string,
): Promise<LogbookBrew> {
  const row = await findLogbookRow(sequelize, kitchenId, id);
  if (!row) throw new Problem('not-found');
  const tastings = await models.tastings.findAll({
    where: { kitchenId, brewId: id },
    order: [
      ['tastedAt', 'DESC'],
      ['id', 'ASC'],
    ],
    limit: LOGBOOK_LIMITS.tastings,
  });
  const bottles = await models.bottles.findAll({
    where: { kitchenId, brewId: id, atOnce: false },
    attributes: ['id'],
    order: [['id', 'ASC']],
  });
  const photos = await listPhotos(models, { kitchenId, brewId: id });
  return {
    ...row,
    photos,
    bottleIds: bottles.map((bottle) => bottle.id),
    tastings: tastings.map(({ id: tastingId, taster, score, words, blind, tastedAt }) => ({
      id: tastingId,
      taster,
      score,
      words,
      blind,
      at: tastedAt.toISOString(),
    })),
  };
}

/** Does something to a brew that is there while nobody else does. */
export async function toBrew(
  context: LogbookContext,
  who: SignedIn,
  id: string,
  change: (transaction: Transaction) => Promise<unknown>,
): Promise<LogbookBrew> {
  const { kitchenId } = who;
  await context.sequelize.transaction(async (transaction) => {
    const brew = await context.models.brews.findOne({
      where: { kitchenId, id },
      attributes: ['id'],
      lock: true,
      transaction,
    });
    if (!brew) throw new Problem('not-found');
    await change(transaction);
    await reckonTaste(context.sequelize, { kitchenId, id }, transaction);
  });
  return readLogbookBrew(context, who, id);
}

interface TastingIds {
  readonly id: string;
  readonly tastingId: string;
}

/** Notes how somebody liked it, or notes it anew; sending it again changes nothing. */
export const noteTasting = (
  context: LogbookContext,
  who: SignedIn,
  { id, tastingId }: TastingIds,
  { at, ...said }: Tasting,
): Promise<LogbookBrew> =>
  toBrew(context, who, id, async (transaction) => {
    const { tastings } = context.models;
    const where = { kitchenId: who.kitchenId, brewId: id };
    const others = await tastings.count({ where, transaction });
    const there = await tastings.findOne({ where: { ...where, id: tastingId }, transaction });
    if (!there && others >= LOGBOOK_LIMITS.tastings)
      throw new Problem('quota-reached', { most: LOGBOOK_LIMITS.tastings }, 'A brew has a hundred tastings at most.');
    const row = { ...where, id: tastingId, ...said, tastedAt: new Date(at), notedBy: who.accountId };
    await tastings.upsert(row, { transaction });
  });

export const forgetTasting = (
  context: LogbookContext,
  who: SignedIn,
  { id, tastingId }: TastingIds,
): Promise<LogbookBrew> =>
  toBrew(context, who, id, (transaction) =>
    context.models.tastings.destroy({ where: { kitchenId: who.kitchenId, brewId: id, id: tastingId }, transaction }),
  );

export const noteOnBrew = (context: LogbookContext, who: SignedIn, id: string, note: string): Promise<LogbookBrew> =>
  toBrew(context, who, id, (transaction) =>
    context.models.brews.update({ note }, { where: { kitchenId: who.kitchenId, id }, transaction }),
  );
