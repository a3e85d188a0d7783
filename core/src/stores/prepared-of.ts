import type { Trace } from '../simulate';

/**
 * What a batch takes of drinks that were made before, as their bottles are counted: mL by name, grams of those that are
 * dry.
 *
 * @param trace of the batch
 * @param steps indices of the steps that count; all where none are said
 */
export function preparedOf(
  { entries }: Pick<Trace, 'entries'>,
  steps?: ReadonlySet<number>,
): Readonly<Record<string, number>> {
  const taken: Record<string, number> = {};
  for (const { prepared, step } of entries) {
    if (!prepared || (steps && !steps.has(step))) continue;
    taken[prepared.name] = (taken[prepared.name] ?? 0) + prepared.amount_mL;
  }
  return taken;
}
