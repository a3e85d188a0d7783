import { DEFAULT_SETTINGS } from '@wellhydra/core/kitchen';
import type { DrinkFacts } from '@wellhydra/core/people';
import { allDocuments } from '../drinks/drink-store';
import { readSettings } from '../kitchen/kitchen-documents-store';
import { Problem } from '../problem';
import type { BrewContext } from './brew-context';
import { findEvents, findRun } from './brew-run-store';

/** So many are run for one request; the others have their turn with the next. */
const AT_ONCE = 50;
/** Brews that could not be run: they are not tried at every list. */
const cannot = new Set<string>();
const MOST_NOTED = 10_000;

/** How one brew came out, run once more as it was made. */
async function factsOf(context: BrewContext, kitchenId: string, id: string): Promise<DrinkFacts | null> {
  const { sequelize, models, runner } = context;
  const run = await findRun(sequelize, kitchenId, id);
  if (run) {
    const events = (await findEvents(sequelize, kitchenId, [id])).get(id) ?? [];
    return (await runner.run('brew', { recipe: run.recipe, events })).facts;
  }
  const brew = await models.brews.findOne({ where: { kitchenId, id }, attributes: ['drinkId', 'drinkRevision'] });
  if (!brew) return null;
  const formula = { kitchenId, drinkId: brew.drinkId, revision: brew.drinkRevision };
  const revision = await models.drinkRevisions.findOne({ where: formula });
  if (!revision) return null;
  const { settings } = await readSettings(models, kitchenId);
  const others = await allDocuments(sequelize, kitchenId);
  const document = { ...revision.document, name: revision.document.name || 'Unnamed drink' };
  return (await runner.run('drink', { document, others, settings: settings ?? DEFAULT_SETTINGS })).facts;
}

/**
 * What in brews matters to people, of those that were made before it was noted: they are run once more, and it is
 * written down.
 *
 * @returns facts by brew; nothing of one that can no longer be run
 */
export async function knowFacts(
  context: BrewContext,
  kitchenId: string,
  ids: readonly string[],
): Promise<ReadonlyMap<string, DrinkFacts>> {
  const known = new Map<string, DrinkFacts>();
  const wanted = [...new Set(ids)].filter((id) => !cannot.has(`${kitchenId} ${id}`)).slice(0, AT_ONCE);
  for (const id of wanted) {
    try {
      const facts = await factsOf(context, kitchenId, id);
      if (!facts) throw new Problem('not-found');
      known.set(id, facts);
      await context.models.brews.update({ facts }, { where: { kitchenId, id } });
    } catch (error) {
      // One that takes too long to run is not known, and the others are.
      if (!(error instanceof Problem)) throw error;
      if (cannot.size < MOST_NOTED) cannot.add(`${kitchenId} ${id}`);
    }
  }
  return known;
}
