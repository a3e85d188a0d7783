import type { Trace } from '../simulate';

/** Less than this is nobody's lot, g. */
const LEAST_g = 1e-6;

/**
 * What a batch has taken out of the house, g by ingredient: everything that went in but water from the tap, and but what
 * came in with a preparation, which was taken when that was made.
 *
 * @param trace of the batch
 * @param steps indices of the steps that count; all where none are said
 */
export function usedOf({ pot }: Pick<Trace, 'pot'>, steps?: ReadonlySet<number>): Readonly<Record<string, number>> {
  const used: Record<string, number> = {};
  for (const { ingredient, mass_g, step, within } of pot.entries) {
    if (ingredient.role === 'water' || within !== undefined || !(mass_g > LEAST_g)) continue;
    if (steps && !steps.has(step)) continue;
    used[ingredient.id] = (used[ingredient.id] ?? 0) + mass_g;
  }
  return used;
}
