import type { BrewProgress, BrewRecord, BrewRun, FinishBrew, PageQuery, RunPage, StartBrew } from '@wellhydra/contract';
import type { BrewEvent } from '@wellhydra/core/brew';
import { UniqueConstraintError, type Transaction } from 'sequelize';
import type { SignedIn } from '../accounts/session-store';
import { checkCount } from '../kitchen/quota';
import { Problem } from '../problem';
import { batchName } from './batch-name';
import type { BrewContext } from './brew-context';
import { filledRows, madeFrom, storeFilled } from './filling';
import { append, runThenStore } from './append-events';
import type { BrewNews } from './brew-news';
import { bottlesOf, findBrew, nextBatchNumber } from './brew-store';
import { findEvents, findRun, findRunsUnderWay, lastNumber } from './brew-run-store';

/** Begins a brew; sending it again changes nothing. */
export async function startRun(context: BrewContext, who: SignedIn, id: string, begun: StartBrew): Promise<BrewRun> {
  const { sequelize, models, runner } = context;
  const { kitchenId, accountId } = who;
  const made = madeFrom(await runner.run('brew', { recipe: begun.recipe, events: [] }));
  const begin = async (transaction: Transaction): Promise<void> => {
    if (await findRun(sequelize, kitchenId, id, transaction)) return;
    const formula = { drinkId: begun.drinkId, revision: begun.drinkRevision, kitchenId };
    if (!(await models.drinkRevisions.findOne({ where: formula, transaction }))) throw new Problem('not-found');
    const batch = batchName(made.drinkName, await nextBatchNumber(sequelize, kitchenId, transaction));
    const { drinkId, drinkRevision, recipe, cook } = begun;
    const startedAt = new Date(begun.startedAt);
    const row = { id, kitchenId, batch, drinkId, drinkRevision, kind: recipe.document.kind, ...made };
    const run = {
      expectedMl: made.volumeMl,
      madeAt: startedAt,
      madeBy: accountId,
      stage: 'making' as const,
      recipe,
      cook,
      startedAt,
    };
    await models.brews.create({ ...row, ...run }, { transaction });
  };
  await checkCount(sequelize, who, 'brews');
  try {
    await sequelize.transaction(begin);
  } catch (error) {
    // Another tab of the same phone sent it at the same time: it has begun.
    if (!(error instanceof UniqueConstraintError)) throw error;
  }
  return readRun(context, kitchenId, id);
}

/** A brew with all its events. */
export async function readRun({ sequelize }: BrewContext, kitchenId: string, id: string): Promise<BrewRun> {
  const run = await findRun(sequelize, kitchenId, id);
  if (!run) throw new Problem('not-found');
  const events = await findEvents(sequelize, kitchenId, [id]);
  return { ...run, events: events.get(id) ?? [] };
}

/** What is under way in a kitchen. */
export async function listRuns({ sequelize }: BrewContext, kitchenId: string, asked: PageQuery): Promise<RunPage> {
  const { runs, next } = await findRunsUnderWay(sequelize, kitchenId, asked);
  const events = await findEvents(
    sequelize,
    kitchenId,
    runs.map(({ id }) => id),
  );
  return { brews: runs.map((run) => ({ ...run, events: events.get(run.id) ?? [] })), next };
}

/** Takes what happened, in order; what was sent before is left as it is. */
export async function postRunEvents(
  context: BrewContext,
  who: SignedIn,
  id: string,
  events: readonly BrewEvent[],
): Promise<BrewProgress> {
  await runThenStore(context, who.kitchenId, { id, events }, (ahead, transaction) =>
    append(context, who, id, ahead, transaction),
  );
  return readProgress(context, who.kitchenId, id, 0);
}

/** How a brew went since a number. */
export async function readProgress(
  { sequelize }: BrewContext,
  kitchenId: string,
  id: string,
  after: number,
): Promise<BrewProgress> {
  const run = await findRun(sequelize, kitchenId, id);
  if (!run) throw new Problem('not-found');
  const events = await findEvents(sequelize, kitchenId, [id], after);
  return { id, batch: run.batch, stage: run.stage, events: events.get(id) ?? [] };
}

/**
 * Waits until there are events after a number, the time is up, or nobody listens any more.
 *
 * @param until aborts when the time is up or nobody listens
 */
export async function awaitProgress(
  context: BrewContext & { readonly news: BrewNews },
  kitchenId: string,
  { id, after }: { readonly id: string; readonly after: number },
  until: AbortSignal,
): Promise<BrewProgress> {
  while (!until.aborted) {
    // Asked for before it is looked: what is told between the two is heard.
    const news = context.news.next(kitchenId, id, until).catch(() => undefined);
    const last = await lastNumber(context.sequelize, kitchenId, id);
    if (last === undefined) throw new Problem('not-found');
    if (last > after) break;
    await news;
  }
  return readProgress(context, kitchenId, id, after);
}

/** Fills bottles with a brew as it was read; sending it again changes nothing, and other bottles are refused. */
export async function finishRun(
  context: BrewContext,
  who: SignedIn,
  id: string,
  { eventId, madeAt, ...filling }: FinishBrew,
): Promise<BrewRecord> {
  const { sequelize, models } = context;
  const { kitchenId } = who;
  const finished = { kind: 'finished' as const, id: eventId, at: madeAt };
  // Two phones that fill at once come one after the other.
  return runThenStore(context, kitchenId, { id, events: [finished] }, async (ahead, transaction) => {
    const there = await bottlesOf(sequelize, { kitchenId, id }, transaction);
    // The same again is the same; other bottles would be a second filling that nobody has seen.
    const again = ahead.fresh.length === 0 || filling.bottles.some((bottle) => there.has(bottle.id));
    if (there.size > 0 && !again) throw new Problem('bottled-already');
    if (there.size === 0) {
      const run = (await findRun(sequelize, kitchenId, id, transaction)) as BrewRun;
      const { batch, drinkId, drinkRevision, recipe } = run;
      const brew = { id, kitchenId, batch, drinkId, drinkRevision, kind: recipe.document.kind };
      const rows = filledRows({ ...brew, madeAt: new Date(madeAt), madeBy: who.accountId }, ahead.ran, filling);
      await append(context, who, id, ahead, transaction);
      const now = { ...rows.figures, madeAt: new Date(madeAt) };
      await models.brews.update(now, { where: { id, kitchenId }, transaction });
      await storeFilled(models, rows, transaction);
    }
    return (await findBrew(sequelize, kitchenId, id, transaction)) as BrewRecord;
  });
}
