import { dequal } from 'dequal';
import { FLAG_QUALIFIERS, TEXT_QUALIFIERS } from './drink';
import type { DrinkDocument, EditedStep } from './drink-document';
import { mergeBoards } from './variant-board';

/** Both people changed the same thing to different values. */
export interface MergeConflict {
  /** `name`, `kind`, `serving`, `target`, or the id of a step. */
  readonly at: string;
  /** What the other person has there; null when they removed the step. */
  readonly theirs: string | null;
  /** The step they have there, to be taken over as a whole. */
  readonly theirStep?: EditedStep;
}

export interface MergedDrink {
  readonly merged: DrinkDocument;
  /** Where both changed the same: `merged` holds mine, this says what theirs was. */
  readonly conflicts: readonly MergeConflict[];
}

const FIELDS = ['name', 'kind', 'serving', 'target'] as const;

const STEP_KEYS = ['verb', 'text', 'atServing', ...TEXT_QUALIFIERS, ...FLAG_QUALIFIERS] as const;

/** What is left out is the same as empty or false. */
const sameStep = (a: EditedStep | undefined, b: EditedStep | undefined): boolean =>
  a === b || (a !== undefined && b !== undefined && STEP_KEYS.every((key) => (a[key] || '') === (b[key] || '')));

/** Whether two documents say the same, however their keys are ordered. */
export function sameDocument(a: DrinkDocument, b: DrinkDocument): boolean {
  return (
    FIELDS.every((field) => a[field] === b[field]) &&
    dequal(a.variants, b.variants) &&
    (a.source ?? '') === (b.source ?? '') &&
    a.steps.length === b.steps.length &&
    a.steps.every((step, index) => step.id === b.steps[index]?.id && sameStep(step, b.steps[index]))
  );
}

function mergeFields(base: DrinkDocument, mine: DrinkDocument, theirs: DrinkDocument) {
  const conflicts: MergeConflict[] = [];
  const fields = Object.fromEntries(
    FIELDS.map((field) => {
      if (mine[field] === base[field]) return [field, theirs[field]];
      if (theirs[field] !== base[field] && theirs[field] !== mine[field])
        conflicts.push({ at: field, theirs: theirs[field] });
      return [field, mine[field]];
    }),
  ) as Pick<DrinkDocument, (typeof FIELDS)[number]>;
  return { fields, conflicts };
}

const byId = (document: DrinkDocument) => new Map(document.steps.map((step) => [step.id, step]));

/** My order, with the steps only they have put after the step they follow in theirs. */
function mergeOrder(base: DrinkDocument, mine: DrinkDocument, theirs: DrinkDocument): string[] {
  const ids = (document: DrinkDocument) => document.steps.map((step) => step.id);
  const moved =
    ids(mine)
      .filter((id) => ids(base).includes(id))
      .join() !==
    ids(base)
      .filter((id) => ids(mine).includes(id))
      .join();
  const [first, second] = moved ? [ids(mine), ids(theirs)] : [ids(theirs), ids(mine)];
  const order = [...first];
  second.forEach((id, index) => {
    if (order.includes(id)) return;
    const previous = second
      .slice(0, index)
      .reverse()
      .find((candidate) => order.includes(candidate));
    order.splice(previous === undefined ? 0 : order.indexOf(previous) + 1, 0, id);
  });
  return order;
}

/**
 * Merges two edits of one drink. Every step and field that only one of them changed is taken;
 * where both changed the same, mine is kept and theirs is reported. A step that one removed and
 * the other changed stays.
 *
 * @param base what both started from
 * @param mine my edit
 * @param theirs the other edit, already stored
 */
export function mergeDrinks(base: DrinkDocument, mine: DrinkDocument, theirs: DrinkDocument): MergedDrink {
  const { fields, conflicts } = mergeFields(base, mine, theirs);
  const was = byId(base);
  const here = byId(mine);
  const there = byId(theirs);
  const steps = mergeOrder(base, mine, theirs).flatMap((id): readonly EditedStep[] => {
    const [b, m, t] = [was.get(id), here.get(id), there.get(id)];
    if (sameStep(m, b)) return t ? [t] : [];
    if (sameStep(t, b) || sameStep(t, m)) return m ? [m] : [];
    if (!m) return [t as EditedStep];
    conflicts.push({ at: id, theirs: t ? t.text : null, ...(t ? { theirStep: t } : {}) });
    return [m];
  });
  const boards =
    (mine.variants ?? theirs.variants) ? { variants: mergeBoards(base.variants, mine.variants, theirs.variants) } : {};
  // The words that it was read from stay what they were: whoever has them keeps them.
  const source = mine.source ?? theirs.source;
  return { merged: { ...fields, steps, ...boards, ...(source ? { source } : {}) }, conflicts };
}
