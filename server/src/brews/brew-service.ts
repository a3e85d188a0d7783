import type { BottleToFill, BrewRecord, MakeBrew } from '@wellhydra/contract';
import { analyseDrink, type Analysis } from '@wellhydra/core/analyse';
import { documentDrink, preparationLibrary, type DrinkDocument } from '@wellhydra/core/drink';
import { DEFAULT_SETTINGS } from '@wellhydra/core/kitchen';
import { formatPortion } from '@wellhydra/core/quantity';
import { kitchenOptions } from '@wellhydra/core/simulate';
import type { SignedIn } from '../accounts/session-store';
import { listDrinks } from '../drinks/drink-store';
import { readSettings } from '../kitchen/kitchen-settings-store';
import { Problem } from '../problem';
import { batchName } from './batch-name';
import type { BrewContext } from './brew-context';
import { findBrews, nextBatchNumber } from './brew-store';
import { readHabits } from './habits-service';

/** Bottles may hold this much more than the brew comes to: jugs and eyes differ. */
const FILL_ALLOWANCE = 1.1;

/** What a drink of a kitchen is run with: its settings and habits, and its other drinks as preparations. */
async function analysisInKitchen(context: BrewContext, kitchenId: string, document: DrinkDocument) {
  const { sequelize, models } = context;
  const { settings } = await readSettings(models, kitchenId);
  const { habits } = await readHabits(context, kitchenId);
  const others = document.steps.some(({ verb }) => verb === 'use') ? await listDrinks(sequelize, kitchenId) : [];
  const named = { ...document, name: document.name || 'Unnamed drink' };
  return analyseDrink(
    documentDrink(
      named,
      preparationLibrary(
        others.map((each) => each.document),
        named.name,
      ),
    ),
    kitchenOptions({ ...(settings ?? DEFAULT_SETTINGS), habits }),
  );
}

/** What a brew is stored with, read off its run; throws `cannot-be-made` where it comes to nothing. */
export function madeFrom({ drink, problems, keeping, serving, trace, liquid, cautions }: Analysis) {
  if (problems.length > 0 || !keeping || !serving || serving.servings <= 0)
    throw new Problem(
      'cannot-be-made',
      problems,
      problems[0]?.message ?? 'There is nothing in it yet. Add a step first.',
    );
  return {
    drinkName: drink.name,
    // A dry mix is kept by its mass, a gram taken as a millilitre.
    volumeMl: liquid?.volume_mL ?? trace.pot.mass_g,
    servingMl: serving.volume_mL ?? serving.mass_g,
    keeping,
    cautions: cautions.filter(({ severity }) => severity !== 'note').map(({ title }) => title),
  };
}

/** Throws where bottles hold more than was made. */
export function checkFill(bottles: readonly BottleToFill[], made_mL: number, dry: boolean): void {
  const bottled_mL = bottles.reduce((sum, bottle) => sum + bottle.volume_mL, 0);
  if (bottled_mL <= made_mL * FILL_ALLOWANCE) return;
  throw new Problem(
    'invalid-request',
    [{ at: 'body.bottles', message: 'more than was made' }],
    `The bottles hold ${formatPortion(bottled_mL, dry)}, but the drink comes to ${formatPortion(made_mL, dry)}. Use fewer or smaller bottles.`,
  );
}

export const bottleRows = (kitchenId: string, brewId: string, bottles: readonly BottleToFill[]) =>
  bottles.map(({ id, place, volume_mL }) => ({
    id,
    kitchenId,
    brewId,
    place,
    volumeMl: volume_mL,
    remainingMl: volume_mL,
    openedAt: null,
  }));

/** Records that a drink was made and bottled; sending it again changes nothing. */
export async function recordBrew(
  { sequelize, models }: BrewContext,
  who: SignedIn,
  id: string,
  made: MakeBrew,
): Promise<BrewRecord> {
  const { kitchenId, accountId } = who;
  return sequelize.transaction(async (transaction) => {
    const [already] = await findBrews(sequelize, kitchenId, id, transaction);
    if (already) return already;
    const { drinkId, drinkRevision } = made;
    const revision = await models.drinkRevisions.findOne({
      where: { drinkId, revision: drinkRevision, kitchenId },
      transaction,
    });
    if (!revision) throw new Problem('not-found');
    const analysis = await analysisInKitchen({ sequelize, models }, kitchenId, revision.document);
    const figures = madeFrom(analysis);
    checkFill(made.bottles, figures.volumeMl, analysis.liquid === null);
    await models.brews.create(
      {
        id,
        kitchenId,
        batch: batchName(figures.drinkName, await nextBatchNumber(sequelize, kitchenId, transaction)),
        drinkId,
        drinkRevision,
        kind: revision.document.kind,
        ...figures,
        madeAt: new Date(made.madeAt),
        madeBy: accountId,
      },
      { transaction },
    );
    await models.bottles.bulkCreate(bottleRows(kitchenId, id, made.bottles), { transaction });
    const [brew] = await findBrews(sequelize, kitchenId, id, transaction);
    return brew as BrewRecord;
  });
}
