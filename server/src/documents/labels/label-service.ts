import type { BottleRecord, LabelOrder } from '@wellhydra/contract';
import type { Person } from '@wellhydra/core/household';
import { labelSummary } from '@wellhydra/core/people';
import type { SignedIn } from '../../accounts/session-store';
import { readKnownBottles } from '../../bottles/bottle-service';
import { writeLabels } from '../../bottles/bottle-store';
import type { BrewContext } from '../../brews/brew-context';
import { findEvents, findRun } from '../../brews/brew-run-store';
import { readPeople } from '../../kitchen/kitchen-documents-store';
import { Problem } from '../../problem';
import type { LabelToPrint } from './label-pages';
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
  const { people } = await readPeople(context.models, who);
  const bottles = ids.length > 0 ? await readKnownBottles(context, who, ids) : [];
  return { bottles, people: people?.people ?? {} };
}

interface Labels extends Pick<LabelOrder, 'sheet' | 'start'> {
  readonly labels: readonly LabelToPrint[];
  /** Batch numbers of what is labelled, in order. */
  readonly batches: readonly string[];
}

/** What the labels of bottles and standing jars say; their codes lead to an address of the application. */
async function labelsFor(
  context: BrewContext,
  who: SignedIn,
  { bottles: ids, brews = [], sheet, start }: LabelOrder,
  base: string,
): Promise<Labels> {
  const { bottles, people } = await labelled(context, who, ids);
  const now = new Date();
  const jars = await standingJars(context, who, brews, now);
  const labels = [
    ...bottles.map((bottle) => ({ words: labelWords(bottle, people, now), address: `${base}/bottles/${bottle.id}` })),
    ...jars.map((jar) => ({ words: jarWords(jar, people, now), address: `${base}/make/${jar.id}` })),
  ];
  if (labels.length === 0)
    throw new Problem(
      'invalid-request',
      [{ at: 'body.bottles', message: 'none is named' }],
      'Say which bottles or jars the labels are for.',
    );
  return { labels, sheet, start, batches: [...bottles, ...jars].map(({ batch }) => batch) };
}

/** Labels of bottles and standing jars as they lie on their pages. `base`: where the application is. */
export async function laidLabels(context: BrewContext, who: SignedIn, order: LabelOrder, base: string) {
  const { batches: _all, ...labels } = await labelsFor(context, who, order, base);
  return context.runner.run('labels', labels);
}

/** Labels of bottles and standing jars as a PDF, and what that is called. `base`: where the application is. */
export async function drawnLabels(context: BrewContext, who: SignedIn, order: LabelOrder, base: string) {
  const { batches, ...labels } = await labelsFor(context, who, order, base);
  const title = batches.length === 1 ? batches[0]! : `${batches[0]} and ${batches.length - 1} more`;
  const pdf = await context.runner.run('labelsPdf', { ...labels, title: `Labels ${title}` });
  return { pdf: Buffer.from(pdf), title };
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
