import type { LotChange, LotRecord, LotTrace, SaveLot } from '@wellhydra/contract';
import { formatMass } from '@wellhydra/core/quantity';
import type { Sequelize } from 'sequelize';
import type { SignedIn } from '../accounts/session-store';
import type { Models } from '../database/models';
import { checkCount } from '../kitchen/quota';
import { Problem } from '../problem';
import type { LotChangeKind } from './lot-models';
import { addToLot, findLot, lockLots, type LockedLot } from './lot-store';
import { traceLot } from './went-in';

export interface StoresContext {
  readonly sequelize: Sequelize;
  readonly models: Models;
}

export async function readLotOf({ sequelize }: StoresContext, who: SignedIn, id: string): Promise<LotRecord> {
  const lot = await findLot(sequelize, who.kitchenId, id);
  if (!lot) throw new Problem('not-found');
  return lot;
}

const columnsOf = ({ amount_g, gotAt, bestBefore, purity_pct, ...rest }: SaveLot) => ({
  ...rest,
  amountG: amount_g,
  gotAt: new Date(gotAt),
  bestBefore: bestBefore === null ? null : new Date(bestBefore),
  purityPct: purity_pct,
});

/**
 * Puts a lot into the stores, or says something else of one that is there; sending it again changes nothing. Where the
 * amount that there was is another one now, what is left is as much more or less.
 */
export async function saveLotAs(context: StoresContext, who: SignedIn, id: string, said: SaveLot): Promise<LotRecord> {
  const { sequelize, models } = context;
  const key = { kitchenId: who.kitchenId, id };
  // A kitchen that holds as many as it may can still correct what it has.
  if (!(await findLot(sequelize, who.kitchenId, id))) await checkCount(sequelize, who, 'lots');
  await sequelize.transaction(async (transaction) => {
    const columns = columnsOf(said);
    const [lot] = await lockLots(sequelize, who.kitchenId, { ids: [id] }, transaction);
    if (!lot) {
      const row = { ...key, ...columns, remainingG: columns.amountG };
      // Sent twice at the same time: the other one has put it in.
      await models.lots.bulkCreate([row], { ignoreDuplicates: true, transaction });
      return;
    }
    const remainingG = lot.remaining_g + said.amount_g - lot.amount_g;
    if (remainingG < 0)
      throw new Problem(
        'invalid-request',
        [{ at: 'body.amount_g', message: 'less than was used' }],
        `${formatMass(lot.amount_g - lot.remaining_g)} of it are used already: there cannot have been less.`,
      );
    await models.lots.update({ ...columns, remainingG }, { where: key, transaction });
  });
  return readLotOf(context, who, id);
}

/** What a change brings a lot, g. */
function broughtBy(change: LotChange, { remaining_g }: LockedLot): number {
  if (change.kind === 'weighed') return change.remaining_g - remaining_g;
  if (change.kind === 'thrown-away') return -remaining_g;
  if (change.grams <= remaining_g) return -change.grams;
  throw new Problem(
    'invalid-request',
    [{ at: 'body.grams', message: 'more than is left' }],
    `There are ${formatMass(remaining_g)} left. Take that, or weigh it first.`,
  );
}

interface ChangeIds {
  readonly id: string;
  readonly changeId: string;
}

/** Does something to a lot; sending it again changes nothing. */
export async function changeLot(
  context: StoresContext,
  who: SignedIn,
  { id, changeId }: ChangeIds,
  change: LotChange,
): Promise<LotRecord> {
  const { sequelize, models } = context;
  const { kitchenId, accountId } = who;
  await sequelize.transaction(async (transaction) => {
    const [lot] = await lockLots(sequelize, kitchenId, { ids: [id] }, transaction);
    if (!lot) throw new Problem('not-found');
    const key = { kitchenId, lotId: id, id: changeId };
    if (await models.lotChanges.findOne({ where: key, transaction })) return;
    const grams = broughtBy(change, lot);
    const row = { kind: change.kind as LotChangeKind, grams, reason: 'reason' in change ? change.reason : '' };
    const happenedAt = new Date(change.at);
    await models.lotChanges.create({ ...key, ...row, happenedAt, doneBy: accountId }, { transaction });
    await addToLot(sequelize, { kitchenId, id }, grams, transaction);
  });
  return readLotOf(context, who, id);
}

/** Takes a change back; what brews have taken is taken back with them, and not here. */
export async function undoLotChange(
  context: StoresContext,
  who: SignedIn,
  { id, changeId }: ChangeIds,
): Promise<LotRecord> {
  const { sequelize, models } = context;
  const { kitchenId } = who;
  await sequelize.transaction(async (transaction) => {
    const [lot] = await lockLots(sequelize, kitchenId, { ids: [id] }, transaction);
    const where = { kitchenId, lotId: id, id: changeId };
    const change = lot && (await models.lotChanges.findOne({ where, transaction }));
    if (!lot || !change || change.kind === 'brewed') throw new Problem('not-found');
    if (change.undoneAt) return;
    if (lot.remaining_g - change.grams < -LEAST_g)
      throw new Problem('invalid-request', [{ at: 'path', message: 'used since' }], USED_SINCE);
    await change.update({ undoneAt: new Date() }, { transaction });
    await addToLot(sequelize, { kitchenId, id }, -change.grams, transaction);
  });
  return readLotOf(context, who, id);
}
const LEAST_g = 1e-6;
const USED_SINCE = 'What it had brought is used since. Weigh it instead.';

/** What became of a lot. */
export async function traceLotOf(context: StoresContext, who: SignedIn, id: string): Promise<LotTrace> {
  const lot = await readLotOf(context, who, id);
  return { lot, brews: [...(await traceLot(context.sequelize, who.kitchenId, id))] };
}
