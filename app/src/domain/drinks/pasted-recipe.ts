import { questionsOf, understandRecipe } from '@wellhydra/core/check';
import { stepFromLine, type DrinkStep } from '@wellhydra/core/drink';

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
/** And no more steps: a drink holds two hundred. */
const MOST_STEPS = 100;

const isLine = (line: string): boolean => line.trim() !== '';

/** A text of several lines as the steps of a recipe; null where nothing of it is a step. */
export function pastedRecipe(text: string): PastedRecipe | null {
  if (text.length > LONGEST || text.split('\n').filter(isLine).length < LEAST_LINES) return null;
  const understood = understandRecipe(text);
  const { drink, lines, out } = understood;
  const left = [...new Set(out.map(({ line }) => lines[line]!.text))].map(stepFromLine);
  const count = drink.steps.length + left.length;
  if (count === 0 || count > MOST_STEPS) return null;
  return {
    steps: drink.steps,
    atServing: drink.atServing ?? [],
    left,
    questions: questionsOf(understood).map(({ line, ask }) => `${lines[line]!.text}: ${ask}`),
  };
}

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
