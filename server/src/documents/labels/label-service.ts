import type { BottleRecord, LabelOrder, LabelPages } from '@wellhydra/contract';
import type { Person } from '@wellhydra/core/household';
import { labelSummary } from '@wellhydra/core/people';
import type { SignedIn } from '../../accounts/session-store';
import { readKnownBottles } from '../../bottles/bottle-service';
import { writeLabels } from '../../bottles/bottle-store';
import type { BrewContext } from '../../brews/brew-context';
import { readPeople } from '../../kitchen/kitchen-documents-store';
import { labelPagesOf, sheetOf } from './label-pages';
import { labelWords } from './label-words';

interface Labelled {
  readonly bottles: readonly BottleRecord[];
  readonly people: Readonly<Record<string, Person>>;
}

async function labelled(context: BrewContext, who: SignedIn, ids: readonly string[]): Promise<Labelled> {
  const { people } = await readPeople(context.models, who.kitchenId);
  return { bottles: await readKnownBottles(context, who, ids), people: people?.people ?? {} };
}

/**
 * Labels of bottles, laid out on their sheet.
 *
 * @param base address of the application, which the codes lead to
 */
export async function labelsFor(
  context: BrewContext,
  who: SignedIn,
  { bottles: ids, sheet, start }: LabelOrder,
  base: string,
): Promise<LabelPages> {
  const { bottles, people } = await labelled(context, who, ids);
  const now = new Date();
  const labels = bottles.map((bottle) => ({
    words: labelWords(bottle, people, now),
    address: `${base}/bottles/${bottle.id}`,
  }));
  return labelPagesOf(labels, sheetOf(sheet), start);
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
