import type { BottleRecord, LabelOrder, LabelPages } from '@wellhydra/contract';
import type { Person } from '@wellhydra/core/household';
import { labelSummary } from '@wellhydra/core/people';
import type { SignedIn } from '../../accounts/session-store';
import { readKnownBottles } from '../../bottles/bottle-service';
import { writeLabels } from '../../bottles/bottle-store';
import type { BrewContext } from '../../brews/brew-context';
import { findEvents, findRun } from '../../brews/brew-run-store';
import { readPeople } from '../../kitchen/kitchen-documents-store';
import { Problem } from '../../problem';
import { labelPagesOf, sheetOf } from './label-pages';
import { jarWords, labelWords, type JarToLabel } from './label-words';

/** Jars that still stand; throws `invalid-request` for a brew that does not stand long enough for a label. */
async function standingJars(
  { sequelize, runner }: BrewContext,
  { kitchenId }: SignedIn,
  ids: readonly string[],
  now: Date,
): Promise<readonly (JarToLabel & { readonly id: string })[]> {
  const jars = [];
  for (const id of ids) {
    const run = await findRun(sequelize, kitchenId, id);
    if (!run) throw new Problem('not-found');
    const { recipe, batch, startedAt } = run;
    const events = (await findEvents(sequelize, kitchenId, [id])).get(id) ?? [];
    const { jar, figures } = await runner.run('jar', { recipe, events, startedAt, now: now.toISOString() });
    if (!jar || run.stage !== 'making')
      throw new Problem(
        'invalid-request',
        [{ at: 'body.brews', message: 'it does not stand' }],
        `${figures.drinkName} does not stand long enough now for a label. Label its bottles when they are filled.`,
      );
    const { drinkName, facts, cautions } = figures;
    jars.push({ id, batch, startedAt, jar, drinkName, facts, cautions });
  }
  return jars;
}

interface Labelled {
  readonly bottles: readonly BottleRecord[];
  readonly people: Readonly<Record<string, Person>>;
}

async function labelled(context: BrewContext, who: SignedIn, ids: readonly string[]): Promise<Labelled> {
  const { people } = await readPeople(context.models, who.kitchenId);
  const bottles = ids.length > 0 ? await readKnownBottles(context, who, ids) : [];
  return { bottles, people: people?.people ?? {} };
}

export interface Labels {
  readonly pages: LabelPages;
  /** Batch numbers of what is labelled, in order. */
  readonly batches: readonly string[];
}

/**
 * Labels of bottles and standing jars, laid out on their sheet.
 *
 * @param base address of the application, which the codes lead to
 */
export async function labelsFor(
  context: BrewContext,
  who: SignedIn,
  { bottles: ids, brews = [], sheet, start }: LabelOrder,
  base: string,
): Promise<Labels> {
  const { bottles, people } = await labelled(context, who, ids);
  const now = new Date();
  const jars = await standingJars(context, who, brews, now);
  const labels = [
    ...bottles.map((bottle) => ({
      words: labelWords(bottle, people, now),
      address: `${base}/bottles/${bottle.id}`,
      batch: bottle.batch,
    })),
    ...jars.map((jar) => ({ words: jarWords(jar, people, now), address: `${base}/make/${jar.id}`, batch: jar.batch })),
  ];
  if (labels.length === 0)
    throw new Problem(
      'invalid-request',
      [{ at: 'body.bottles', message: 'none is named' }],
      'Say which bottles or jars the labels are for.',
    );
  return { pages: labelPagesOf(labels, sheetOf(sheet), start), batches: labels.map(({ batch }) => batch) };
}

/** Notes that bottles wear their labels as these are now. */
export async function stickLabels(context: BrewContext, who: SignedIn, ids: readonly string[]): Promise<void> {
  const { bottles, people } = await labelled(context, who, ids);
  const now = new Date();
  const labels = bottles.map((bottle) => ({
    id: bottle.id,
    label: { at: now.toISOString(), said: labelSummary(bottle, people, now) },
  }));
  await writeLabels(context.sequelize, who.kitchenId, labels);
}
