import { randomUUID } from 'node:crypto';
import { takeFromLots } from '@wellhydra/core/stores';
import type { Transaction } from 'sequelize';
import type { TakingBrew } from '../bottles/settle-bottles';
import type { StoresContext } from './lot-service';
import { addToLot, lockLots, takenBy } from './lot-store';

/** Amounts that differ by less are the same, g. */
const SAME_g = 1e-6;

/** Gives back what a brew has taken of these ingredients; of all of them where none are said. */
async function giveBack(
  { sequelize, models }: StoresContext,
  { kitchenId, brewId }: TakingBrew,
  takings: readonly { readonly lotId: string; readonly grams: number }[],
  transaction: Transaction,
): Promise<void> {
  for (const { lotId, grams } of takings) {
    await models.lotChanges.update(
      { undoneAt: new Date() },
      { where: { kitchenId, brewId, lotId, undoneAt: null }, transaction },
    );
    await addToLot(sequelize, { kitchenId, id: lotId }, grams, transaction);
  }
}

/**
 * Lets a brew have taken just this of the stores, the first to expire first: what it had taken of an ingredient before and
 * that is another amount now is given back and taken anew. Where no lot has enough, the rest was in the house without
 * anybody having said so. The same again changes nothing.
 *
 * @param used grams by ingredient; nothing gives everything back
 */
export async function settleLots(
  context: StoresContext,
  brew: TakingBrew,
  used: Readonly<Record<string, number>>,
  transaction: Transaction,
): Promise<void> {
  const { sequelize, models } = context;
  const { kitchenId, brewId, accountId, at, thereUntil } = brew;
  const ingredients = Object.keys(used);
  const which = { ingredients: ingredients.length > 0 ? ingredients : [''], brewId };
  const locked = await lockLots(sequelize, kitchenId, which, transaction);
  const before = await takenBy(sequelize, brew, transaction);
  const lots = locked.filter(
    ({ id, gotAt }) => !thereUntil || new Date(gotAt) <= thereUntil || before.some(({ lotId }) => lotId === id),
  );
  const had = new Map<string, number>();
  for (const { ingredient, grams } of before) had.set(ingredient, (had.get(ingredient) ?? 0) + grams);
  for (const ingredient of new Set([...had.keys(), ...ingredients])) {
    const [was, wanted] = [had.get(ingredient) ?? 0, used[ingredient] ?? 0];
    if (Math.abs(was - wanted) < SAME_g) continue;
    const own = before.filter((taking) => taking.ingredient === ingredient);
    await giveBack(context, brew, own, transaction);
    const there = lots
      .filter((lot) => lot.ingredient === ingredient)
      .map((lot) => ({
        ...lot,
        remaining_g:
          lot.remaining_g + own.filter(({ lotId }) => lotId === lot.id).reduce((sum, { grams }) => sum + grams, 0),
      }));
    for (const { id: lotId, amount: grams } of takeFromLots(there, wanted).takings) {
      const row = { kitchenId, lotId, id: randomUUID(), kind: 'brewed' as const, grams: -grams, brewId };
      await models.lotChanges.create({ ...row, happenedAt: at, doneBy: accountId }, { transaction });
      await addToLot(sequelize, { kitchenId, id: lotId }, -grams, transaction);
    }
  }
}
