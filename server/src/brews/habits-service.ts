import type { HabitsRecord, HabitsReset, StoredEvent } from '@wellhydra/contract';
import { Op } from 'sequelize';
import { Problem } from '../problem';
import type { StoredBrew } from '../runs/run-jobs';
import type { Runner } from '../runs/runner';
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

async function sinceOf({ models }: BrewContext, kitchenId: string): Promise<Date | null> {
  const kitchen = await models.kitchens.findByPk(kitchenId, { attributes: ['habitsSince'] });
  if (!kitchen) throw new Problem('not-found');
  return kitchen.habitsSince;
}

const isRead = (events: readonly StoredEvent[]): boolean => events.some(({ kind }) => kind === 'reading');

/** What so many brews teach; from fewer of them, the newest, where all would take too long. */
async function learnFrom({ run }: Runner, brews: readonly (StoredBrew & { readonly name: string })[]) {
  for (let teaching = brews; teaching.length > 0; teaching = teaching.slice(Math.ceil(teaching.length / 2))) {
    try {
      return { ...(await run('learn', { brews: teaching })), brews: teaching.length };
    } catch (error) {
      if (!(error instanceof Problem && error.code === 'takes-too-long')) throw error;
    }
  }
  return { habits: {}, curves: [], brews: 0 };
}

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
  const brews = runs
    .map(({ id, batch, recipe }) => ({ name: batch, recipe, events: events.get(id) ?? [] }))
    .filter((brew) => isRead(brew.events));
  const learned: HabitsRecord = { ...(await learnFrom(context.runner, brews)), since: since?.toISOString() ?? null };
  if (known.size >= MOST_KNOWN) known.clear();
  known.set(kitchenId, { from, learned });
  return learned;
}

/**
 * Begins to learn anew: readings up to now do not count any more, or up to when that was chosen on a device. What was
 * forgotten later stays so, and a device whose clock is ahead makes the kitchen deaf for nothing that is to come.
 */
export async function resetHabits(
  context: BrewContext,
  kitchenId: string,
  { at }: HabitsReset,
  now: Date,
): Promise<HabitsRecord> {
  const from = at === undefined ? now : new Date(Math.min(now.getTime(), Date.parse(at)));
  await context.models.kitchens.update(
    { habitsSince: from },
    { where: { id: kitchenId, habitsSince: { [Op.or]: [null, { [Op.lt]: from }] } } },
  );
  return readHabits(context, kitchenId);
}
