import { type DrinkStep, lineFromStep } from '../drink';
import { readIngredientLine, type LineOptions } from '../quantity';

/** A step of two drinks side by side; null where one of them has none. */
export interface StepDifference<Step extends DrinkStep = DrinkStep> {
  readonly kind: 'same' | 'changed' | 'only-first' | 'only-second';
  readonly first: Step | null;
  readonly second: Step | null;
}

/** What two steps must share to stand beside each other: the verb, and what is put in. */
function keyOf({ verb, text }: DrinkStep, options: LineOptions): string {
  if (verb !== 'add') return verb === 'use' ? `use ${text.replace(/^[\d\s./½¼¾-]+\w*\s*/, '').toLowerCase()}` : verb;
  const line = readIngredientLine(text, options);
  return `add ${line.kind === 'read' ? line.ingredient.id : text.trim().toLowerCase()}`;
}

const same = (a: DrinkStep, b: DrinkStep): boolean => lineFromStep(a) === lineFromStep(b);

/**
 * Two lists of steps aligned by their longest common subsequence of what is done.
 *
 * @param options with which lines are read here
 * @returns rows in order; each step of either stands in exactly one
 * Source: Wagner and Fischer 1974.
 */
export function compareSteps<Step extends DrinkStep>(
  first: readonly Step[],
  second: readonly Step[],
  options: LineOptions = {},
): readonly StepDifference<Step>[] {
  const [a, b] = [first, second].map((steps) => steps.map((step) => keyOf(step, options))) as [string[], string[]];
  const lengths = Array.from({ length: a.length + 1 }, () => new Uint16Array(b.length + 1));
  for (let i = a.length - 1; i >= 0; i -= 1)
    for (let j = b.length - 1; j >= 0; j -= 1)
      lengths[i]![j] = a[i] === b[j] ? lengths[i + 1]![j + 1]! + 1 : Math.max(lengths[i + 1]![j]!, lengths[i]![j + 1]!);
  const rows: StepDifference<Step>[] = [];
  let [i, j] = [0, 0];
  while (i < a.length || j < b.length) {
    if (i < a.length && j < b.length && a[i] === b[j]) {
      const [was, is] = [first[i++]!, second[j++]!];
      rows.push({ kind: same(was, is) ? 'same' : 'changed', first: was, second: is });
    } else if (j >= b.length || (i < a.length && lengths[i + 1]![j]! >= lengths[i]![j + 1]!))
      rows.push({ kind: 'only-first', first: first[i++]!, second: null });
    else rows.push({ kind: 'only-second', first: null, second: second[j++]! });
  }
  return rows;
}
