import type { BottlePage, BottleRecord, MoveBottle, PageQuery } from '@wellhydra/contract';
import { movedTo } from '@wellhydra/core/keeping';
import { formatVolume } from '@wellhydra/core/quantity';
import type { Sequelize, Transaction } from 'sequelize';
import type { SignedIn } from '../accounts/session-store';
import type { Models } from '../database/models';
import type { BrewContext } from '../brews/brew-context';
import { knowFacts } from '../brews/known-facts';
import { Problem } from '../problem';
import { standsOf } from './standing';
import { findBottle, findBottles, listBottles, lockBottles, writeBottle, type LockedBottle } from './bottle-store';

export interface BottleContext {
  readonly sequelize: Sequelize;
  readonly models: Models;
}

export async function readBottle({ sequelize }: BottleContext, who: SignedIn, id: string): Promise<BottleRecord> {
  const bottle = await findBottle(sequelize, who.kitchenId, id);
  if (!bottle) throw new Problem('not-found');
  return bottle;
}

/** Bottles with what in them matters to people, also those that were made before it was noted. */
async function withFacts(
  context: BrewContext,
  kitchenId: string,
  bottles: readonly BottleRecord[],
): Promise<readonly BottleRecord[]> {
  const unknown = bottles.filter(({ facts }) => !facts).map(({ brewId }) => brewId);
  if (unknown.length === 0) return bottles;
  const known = await knowFacts(context, kitchenId, unknown);
  return bottles.map((bottle) => ({ ...bottle, facts: bottle.facts ?? known.get(bottle.brewId) ?? null }));
}

/** A bottle as somebody may see it: a label names for whom it is not, and that is nothing for a drinker. */
const seenBy = ({ role }: SignedIn, bottle: BottleRecord): BottleRecord =>
  role === 'drinker' ? { ...bottle, label: null } : bottle;

/** One bottle. */
export async function readKnownBottle(context: BrewContext, who: SignedIn, id: string): Promise<BottleRecord> {
  const [bottle] = await withFacts(context, who.kitchenId, [await readBottle(context, who, id)]);
  return seenBy(who, bottle as BottleRecord);
}

/** Several bottles, in the order in which they are asked for; throws `not-found` where one is not there. */
export async function readKnownBottles(
  context: BrewContext,
  { kitchenId }: SignedIn,
  ids: readonly string[],
): Promise<readonly BottleRecord[]> {
  const bottles = await findBottles(context.sequelize, kitchenId, ids);
  if (bottles.length < ids.length) throw new Problem('not-found');
  return withFacts(context, kitchenId, bottles);
}

/** Bottles that are not empty. */
export async function listKnownBottles(context: BrewContext, who: SignedIn, asked: PageQuery): Promise<BottlePage> {
  const page = await listBottles(context.sequelize, who.kitchenId, asked);
  const bottles = await withFacts(context, who.kitchenId, page.bottles);
  return { ...page, bottles: bottles.map((bottle) => seenBy(who, bottle)) };
}

/** Changes a bottle while nobody else does; nothing, where the change comes to nothing. */
export async function changed(
  { sequelize }: BottleContext,
  { kitchenId }: SignedIn,
  id: string,
  change: (bottle: LockedBottle, transaction: Transaction) => Promise<Partial<LockedBottle> | undefined>,
): Promise<void> {
  await sequelize.transaction(async (transaction) => {
    const bottle = (await lockBottles(sequelize, kitchenId, [id], transaction)).get(id);
    if (!bottle) throw new Problem('not-found');
    const by = await change(bottle, transaction);
    if (by) await writeBottle(sequelize, { kitchenId, id }, { ...bottle, ...by }, transaction);
  });
}

/** A rest smaller than this is what clings to the glass, mL: the bottle counts as empty. */
export const CLINGS_mL = 0.01;

/**
 * What is left of a bottle after something was taken, mL; what clings to the glass is nothing.
 *
 * @throws Problem `bottle-has-less`
 */
export function leftAfter({ remainingMl }: Pick<LockedBottle, 'remainingMl'>, volume_mL: number): number {
  const rest_mL = remainingMl - volume_mL;
  if (rest_mL < -CLINGS_mL)
    throw new Problem(
      'bottle-has-less',
      { remaining_mL: remainingMl },
      `There are ${formatVolume(remainingMl)} left. Take that, or less.`,
    );
  return rest_mL < CLINGS_mL ? 0 : rest_mL;
}

/** Puts a bottle somewhere else; its use-by follows. */
export async function moveBottleTo(
  context: BottleContext,
  who: SignedIn,
  id: string,
  { place, spot = null, at }: MoveBottle,
): Promise<BottleRecord> {
  const since = at ?? new Date().toISOString();
  await changed(context, who, id, async (bottle) => ({
    spot,
    stands: movedTo(bottle.keeping, standsOf(bottle), { place, since }),
  }));
  return readBottle(context, who, id);
}
