import { isFields, isRows, isSame, mergeFields } from '../merge';
import type { KitchenSettings } from './kitchen-settings';

export interface MergedSettings {
  readonly merged: KitchenSettings;
  /** Fields that both changed, each to something else: mine were kept. */
  readonly clashes: readonly (keyof KitchenSettings)[];
}

/**
 * Merges two edits of a kitchen's settings, field by field, and lists of named things row by row.
 *
 * @param base what both began with
 * @param mine edited here
 * @param theirs saved by somebody else meanwhile
 */
export function mergeSettings(base: KitchenSettings, mine: KitchenSettings, theirs: KitchenSettings): MergedSettings {
  const merged = mergeFields(base, mine, theirs);
  const clashes = (Object.keys(merged) as (keyof KitchenSettings)[]).filter(
    (name) =>
      !isSame(mine[name], base[name]) &&
      !isSame(theirs[name], base[name]) &&
      !isSame(merged[name], theirs[name]) &&
      !isFields(base[name]) &&
      !isRows(base[name]),
  );
  return { merged, clashes };
}
