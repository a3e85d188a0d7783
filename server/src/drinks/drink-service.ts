import type { DrinkRecord, SaveDrink } from '@wellhydra/contract';
import { sameDocument } from '@wellhydra/core/drink';
import { UniqueConstraintError, type Sequelize } from 'sequelize';
import type { SignedIn } from '../accounts/session-store';
import type { Models } from '../database/models';
import { checkCount, checkStored } from '../kitchen/quota';
import { Problem } from '../problem';
import { findDrink, lockDrink, setDeleted, storeRevision } from './drink-store';

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

/** How much is stored is looked at each so many revisions of a drink: one more is never much. */
const STORED_CHECKED_EVERY = 10;

/** What it is now is asked for by whoever is to merge it: no answer with an error is as large as a drink. */
const editedElsewhere = (current: DrinkRecord | undefined): Problem =>
  new Problem('edited-elsewhere', { revision: current?.revision ?? 0 });

/**
 * Saves a drink as its next revision.
 *
 * Sending the same document again does no harm; an edit that started from an older revision is
 * answered with `edited-elsewhere` and the revision it has now, and changes nothing.
 */
export async function saveDrinkRecord(
  { sequelize }: DrinkContext,
  who: SignedIn,
  id: string,
  save: SaveDrink,
): Promise<DrinkRecord> {
  if (save.expectedRevision === 0) await checkCount(sequelize, who, 'drinks');
  if (save.expectedRevision % STORED_CHECKED_EVERY === 0) await checkStored(sequelize, who);
  try {
    // What is answered is what was stored, and never what somebody else has saved on top of it since.
    return await sequelize.transaction(async (transaction) => {
      const current = await lockDrink(sequelize, who.kitchenId, id, transaction);
      if (current && sameDocument(current.document, save.document)) return current;
      if (!current && save.expectedRevision > 0) throw new Problem('not-found');
      if ((current?.revision ?? 0) !== save.expectedRevision) throw editedElsewhere(current);
      const next = {
        id,
        kitchenId: who.kitchenId,
        revision: save.expectedRevision + 1,
        document: save.document,
        savedBy: who.accountId,
      };
      return storeRevision(sequelize, next, transaction);
    });
  } catch (error) {
    // Two requests created it at once.
    if (error instanceof UniqueConstraintError) {
      const current = await findDrink(sequelize, who.kitchenId, id, { deleted: true });
      throw current ? editedElsewhere(current) : new Problem('not-found');
    }
    throw error;
  }
}

/** Deletes a drink; {@link restoreDrink} brings it back. */
export async function deleteDrink({ models }: DrinkContext, who: SignedIn, id: string): Promise<void> {
  if (!(await setDeleted(models, who.kitchenId, id, new Date()))) throw new Problem('not-found');
}

export async function restoreDrink(context: DrinkContext, who: SignedIn, id: string): Promise<DrinkRecord> {
  if (!(await setDeleted(context.models, who.kitchenId, id, null))) throw new Problem('not-found');
  return readDrinkRecord(context, who, id);
}
