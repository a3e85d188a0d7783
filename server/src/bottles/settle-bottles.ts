import { randomUUID } from 'node:crypto';
import { calledAs, takeInOrder } from '@wellhydra/core/stores';
import { QueryTypes, type Sequelize, type Transaction } from 'sequelize';
import type { BottleContext } from './bottle-service';
import { lockBottles, writeBottle, type LockedBottle } from './bottle-store';
import { openedSince } from './opened-since';

/** A brew that takes out of the house. */
export interface TakingBrew {
  readonly kitchenId: string;
  readonly brewId: string;
  readonly accountId: string;
  readonly at: Date;
  /** Set where it was over before: what came into the house after this did not go into it. */
  readonly thereUntil?: Date;
}

/** Amounts that differ by less are the same, mL. */
const SAME_mL = 1e-6;

interface Taking {
  readonly changeId: string;
  readonly bottleId: string;
  readonly name: string;
  readonly amount_mL: number;
}

/** What a brew has taken of bottles and was not given back. */
const takenBy = (
  sequelize: Sequelize,
  { kitchenId, brewId }: TakingBrew,
  transaction: Transaction,
): Promise<readonly Taking[]> =>
  sequelize.query<Taking>(
    `SELECT c.id AS "changeId", c.bottle_id AS "bottleId", lower(trim(b.drink_name)) AS name, -c.volume_ml AS "amount_mL"
     FROM bottle_changes c
       JOIN bottles x ON x.kitchen_id = c.kitchen_id AND x.id = c.bottle_id
       JOIN brews b ON b.kitchen_id = x.kitchen_id AND b.id = x.brew_id
     WHERE c.kitchen_id = :kitchenId AND c.brew_id = :brewId AND c.undone_at IS NULL`,
    { replacements: { kitchenId, brewId }, type: QueryTypes.SELECT, transaction },
  );

interface Candidate {
  readonly id: string;
  readonly name: string;
}

/**
 * Bottles of drinks so called of which a brew may take, the first to be used up first: none that is past its date, none
 * of its own.
 */
const candidates = (
  sequelize: Sequelize,
  { kitchenId, brewId, at, thereUntil = at }: TakingBrew,
  names: readonly string[],
  transaction: Transaction,
): Promise<readonly Candidate[]> =>
  sequelize.query<Candidate>(
    `SELECT x.id, lower(trim(b.drink_name)) AS name
     FROM bottles x JOIN brews b ON b.kitchen_id = x.kitchen_id AND b.id = x.brew_id
     WHERE x.kitchen_id = :kitchenId AND lower(trim(b.drink_name)) IN (:names)
       AND (x.remaining_ml > 0 AND x.use_by >= :at AND b.made_at <= :thereUntil
            OR x.id IN (SELECT c.bottle_id FROM bottle_changes c
                        WHERE c.kitchen_id = :kitchenId AND c.brew_id = :brewId AND c.undone_at IS NULL))
       AND b.id <> :brewId AND b.part_of IS DISTINCT FROM :brewId
     ORDER BY x.use_by, x.id`,
    { replacements: { kitchenId, brewId, names, at, thereUntil }, type: QueryTypes.SELECT, transaction },
  );

/** Bottles that a brew has locked, as they stand after each thing that is done to them. */
class Held {
  constructor(
    private readonly context: BottleContext,
    private readonly brew: TakingBrew,
    private readonly transaction: Transaction,
    private readonly bottles: Map<string, LockedBottle>,
  ) {}

  left_mL(id: string): number {
    return this.bottles.get(id)?.remainingMl ?? 0;
  }

  private async write(id: string, by: Partial<LockedBottle>): Promise<void> {
    const { sequelize } = this.context;
    const bottle = { ...this.bottles.get(id)!, ...by };
    this.bottles.set(id, bottle);
    await writeBottle(sequelize, { kitchenId: this.brew.kitchenId, id }, bottle, this.transaction);
  }

  async giveBack({ bottleId, changeId, amount_mL }: Taking): Promise<void> {
    const { models } = this.context;
    const { kitchenId } = this.brew;
    const where = { kitchenId, bottleId, id: changeId };
    await models.bottleChanges.update({ undoneAt: new Date() }, { where, transaction: this.transaction });
    const openedAt = await openedSince(models, { kitchenId, bottleId }, this.transaction);
    await this.write(bottleId, { remainingMl: this.left_mL(bottleId) + amount_mL, openedAt });
  }

  async take(bottleId: string, amount_mL: number): Promise<void> {
    const { kitchenId, brewId, at, accountId } = this.brew;
    const { stands, openedAt: before } = this.bottles.get(bottleId)!;
    const openedAt = before && before < at ? before : at;
    const was = { stands, thenOpen: openedAt.toISOString() };
    const row = { kitchenId, bottleId, id: randomUUID(), kind: 'brewed' as const, volumeMl: -amount_mL, brewId, was };
    const { bottleChanges } = this.context.models;
    await bottleChanges.create({ ...row, happenedAt: at, doneBy: accountId }, { transaction: this.transaction });
    await this.write(bottleId, { remainingMl: Math.max(0, this.left_mL(bottleId) - amount_mL), openedAt });
  }
}

/** What was taken or is wanted, by what drinks are called. */
function byName(amounts: Iterable<readonly [string, number]>): ReadonlyMap<string, number> {
  const sums = new Map<string, number>();
  for (const [name, amount_mL] of amounts) sums.set(calledAs(name), (sums.get(calledAs(name)) ?? 0) + amount_mL);
  return sums;
}

/**
 * Lets a brew have taken just this of the bottles of drinks that were made before, the first to be used up first: what it
 * had taken before and is another amount now is given back and taken anew. What no bottle has was there without anybody
 * having said so. The same again changes nothing.
 *
 * @param prepared mL by the name of the drink; nothing gives everything back
 */
export async function settleBottles(
  context: BottleContext,
  brew: TakingBrew,
  prepared: Readonly<Record<string, number>>,
  transaction: Transaction,
): Promise<void> {
  const { sequelize } = context;
  const before = await takenBy(sequelize, brew, transaction);
  const had = byName(before.map(({ name, amount_mL }) => [name, amount_mL]));
  const wanted = byName(Object.entries(prepared));
  const names = [...new Set([...had.keys(), ...wanted.keys()])].filter(
    (name) => Math.abs((had.get(name) ?? 0) - (wanted.get(name) ?? 0)) >= SAME_mL,
  );
  if (names.length === 0) return;
  const there = await candidates(sequelize, brew, names, transaction);
  const ids = [...new Set([...there.map(({ id }) => id), ...before.map(({ bottleId }) => bottleId)])];
  if (ids.length === 0) return;
  const held = new Held(context, brew, transaction, await lockBottles(sequelize, brew.kitchenId, ids, transaction));
  for (const name of names) {
    for (const taking of before) if (taking.name === name) await held.giveBack(taking);
    const own = there.filter((each) => each.name === name).map(({ id }) => ({ id, left: held.left_mL(id) }));
    for (const { id, amount } of takeInOrder(own, wanted.get(name) ?? 0).takings) await held.take(id, amount);
  }
}
