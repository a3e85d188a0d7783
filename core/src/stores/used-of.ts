import type { Trace } from '../simulate';

/** Less than this is nobody's lot, g. */
const LEAST_g = 1e-6;

/** What of a batch is asked for. */
export interface UsedOptions {
  /** Indices of the steps that count; all where none are said. */
  readonly steps?: ReadonlySet<number> | undefined;
  /** Name of the preparation it came in; what did not come in one where none is said. */
  readonly within?: string;
}

/**
 * What a batch has taken out of the house, g by ingredient: everything that went in but water from the tap, and but what
 * came in with a preparation, which was taken when that was made.
 *
 * @param trace of the batch
 */
export function usedOf(
  { pot }: Pick<Trace, 'pot'>,
  { steps, within: asked }: UsedOptions = {},
): Readonly<Record<string, number>> {
  const used: Record<string, number> = {};
  for (const { ingredient, mass_g, step, within } of pot.entries) {
    if (ingredient.role === 'water' || within !== asked || !(mass_g > LEAST_g)) continue;
    if (steps && !steps.has(step)) continue;
    used[ingredient.id] = (used[ingredient.id] ?? 0) + mass_g;
  }
  return used;
}
