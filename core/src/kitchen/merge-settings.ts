import { dequal } from 'dequal';
import type { KitchenSettings } from './kitchen-settings';

type Fields = Readonly<Record<string, unknown>>;
const isFields = (value: unknown): value is Fields =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

interface Named {
  readonly name: string;
}
const isNamed = (value: unknown): value is readonly Named[] =>
  Array.isArray(value) && value.every((row) => isFields(row) && typeof row.name === 'string');

/** Rows by name: what each side has added, changed or removed; mine where both changed the same row. */
function mergeRows(base: readonly Named[], mine: readonly Named[], theirs: readonly Named[]): readonly Named[] {
  const byName = (rows: readonly Named[]) => new Map(rows.map((row) => [row.name, row]));
  const [was, here, there] = [byName(base), byName(mine), byName(theirs)];
  const kept = mine.flatMap((row): readonly Named[] => {
    if (!dequal(row, was.get(row.name))) return [row];
    const other = there.get(row.name);
    return other ? [other] : [];
  });
  return [...kept, ...theirs.filter(({ name }) => !here.has(name) && !was.has(name))];
}

function mergeValue(base: unknown, mine: unknown, theirs: unknown): unknown {
  if (dequal(mine, base)) return theirs;
  if (dequal(theirs, base)) return mine;
  if (isNamed(base) && isNamed(mine) && isNamed(theirs)) return mergeRows(base, mine, theirs);
  if (isFields(base) && isFields(mine) && isFields(theirs)) return mergeFields(base, mine, theirs);
  return mine;
}

function mergeFields(base: Fields, mine: Fields, theirs: Fields): Fields {
  const names = [...new Set([...Object.keys(mine), ...Object.keys(theirs)])];
  return Object.fromEntries(
    names
      .map((name) => [name, mergeValue(base[name], mine[name], theirs[name])] as const)
      .filter(([, value]) => value !== undefined),
  );
}

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
  const merged = mergeFields(base as never, mine as never, theirs as never) as unknown as KitchenSettings;
  const clashes = (Object.keys(merged) as (keyof KitchenSettings)[]).filter(
    (name) =>
      !dequal(mine[name], base[name]) &&
      !dequal(theirs[name], base[name]) &&
      !dequal(merged[name], theirs[name]) &&
      !isFields(base[name]) &&
      !isNamed(base[name]),
  );
  return { merged, clashes };
}
