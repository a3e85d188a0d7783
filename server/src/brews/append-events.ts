import { brewState, type BrewEvent, type BrewStage } from '@wellhydra/core/brew';
import type { Transaction } from 'sequelize';
import type { SignedIn } from '../accounts/session-store';
import { reckonUseBy } from '../bottles/bottle-store';
import { Problem } from '../problem';
import { reckonTaste } from '../logbook/tasting-store';
import { settleBrew } from '../stores/settle-brew';
import type { BrewFigures, RunFigures } from '../runs/run-jobs';
import type { BrewContext } from './brew-context';
import { tellNews } from './brew-news';
import { findEvents, findRun, lastNumber, lockRun } from './brew-run-store';
import { madeFrom, takenOut } from './filling';
import { holdAllBottles } from './brew-store';

/** How often a brew is run anew because others have put events behind it meanwhile. */
const ROUNDS = 20;

/** A brew as it will stand with more behind the events it had. */
interface Ahead {
  /** Number of the last event it had when it was run. */
  readonly last: number;
  /** Those of the new ones that it did not have. */
  readonly fresh: readonly BrewEvent[];
  readonly all: readonly BrewEvent[];
  readonly ran: BrewFigures;
}

async function lookAhead(
  { sequelize, runner }: BrewContext,
  kitchenId: string,
  id: string,
  events: readonly BrewEvent[],
): Promise<Ahead> {
  const run = await findRun(sequelize, kitchenId, id);
  if (!run) throw new Problem('not-found');
  const before = (await findEvents(sequelize, kitchenId, [id])).get(id) ?? [];
  const known = new Set(before.map((event) => event.id));
  const fresh = events.filter(
    (event, index) => !known.has(event.id) && events.findIndex((each) => each.id === event.id) === index,
  );
  const all = [...before, ...fresh];
  const ran = await runner.run('brew', { recipe: run.recipe, events: all });
  return { last: before.at(-1)?.number ?? 0, fresh, all, ran };
}

type Stores = Pick<BrewContext, 'sequelize' | 'models'>;

/** Holds the bottles of a brew against what it comes to now. */
async function recheck({ sequelize, models }: Stores, kitchenId: string, id: string, transaction: Transaction) {
  await holdAllBottles(sequelize, { kitchenId, id }, transaction);
  await reckonUseBy(models, { kitchenId, brewId: id }, transaction);
}

/** What was drawn off and bottled says what it is by now; nothing, where nobody filled it. */
async function correctPart(
  stores: Stores,
  part: { readonly kitchenId: string; readonly partOf: string; readonly partStep: string },
  ran: RunFigures,
  transaction: Transaction,
): Promise<void> {
  const row = await stores.models.brews.findOne({ where: part, attributes: ['id'], transaction });
  if (!row || !ran.keeping || ran.servings <= 0) return;
  await stores.models.brews.update(madeFrom(ran), { where: { kitchenId: part.kitchenId, id: row.id }, transaction });
  await recheck(stores, part.kitchenId, row.id, transaction);
}

/** What is in the pot while it is made is still said to be in the house: until it is finished or given up. */
const isOver = (stage: BrewStage): boolean => stage === 'finished' || stage === 'abandoned';

async function madeAtOf(
  { models }: Stores,
  kitchenId: string,
  id: string,
  transaction: Transaction,
): Promise<Date | undefined> {
  const brew = await models.brews.findOne({ where: { kitchenId, id }, attributes: ['madeAt'], transaction });
  return brew?.madeAt;
}

/** Stores what a brew was run with: its events, and the stage and figures where they leave it. */
export async function append(
  { sequelize, models }: BrewContext,
  { kitchenId, accountId }: SignedIn,
  id: string,
  { last, fresh, all, ran }: Ahead,
  transaction: Transaction,
): Promise<void> {
  if (fresh.length === 0) return;
  await models.brewEvents.bulkCreate(
    fresh.map(({ id: eventId, at, ...happening }, index) => ({
      brewId: id,
      id: eventId,
      kitchenId,
      number: last + 1 + index,
      happenedAt: new Date(at),
      reportedBy: accountId,
      happening,
    })),
    { transaction },
  );
  // A correction that leaves nothing that can be served keeps the figures as they were.
  const figures = ran.keeping && ran.servings > 0 ? madeFrom(ran) : {};
  const { stage } = brewState(all);
  await models.brews.update(
    { ...figures, ...takenOut(ran), stage, tasteRead: ran.taste },
    { where: { id, kitchenId }, transaction },
  );
  await reckonTaste(sequelize, { kitchenId, id }, transaction);
  // Before it is finished there are no bottles.
  if (stage === 'finished') await recheck({ sequelize, models }, kitchenId, id, transaction);
  if (isOver(stage)) {
    const over = isOver(brewState(all.filter((event) => !fresh.includes(event))).stage);
    const taking = { kitchenId, brewId: id, accountId, at: new Date(fresh.at(-1)!.at) };
    const thereUntil = over ? await madeAtOf({ sequelize, models }, kitchenId, id, transaction) : undefined;
    await settleBrew({ sequelize, models }, { ...taking, ...(thereUntil ? { thereUntil } : {}) }, ran, transaction);
  }
  for (const { step, figures: drawn } of ran.drawn)
    await correctPart({ sequelize, models }, { kitchenId, partOf: id, partStep: step }, drawn, transaction);
  await tellNews(sequelize, kitchenId, id, transaction);
}

/**
 * Runs a brew with more events, then stores something about it while nobody else can change it. It is run before it is
 * locked, since a run may take seconds and a transaction holds one of few connections; where others put events behind
 * it meanwhile, it is run again.
 *
 * @throws Problem `not-found`; `too-many-requests` when others do not stop coming between
 */
export async function runThenStore<Stored>(
  context: BrewContext,
  kitchenId: string,
  { id, events }: { readonly id: string; readonly events: readonly BrewEvent[] },
  store: (ahead: Ahead, transaction: Transaction) => Promise<Stored>,
): Promise<Stored> {
  for (let round = 0; round < ROUNDS; round += 1) {
    const ahead = await lookAhead(context, kitchenId, id, events);
    const stored = await context.sequelize.transaction(async (transaction) => {
      if (!(await lockRun(context.sequelize, kitchenId, id, transaction))) throw new Problem('not-found');
      const stands = (await lastNumber(context.sequelize, kitchenId, id, transaction)) === ahead.last;
      return stands && { value: await store(ahead, transaction) };
    });
    if (stored) return stored.value;
  }
  throw new Problem('too-many-requests');
}
