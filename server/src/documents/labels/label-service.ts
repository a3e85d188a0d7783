import type { BottleRecord, LabelOrder, LabelPages } from '@wellhydra/contract';
import type { Person } from '@wellhydra/core/household';
import { labelSummary } from '@wellhydra/core/people';
import type { SignedIn } from '../../accounts/session-store';
import { readKnownBottle } from '../../bottles/bottle-service';
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
  const bottles: BottleRecord[] = [];
  for (const id of ids) bottles.push(await readKnownBottle(context, who, id));
  return { bottles, people: people?.people ?? {} };
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
  for (const bottle of bottles) {
    const label = { at: now.toISOString(), said: labelSummary(bottle, people, now) };
    await context.models.bottles.update({ label }, { where: { kitchenId: who.kitchenId, id: bottle.id } });
  }
}
