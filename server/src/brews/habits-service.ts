import type { HabitsRecord, StoredEvent } from '@wellhydra/contract';
import { brewRecipe, brewState, habitLearner } from '@wellhydra/core/brew';
import { Problem } from '../problem';
import type { BrewContext } from './brew-context';
import { findEvents, findReadRuns } from './brew-run-store';

/** The last this many brews teach; what a kitchen did long ago it may not do any more. */
const MOST_BREWS = 60;

/** What was learned, by kitchen, and from what: readings are few and learning costs. */
const known = new Map<string, { readonly from: string; readonly learned: HabitsRecord }>();
const MOST_KNOWN = 500;

/** What one kitchen has learned holds for a copy of it, until something happens there. */
export function copyHabits(from: string, to: string): void {
  const learned = known.get(from);
  if (learned) known.set(to, learned);
}

/** Lets other requests through between two brews. */
const breathe = () => new Promise((resolve) => setImmediate(resolve));

async function sinceOf({ models }: BrewContext, kitchenId: string): Promise<Date | null> {
  const kitchen = await models.kitchens.findByPk(kitchenId, { attributes: ['habitsSince'] });
  if (!kitchen) throw new Problem('not-found');
  return kitchen.habitsSince;
}

const isRead = (events: readonly StoredEvent[]): boolean => events.some(({ kind }) => kind === 'reading');

/** What a kitchen has learned from the readings of its brews. */
export async function readHabits(context: BrewContext, kitchenId: string): Promise<HabitsRecord> {
  const since = await sinceOf(context, kitchenId);
  const runs = await findReadRuns(context.sequelize, kitchenId, since, MOST_BREWS);
  const from = JSON.stringify([since, runs.map(({ id, last }) => [id, last])]);
  const before = known.get(kitchenId);
  if (before?.from === from) return before.learned;
  const events = await findEvents(
    context.sequelize,
    kitchenId,
    runs.map(({ id }) => id),
  );
  const learner = habitLearner();
  const read = runs.filter(({ id }) => isRead(events.get(id) ?? []));
  for (const { id, batch, recipe } of read) {
    const { habits: _asItWasThen, ...settings } = recipe.settings;
    learner.take({
      name: batch,
      recipe: brewRecipe({ ...recipe, settings }),
      state: brewState(events.get(id) ?? []),
    });
    await breathe();
  }
  const { habits, history } = learner.learned();
  const curves = [...history].map(([key, points]) => ({ key, points: [...points] }));
  const learned: HabitsRecord = { habits, curves, brews: read.length, since: since?.toISOString() ?? null };
  if (known.size >= MOST_KNOWN) known.clear();
  known.set(kitchenId, { from, learned });
  return learned;
}

/** Begins to learn anew: readings so far do not count any more. */
export async function resetHabits(context: BrewContext, kitchenId: string, now: Date): Promise<HabitsRecord> {
  await context.models.kitchens.update({ habitsSince: now }, { where: { id: kitchenId } });
  return readHabits(context, kitchenId);
}
