import type { BrewRecord, MakeBrew } from '@wellhydra/contract';
import { analyseDrink } from '@wellhydra/core/analyse';
import { documentDrink, preparationLibrary, type DrinkDocument } from '@wellhydra/core/drink';
import { DEFAULT_SETTINGS } from '@wellhydra/core/kitchen';
import { formatPortion } from '@wellhydra/core/quantity';
import { kitchenOptions } from '@wellhydra/core/simulate';
import type { Sequelize } from 'sequelize';
import type { SignedIn } from '../accounts/session-store';
import type { Models } from '../database/models';
import { listDrinks } from '../drinks/drink-store';
import { readSettings } from '../kitchen/kitchen-settings-store';
import { Problem } from '../problem';
import { batchName } from './batch-name';
import { findBrews, nextBatchNumber } from './brew-store';

export interface BrewContext {
  readonly sequelize: Sequelize;
  readonly models: Models;
}

/** Bottles may hold this much more than the brew comes to: jugs and eyes differ. */
const FILL_ALLOWANCE = 1.1;

/** What a drink of a kitchen is run with: its settings, and its other drinks as preparations. */
async function analysisInKitchen({ sequelize, models }: BrewContext, kitchenId: string, document: DrinkDocument) {
  const { settings } = await readSettings(models, kitchenId);
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
    kitchenOptions(settings ?? DEFAULT_SETTINGS),
  );
}

/** What a revision of a drink comes to, if it can be made at all. */
async function analysisToMake(context: BrewContext, kitchenId: string, document: DrinkDocument) {
  const analysis = await analysisInKitchen(context, kitchenId, document);
  const { problems, keeping, serving, trace } = analysis;
  if (problems.length > 0 || !keeping || !serving || serving.servings <= 0)
    throw new Problem(
      'cannot-be-made',
      problems,
      problems[0]?.message ?? 'There is nothing in it yet. Add a step first.',
    );
  // A dry mix is kept by its mass, a gram taken as a millilitre.
  const volume_mL = analysis.liquid?.volume_mL ?? trace.pot.mass_g;
  const serving_mL = serving.volume_mL ?? serving.mass_g;
  return { analysis, keeping, volume_mL, serving_mL };
}

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
    const revision = await models.drinkRevisions.findOne({
      where: { drinkId: made.drinkId, revision: made.drinkRevision, kitchenId },
      transaction,
    });
    if (!revision) throw new Problem('not-found');
    const { analysis, keeping, volume_mL, serving_mL } = await analysisToMake(
      { sequelize, models },
      kitchenId,
      revision.document,
    );
    const dry = analysis.liquid === null;
    const bottled_mL = made.bottles.reduce((sum, bottle) => sum + bottle.volume_mL, 0);
    if (bottled_mL > volume_mL * FILL_ALLOWANCE)
      throw new Problem(
        'invalid-request',
        [{ at: 'body.bottles', message: 'more than was made' }],
        `The bottles hold ${formatPortion(bottled_mL, dry)}, but the drink comes to ${formatPortion(volume_mL, dry)}. Use fewer or smaller bottles.`,
      );
    const drinkName = analysis.drink.name;
    const batch = batchName(drinkName, await nextBatchNumber(sequelize, kitchenId, transaction));
    const cautions = analysis.cautions.filter(({ severity }) => severity !== 'note').map(({ title }) => title);
    await models.brews.create(
      {
        id,
        kitchenId,
        batch,
        drinkId: made.drinkId,
        drinkRevision: made.drinkRevision,
        drinkName,
        kind: revision.document.kind,
        volumeMl: volume_mL,
        servingMl: serving_mL,
        keeping,
        cautions,
        madeAt: new Date(made.madeAt),
        madeBy: accountId,
      },
      { transaction },
    );
    await models.bottles.bulkCreate(
      made.bottles.map((bottle) => ({
        id: bottle.id,
        kitchenId,
        brewId: id,
        place: bottle.place,
        volumeMl: bottle.volume_mL,
        remainingMl: bottle.volume_mL,
        openedAt: null,
      })),
      { transaction },
    );
    const [brew] = await findBrews(sequelize, kitchenId, id, transaction);
    return brew as BrewRecord;
  });
}
