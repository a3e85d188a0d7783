import type { DrinkStep } from '../drink';
import { readIngredientLine } from '../quantity';

/** What is in so many drinks that it makes none of them alike: water. */
const IN_ALL = 'water';

/** What was found in steps: the drinks of a kitchen stay the same while a recipe is typed beside them. */
const known = new WeakMap<readonly DrinkStep[], ReadonlySet<string>>();

/** What goes into a drink, by id; water aside. */
function thingsIn(steps: readonly DrinkStep[]): ReadonlySet<string> {
  const before = known.get(steps);
  if (before) return before;
  const ids = steps.flatMap(({ verb, text }) => {
    const line = verb === 'add' ? readIngredientLine(text, { suggests: false }) : null;
    return line?.kind === 'read' && line.ingredient.role !== IN_ALL ? [line.ingredient.id] : [];
  });
  const things = new Set(ids);
  known.set(steps, things);
  return things;
}

/**
 * The drink that has most in common with another: of all that goes into the two, the largest share goes into both.
 *
 * @param drink with its steps
 * @param others the first of those that are as much alike is taken
 * @returns undefined where nothing but water goes into both
 */
export function mostAlike<Other extends { readonly steps: readonly DrinkStep[] }>(
  drink: { readonly steps: readonly DrinkStep[] },
  others: readonly Other[],
): Other | undefined {
  const here = thingsIn(drink.steps);
  let most: { readonly other: Other; readonly share: number } | undefined;
  for (const other of others) {
    const there = thingsIn(other.steps);
    const both = [...here].filter((id) => there.has(id)).length;
    const share = both / (here.size + there.size - both || 1);
    if (share > (most?.share ?? 0)) most = { other, share };
  }
  return most?.other;
}
