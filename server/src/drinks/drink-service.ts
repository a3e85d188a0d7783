import type { DrinkRecord, SaveDrink } from '@wellhydra/contract';
import { sameDocument } from '@wellhydra/core/drink';
import { UniqueConstraintError, type Sequelize } from 'sequelize';
import type { SignedIn } from '../accounts/session-store';
import type { Models } from '../database/models';
import { Problem } from '../problem';
import { findDrink, setDeleted, storeRevision } from './drink-store';

export interface DrinkContext {
  readonly sequelize: Sequelize;
  readonly models: Models;
}

/** The drink with an id in the kitchen of whoever asks. */
export async function readDrinkRecord({ sequelize }: DrinkContext, who: SignedIn, id: string): Promise<DrinkRecord> {
  const drink = await findDrink(sequelize, who.kitchenId, id);
  if (!drink) throw new Problem('not-found');
  return drink;
}

/**
 * Saves a drink as its next revision.
 *
 * Sending the same document again does no harm; an edit that started from an older revision is
 * answered with `edited-elsewhere` and what the drink is now, and changes nothing.
 */
export async function saveDrinkRecord(
  { sequelize, models }: DrinkContext,
  who: SignedIn,
  id: string,
  save: SaveDrink,
): Promise<DrinkRecord> {
  try {
    await sequelize.transaction(async (transaction) => {
      const current = await findDrink(sequelize, who.kitchenId, id, { deleted: true, lock: transaction });
      if (current && sameDocument(current.document, save.document)) return;
      if (!current && save.expectedRevision > 0) throw new Problem('not-found');
      if ((current?.revision ?? 0) !== save.expectedRevision) throw new Problem('edited-elsewhere', current);
      const next = {
        id,
        kitchenId: who.kitchenId,
        revision: save.expectedRevision + 1,
        document: save.document,
        savedBy: who.accountId,
      };
      await storeRevision(models, next, transaction);
    });
  } catch (error) {
    // Another kitchen has this id, or two requests created it at once: neither may be told apart from outside.
    if (error instanceof UniqueConstraintError) {
      const current = await findDrink(sequelize, who.kitchenId, id, { deleted: true });
      throw current ? new Problem('edited-elsewhere', current) : new Problem('not-found');
    }
    throw error;
  }
  return (await findDrink(sequelize, who.kitchenId, id, { deleted: true })) as DrinkRecord;
}

/** Deletes a drink; {@link restoreDrink} brings it back. */
export async function deleteDrink({ models }: DrinkContext, who: SignedIn, id: string): Promise<void> {
  if (!(await setDeleted(models, who.kitchenId, id, new Date()))) throw new Problem('not-found');
}

export async function restoreDrink(context: DrinkContext, who: SignedIn, id: string): Promise<DrinkRecord> {
  if (!(await setDeleted(context.models, who.kitchenId, id, null))) throw new Problem('not-found');
  return readDrinkRecord(context, who, id);
}
