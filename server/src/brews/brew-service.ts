import type { BrewRecord, MakeBrew } from '@wellhydra/contract';
import type { DrinkDocument } from '@wellhydra/core/drink';
import { DEFAULT_SETTINGS } from '@wellhydra/core/kitchen';
import { UniqueConstraintError, type Transaction } from 'sequelize';
import type { SignedIn } from '../accounts/session-store';
import { allDocuments } from '../drinks/drink-store';
import { readSettings } from '../kitchen/kitchen-documents-store';
import { checkCount } from '../kitchen/quota';
import { Problem } from '../problem';
import { settleBrew } from '../stores/settle-brew';
import type { BrewFigures } from '../runs/run-jobs';
import { batchName } from './batch-name';
import type { BrewContext } from './brew-context';
import { findBrew, nextBatchNumber } from './brew-store';
import { filledRows, madeFrom, storeFilled, takenOut } from './filling';
import { readHabits } from './habits-service';

/** A drink run in its kitchen: with its settings and habits, and its other drinks as preparations. */
async function runInKitchen(context: BrewContext, kitchenId: string, document: DrinkDocument): Promise<BrewFigures> {
  const { sequelize, models, runner } = context;
  const { settings } = await readSettings(models, kitchenId);
  const { habits } = await readHabits(context, kitchenId);
  const others = document.steps.some(({ verb }) => verb === 'use') ? await allDocuments(sequelize, kitchenId) : [];
  const named = { ...document, name: document.name || 'Unnamed drink' };
  return runner.run('drink', { document: named, others, settings: { ...(settings ?? DEFAULT_SETTINGS), habits } });
}

/** Records that a drink was made and bottled; sending it again changes nothing. */
export async function recordBrew(context: BrewContext, who: SignedIn, id: string, made: MakeBrew): Promise<BrewRecord> {
  const { sequelize, models } = context;
  const { kitchenId, accountId } = who;
  const already = await findBrew(sequelize, kitchenId, id);
  if (already) return already;
  await checkCount(sequelize, who, 'brews');
  const { drinkId, drinkRevision } = made;
  const madeAt = new Date(made.madeAt);
  // Read and run before the transaction: while one is open, nothing may wait for a second connection.
  const revision = await models.drinkRevisions.findOne({ where: { drinkId, revision: drinkRevision, kitchenId } });
  if (!revision) throw new Problem('not-found');
  const ran = await runInKitchen(context, kitchenId, revision.document);
  const { drinkName } = madeFrom(ran);
  const known = { kitchenId, id, drinkId, drinkRevision, kind: revision.document.kind, madeAt, madeBy: accountId };
  const record = async (transaction: Transaction): Promise<void> => {
    const batch = batchName(drinkName, await nextBatchNumber(sequelize, kitchenId, transaction));
    const rows = filledRows({ ...known, batch }, ran, made);
    await models.brews.create(
      { ...known, batch, ...rows.figures, ...takenOut(ran), expectedMl: ran.volumeMl },
      { transaction },
    );
    await storeFilled(models, rows, transaction);
    await settleBrew(context, { kitchenId, brewId: id, accountId, at: madeAt }, ran, transaction);
  };
  try {
    await sequelize.transaction(record);
  } catch (error) {
    // Sent twice at the same time: the other one has recorded it.
    if (!(error instanceof UniqueConstraintError)) throw error;
  }
  const brew = await findBrew(sequelize, kitchenId, id);
  if (!brew) throw new Problem('already-there');
  return brew;
}
