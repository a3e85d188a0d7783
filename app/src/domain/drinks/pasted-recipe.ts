import { checkRecipe } from '@wellhydra/core/check';
import { readDrink, type DrinkStep } from '@wellhydra/core/drink';

/** A recipe that was pasted, as steps of a drink. */
export interface PastedRecipe {
  readonly steps: readonly DrinkStep[];
  /** Done to each glass. */
  readonly atServing: readonly DrinkStep[];
  /** What must still be said, in the order of its lines. */
  readonly questions: readonly string[];
}

/** So many lines make it a recipe; fewer are typed. */
const LEAST_LINES = 2;
/** A recipe has no more letters than that; a book is not read here. */
const LONGEST = 12_000;
/** And no more steps: a drink holds two hundred. */
const MOST_STEPS = 100;

/** A text of several lines as the steps of a recipe; null where nothing of it is a step. */
export function pastedRecipe(text: string): PastedRecipe | null {
  if (text.length > LONGEST) return null;
  if (
    text
      .trim()
      .split('\n')
      .filter((line) => line.trim() !== '').length < LEAST_LINES
  )
    return null;
  const checked = checkRecipe(text);
  const read = readDrink(JSON.parse(JSON.stringify(checked.drink)));
  if (read.kind !== 'drink' || read.drink.steps.length > MOST_STEPS) return null;
  return {
    steps: read.drink.steps,
    atServing: read.drink.atServing ?? [],
    questions: checked.questions.map(({ line, ask }) => `${checked.lines[line]!.text}: ${ask}`),
  };
}

/** What is said of a recipe that has become steps. */
export function pastedWords({ steps, atServing, questions }: PastedRecipe): string {
  const count = steps.length + atServing.length;
  const [first, ...more] = questions;
  const asked = first === undefined ? '' : `. ${first}${more.length > 0 ? ` And ${more.length} more to settle` : ''}`;
  return `Pasted as ${count} step${count === 1 ? '' : 's'}${asked}`;
}
