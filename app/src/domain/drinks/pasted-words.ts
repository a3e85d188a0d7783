import type { DrinkStep } from '@wellhydra/core/drink';

/** A recipe that was pasted, as steps of a drink. */
export interface PastedRecipe {
  readonly steps: readonly DrinkStep[];
  /** Done to each glass. */
  readonly atServing: readonly DrinkStep[];
  /** Lines that cannot be run as they were understood: they stand as they were written, to be mended there. */
  readonly left: readonly DrinkStep[];
  /** What must still be said, in the order of its lines. */
  readonly questions: readonly string[];
}

/** So many lines make it a recipe; fewer are typed. */
const LEAST_LINES = 2;
/** A recipe has no more letters than that; a book is not read here. */
const LONGEST = 12_000;

const isLine = (line: string): boolean => line.trim() !== '';

/** Whether a text is to be read as a recipe: it has several lines, and is no book. */
export const looksLikeRecipe = (text: string): boolean =>
  text.length <= LONGEST && text.split('\n').filter(isLine).length >= LEAST_LINES;

/** What is said of a recipe that has become steps. */
export function pastedWords({ steps, atServing, left, questions }: PastedRecipe): string {
  const count = steps.length + atServing.length + left.length;
  const [first, ...more] = questions;
  const asked = first === undefined ? '' : `. ${first}${more.length > 0 ? ` And ${more.length} more to settle` : ''}`;
  const unread =
    left.length === 0
      ? ''
      : left.length === 1
        ? '. One is not understood, and stands last'
        : `. ${left.length} are not understood, and stand last`;
  return `Pasted as ${count} step${count === 1 ? '' : 's'}${unread}${asked}`;
}
