import { questionsOf, understandRecipe } from '@wellhydra/core/check';
import { stepFromLine } from '@wellhydra/core/drink';
import type { PastedRecipe } from './pasted-words';

/** A recipe has no more steps: a drink holds two hundred. */
const MOST_STEPS = 100;

/** A text of several lines as the steps of a recipe; null where nothing of it is a step. */
export function pastedRecipe(text: string): PastedRecipe | null {
  const understood = understandRecipe(text);
  const { drink, lines, out, parts } = understood;
  const left = [...new Set(out.map(({ line }) => lines[line]!.text))].map(stepFromLine);
  const count = drink.steps.length + left.length;
  if (count === 0 || count > MOST_STEPS) return null;
  return {
    steps: drink.steps,
    atServing: drink.atServing ?? [],
    left,
    questions: [
      ...parts.map(
        ({ name }) => `The ${name} is made by itself: put the recipe under Check, and both are drinks of yours`,
      ),
      ...questionsOf(understood).map(({ line, ask }) => `${lines[line]!.text}: ${ask}`),
    ],
  };
}
