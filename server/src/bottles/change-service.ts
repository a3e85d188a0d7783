import type { BottleChange, BottleRecord } from '@wellhydra/contract';
import { joinedHistory, type BottleHistory } from '@wellhydra/core/keeping';
import { formatVolume } from '@wellhydra/core/quantity';
import type { Transaction } from 'sequelize';
import type { SignedIn } from '../accounts/session-store';
import { Problem } from '../problem';
import { CLINGS_mL, leftAfter, readBottle, type BottleContext } from './bottle-service';
import type { ChangeKind } from './bottle-models';
import { lockBottles, writeBottle, type LockedBottle } from './bottle-store';
import { openedSince } from './opened-since';
import { standsOf } from './standing';

interface ChangeIds {
  readonly id: string;
  readonly changeId: string;
}

/** What a change makes of one bottle. */
interface Effect {
  readonly kind: ChangeKind;
  readonly bottleId: string;
  readonly by: Partial<LockedBottle>;
  /** What it brings the bottle; negative where it takes something. */
  readonly volume_mL: number;
  readonly otherId?: string;
  readonly reason?: string;
}

const historyOf = (bottle: LockedBottle): BottleHistory => ({
  madeAt: bottle.madeAt.toISOString(),
  stands: standsOf(bottle),
  openedAt: bottle.openedAt?.toISOString() ?? null,
});
const openSince = (bottle: LockedBottle, at: Date): Date =>
  bottle.openedAt && bottle.openedAt < at ? bottle.openedAt : at;

/** What a vessel takes: what it was made for, or the most that has been in it where nobody has said. */
function checkRoom(bottle: LockedBottle, remaining_mL: number): void {
  const holds_mL = bottle.vessel ? Math.max(bottle.vessel.size_mL, bottle.volumeMl) : Infinity;
  if (remaining_mL <= holds_mL + CLINGS_mL) return;
  throw new Problem(
    'invalid-request',
    [{ at: 'body', message: 'more than it holds' }],
    `It holds ${formatVolume(holds_mL)}. There is room for ${formatVolume(Math.max(0, holds_mL - bottle.remainingMl))} more.`,
  );
}

const OTHER_BATCH =
  'Only bottles of one batch are put together: what is in them, and until when it keeps, is the same.';

/** What a change makes of the bottles it touches. */
function effectsOf(id: string, change: BottleChange, bottle: LockedBottle, other?: LockedBottle): readonly Effect[] {
  const at = new Date(change.at);
  switch (change.kind) {
    case 'opened':
      return [{ kind: 'opened', bottleId: id, by: { openedAt: openSince(bottle, at) }, volume_mL: 0 }];
    case 'discarded':
      return [
        {
          kind: 'discarded',
          bottleId: id,
          by: { remainingMl: 0 },
          volume_mL: -bottle.remainingMl,
          reason: change.reason,
        },
      ];
    case 'corrected': {
      const { remaining_mL } = change;
      if (remaining_mL > bottle.remainingMl) checkRoom(bottle, remaining_mL);
      const by = { remainingMl: remaining_mL };
      return [{ kind: 'corrected', bottleId: id, by, volume_mL: remaining_mL - bottle.remainingMl }];
    }
    case 'topped-up': {
      if (!other) throw new Problem('not-found');
      if (change.from === id || other.brewId !== bottle.brewId)
        throw new Problem('invalid-request', [{ at: 'body.from', message: 'another batch' }], OTHER_BATCH);
      const rest_mL = leftAfter(other, change.volume_mL);
      const taken_mL = other.remainingMl - rest_mL;
      const full_mL = bottle.remainingMl + taken_mL;
      checkRoom(bottle, full_mL);
      const { stands, openedAt } = joinedHistory(bottle.keeping, historyOf(bottle), historyOf(other), change.at);
      const joined = { remainingMl: full_mL, stands, openedAt: new Date(openedAt as string) };
      return [
        { kind: 'topped-up', bottleId: id, by: joined, volume_mL: taken_mL, otherId: change.from },
        {
          kind: 'poured-over',
          bottleId: change.from,
          by: { remainingMl: rest_mL, openedAt: openSince(other, at) },
          volume_mL: -taken_mL,
          otherId: id,
        },
      ];
    }
    case 'split': {
      const { volume_mL, id: into } = change.into;
      const by = { remainingMl: leftAfter(bottle, volume_mL), openedAt: openSince(bottle, at) };
      return [{ kind: 'split', bottleId: id, by, volume_mL: by.remainingMl - bottle.remainingMl, otherId: into }];
    }
  }
}

/** Fills a bottle of its own with what was taken from another: it has stood where that one has, and is as open. */
async function splitOff(
  { models }: BottleContext,
  { kitchenId }: SignedIn,
  { into, at }: Extract<BottleChange, { kind: 'split' }>,
  { bottle, taken_mL }: { readonly bottle: LockedBottle; readonly taken_mL: number },
  transaction: Transaction,
): Promise<void> {
  const { id, place, spot = null, vessel = null } = into;
  const stands = [...standsOf(bottle), ...(place === bottle.place ? [] : [{ place, since: at }])];
  const openedAt = openSince(bottle, new Date(at));
  const row = { kitchenId, id, brewId: bottle.brewId, place, spot, vessel, stands, openedAt };
  // Its date is reckoned when it is written once more with the change.
  const amounts = { volumeMl: taken_mL, filledMl: 0, remainingMl: taken_mL, useBy: new Date(at) };
  await models.bottles.create({ ...row, ...amounts }, { transaction });
}

/** Does something to a bottle; sending it again changes nothing. */
export async function changeBottle(
  context: BottleContext,
  who: SignedIn,
  { id, changeId }: ChangeIds,
  change: BottleChange,
): Promise<BottleRecord> {
  const { sequelize, models } = context;
  const { kitchenId } = who;
  await sequelize.transaction(async (transaction) => {
    const from = change.kind === 'topped-up' ? [change.from] : [];
    const bottles = await lockBottles(sequelize, kitchenId, [id, ...from], transaction);
    const bottle = bottles.get(id);
    if (!bottle) throw new Problem('not-found');
    const key = { kitchenId, bottleId: id, id: changeId };
    if (await models.bottleChanges.findOne({ where: key, attributes: ['id'], transaction })) return;
    const effects = [...effectsOf(id, change, bottle, bottles.get(from[0] ?? ''))];
    if (change.kind === 'split') {
      const taken_mL = -effects[0]!.volume_mL;
      await splitOff(context, who, change, { bottle, taken_mL }, transaction);
      const made = await lockBottles(sequelize, kitchenId, [change.into.id], transaction);
      bottles.set(change.into.id, made.get(change.into.id)!);
      effects.push({ kind: 'split-off', bottleId: change.into.id, by: {}, volume_mL: taken_mL, otherId: id });
    }
    for (const { kind, bottleId, by, volume_mL, otherId = null, reason = '' } of effects) {
      const before = bottles.get(bottleId)!;
      const opens = kind === 'split-off' ? before.openedAt : by.openedAt;
      const was = { stands: before.stands, thenOpen: opens?.toISOString() ?? null };
      const row = { kitchenId, bottleId, id: changeId, kind, volumeMl: volume_mL, otherId, reason, was };
      await models.bottleChanges.create(
        { ...row, happenedAt: new Date(change.at), doneBy: who.accountId },
        { transaction },
      );
      await writeBottle(sequelize, { kitchenId, id: bottleId }, { ...before, ...by }, transaction);
    }
  });
  return readBottle(context, who, id);
}

/** Takes a change back, on every bottle it touched; taking it back again changes nothing. */
export async function undoChange(
  context: BottleContext,
  who: SignedIn,
  { id, changeId }: ChangeIds,
): Promise<BottleRecord> {
  const { sequelize, models } = context;
  const { kitchenId } = who;
  await sequelize.transaction(async (transaction) => {
    const rows = await models.bottleChanges.findAll({ where: { kitchenId, id: changeId }, transaction });
    if (!rows.some(({ bottleId, kind }) => bottleId === id && kind !== 'brewed')) throw new Problem('not-found');
    const ids = rows.map(({ bottleId }) => bottleId);
    const bottles = await lockBottles(sequelize, kitchenId, ids, transaction);
    // Looked at again, now that nobody else can take it back.
    await Promise.all(rows.map((row) => row.reload({ transaction })));
    for (const row of rows) {
      if (row.undoneAt) continue;
      const bottle = bottles.get(row.bottleId)!;
      const remainingMl = row.volumeMl > 0 ? leftAfter(bottle, row.volumeMl) : bottle.remainingMl - row.volumeMl;
      await row.update({ undoneAt: new Date() }, { transaction });
      // Topping up is what changes where it has stood.
      const back = row.kind === 'topped-up' ? { stands: row.was.stands } : {};
      const openedAt = await openedSince(models, { kitchenId, bottleId: row.bottleId }, transaction);
      await writeBottle(
        sequelize,
        { kitchenId, id: row.bottleId },
        { ...bottle, ...back, openedAt, remainingMl },
        transaction,
      );
    }
  });
  return readBottle(context, who, id);
}
