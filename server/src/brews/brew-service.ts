import type { BottleToFill, BrewRecord, MakeBrew } from '@wellhydra/contract';
import type { DrinkDocument } from '@wellhydra/core/drink';
import { DEFAULT_SETTINGS } from '@wellhydra/core/kitchen';
import { formatPortion } from '@wellhydra/core/quantity';
import type { Keeping } from '@wellhydra/core/keeping';
import { UniqueConstraintError, type CreationAttributes, type Transaction } from 'sequelize';
import type { SignedIn } from '../accounts/session-store';
import type { Models } from '../database/models';
import { standing } from '../bottles/standing';
import { allDocuments } from '../drinks/drink-store';
import { readSettings } from '../kitchen/kitchen-documents-store';
import { checkCount } from '../kitchen/quota';
import { Problem } from '../problem';
import type { RunFigures } from '../runs/run-jobs';
import { batchName } from './batch-name';
import type { BrewContext } from './brew-context';
import { findBrew, nextBatchNumber } from './brew-store';
import { readHabits } from './habits-service';

type NewBottle = CreationAttributes<InstanceType<Models['bottles']>>;

/** Bottles may hold this much more than the brew comes to: jugs and eyes differ. */
const FILL_ALLOWANCE = 1.1;

/** A drink run in its kitchen: with its settings and habits, and its other drinks as preparations. */
async function runInKitchen(context: BrewContext, kitchenId: string, document: DrinkDocument): Promise<RunFigures> {
  const { sequelize, models, runner } = context;
  const { settings } = await readSettings(models, kitchenId);
  const { habits } = await readHabits(context, kitchenId);
  const others = document.steps.some(({ verb }) => verb === 'use') ? await allDocuments(sequelize, kitchenId) : [];
  const named = { ...document, name: document.name || 'Unnamed drink' };
  return runner.run('drink', { document: named, others, settings: { ...(settings ?? DEFAULT_SETTINGS), habits } });
}

/** What a brew is stored with, of its run; throws `cannot-be-made` where it comes to nothing. */
export function madeFrom(ran: RunFigures) {
  const { problems, keeping, servings, drinkName, volumeMl, servingMl, cautions, perServing, facts } = ran;
  if (problems.length > 0 || !keeping || servings <= 0)
    throw new Problem(
      'cannot-be-made',
      problems,
      problems[0]?.message ?? 'There is nothing in it yet. Add a step first.',
    );
  return { drinkName, volumeMl, servingMl, keeping, cautions, perServing, facts };
}

/** What a brew was filled into, and what was drunk at once. */
interface Filling {
  readonly bottles: readonly BottleToFill[];
  readonly drunk_mL?: number;
}

/**
 * All there was, as it is stored: what the run comes to, or what was bottled and drunk where that is a little more.
 *
 * @throws Problem where it is much more than was made
 */
export function filledFrom({ bottles, drunk_mL = 0 }: Filling, made_mL: number, dry: boolean) {
  const bottled_mL = drunk_mL + bottles.reduce((sum, bottle) => sum + bottle.volume_mL, 0);
  if (bottled_mL <= made_mL * FILL_ALLOWANCE) return { volumeMl: Math.max(made_mL, bottled_mL), drunkMl: drunk_mL };
  throw new Problem(
    'invalid-request',
    [{ at: 'body.bottles', message: 'more than was made' }],
    `The bottles hold ${formatPortion(bottled_mL, dry)}, but the drink comes to ${formatPortion(made_mL, dry)}. Use fewer or smaller bottles.`,
  );
}

interface FilledWith {
  readonly kitchenId: string;
  readonly brewId: string;
  readonly keeping: Keeping;
  readonly madeAt: Date;
}

/** Full bottles of a brew, as they are stored. */
export const bottleRows = (
  { kitchenId, brewId, keeping, madeAt }: FilledWith,
  bottles: readonly BottleToFill[],
): NewBottle[] =>
  bottles.map(({ id, place, volume_mL, spot = null, vessel = null }) => ({
    id,
    spot,
    vessel,
    kitchenId,
    brewId,
    volumeMl: volume_mL,
    filledMl: volume_mL,
    remainingMl: volume_mL,
    openedAt: null,
    ...standing(keeping, { madeAt, stands: [{ place, since: madeAt.toISOString() }], openedAt: null }),
    // It has stood nowhere else.
    stands: null,
  }));

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
  const figures = madeFrom(ran);
  const filled = filledFrom(made, figures.volumeMl, ran.dry);
  const record = async (transaction: Transaction): Promise<void> => {
    await models.brews.create(
      {
        id,
        kitchenId,
        batch: batchName(figures.drinkName, await nextBatchNumber(sequelize, kitchenId, transaction)),
        drinkId,
        drinkRevision,
        kind: revision.document.kind,
        ...figures,
        ...filled,
        madeAt,
        madeBy: accountId,
      },
      { transaction },
    );
    const rows = bottleRows({ kitchenId, brewId: id, keeping: figures.keeping, madeAt }, made.bottles);
    await models.bottles.bulkCreate(rows, { transaction });
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
