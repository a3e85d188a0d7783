import { VERB_TABLE, batchSteps } from '../drink';
import type { BrewRecipe, BrewRun } from './brew-run';
import type { BrewState, LeftStep } from './brew-state';

export type CheckKind = 'cold-spoon' | 'taste';

/** A look at the brew between two of its steps: a step of its own while it is made, though nothing goes in or out. */
export interface BrewCheck {
  readonly id: string;
  readonly kind: CheckKind;
  /** The step that it looks at: what is read at the check is read of this. */
  readonly of: string;
}

/** From here on a syrup on the fire thickens enough to be judged on a spoon, °Brix. */
const THICKENS_brix = 40;

/**
 * Where a brew is looked at: a cold spoon after each reduction and each syrup that thickens on the fire, a taste
 * before the bottles. A dry mix is not tasted: a pinch of it says nothing about the drink.
 *
 * @param recipe what is made
 * @param run its run so far
 * @returns checks in the order of the steps they follow
 */
export function brewChecks({ document }: BrewRecipe, { steps, analysis }: BrewRun): readonly BrewCheck[] {
  const batch = batchSteps(document);
  const lastOf = (id: string) => analysis.trace.entries.filter(({ step }) => steps[step]?.of === id).at(-1);
  const away = batch.findIndex(({ verb }) => VERB_TABLE[verb].putsAway);
  const tastedAt = away < 0 ? batch.length - 1 : away - 1;
  return batch.flatMap(({ id, verb }, index): BrewCheck[] => {
    const entry = lastOf(id);
    if (!entry) return [];
    const thickens = verb === 'reduce' || (VERB_TABLE[verb].stove === 'cooks' && (entry.brix ?? 0) >= THICKENS_brix);
    return [
      ...(thickens ? [{ id: `${id}:cold-spoon`, kind: 'cold-spoon' as const, of: id }] : []),
      ...(index === tastedAt && entry.brix !== null ? [{ id: `${id}:taste`, kind: 'taste' as const, of: id }] : []),
    ];
  });
}

/** How a check was left: by itself, or because somebody has gone on to a later step of the batch. */
export function checkLeft(
  { document }: BrewRecipe,
  { left }: Pick<BrewState, 'left'>,
  { id, of }: BrewCheck,
): LeftStep | undefined {
  const own = left.get(id);
  if (own) return own;
  const batch = batchSteps(document);
  const later = batch.slice(batch.findIndex((step) => step.id === of) + 1);
  return later.flatMap((step) => left.get(step.id) ?? []).at(0);
}

/** The check that is next: what it looks at is done, and nothing after it is. */
export const pendingCheck = (recipe: BrewRecipe, state: BrewState, run: BrewRun): BrewCheck | undefined =>
  brewChecks(recipe, run).find((check) => state.left.has(check.of) && !checkLeft(recipe, state, check));
