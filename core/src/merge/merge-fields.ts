import { dequal } from 'dequal';

export type Fields = Readonly<Record<string, unknown>>;
export const isFields = (value: unknown): value is Fields =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** Whether two documents say the same. */
export const isSame = (one: unknown, other: unknown): boolean => dequal(one, other);

/** What tells one row of a list from another: its id, or its name where it has none. */
const keyOf = (row: unknown): string | undefined => {
  if (!isFields(row)) return undefined;
  return typeof row.id === 'string' ? row.id : typeof row.name === 'string' ? row.name : undefined;
};

/** A list of things that can be told apart. */
export const isRows = (value: unknown): value is readonly Fields[] =>
  Array.isArray(value) && value.every((row) => keyOf(row) !== undefined);

/** Row by row: what each side has added, changed or removed; mine where both changed the same row. */
function mergeRows(base: readonly Fields[], mine: readonly Fields[], theirs: readonly Fields[]): readonly Fields[] {
  const byKey = (rows: readonly Fields[]) => new Map(rows.map((row) => [keyOf(row)!, row]));
  const [was, here, there] = [byKey(base), byKey(mine), byKey(theirs)];
  const kept = mine.flatMap((row): readonly Fields[] => {
    const key = keyOf(row)!;
    if (!dequal(row, was.get(key))) return [row];
    const other = there.get(key);
    return other ? [other] : [];
  });
  return [...kept, ...theirs.filter((row) => !here.has(keyOf(row)!) && !was.has(keyOf(row)!))];
}

function mergeValue(base: unknown, mine: unknown, theirs: unknown): unknown {
  if (dequal(mine, base)) return theirs;
  if (dequal(theirs, base)) return mine;
  if (isRows(base) && isRows(mine) && isRows(theirs)) return mergeRows(base, mine, theirs);
  if (isFields(base) && isFields(mine) && isFields(theirs)) return mergeFields(base, mine, theirs) as unknown;
  return mine;
}

/**
 * Merges two edits of a document field by field, and lists of things with an id or a name row by row. Mine is kept where
 * both changed the same.
 *
 * @param base what both began with
 * @param mine edited here
 * @param theirs saved by somebody else meanwhile
 */
export function mergeFields<Document extends object>(base: Document, mine: Document, theirs: Document): Document {
  const [was, here, there] = [base as Fields, mine as Fields, theirs as Fields];
  const names = [...new Set([...Object.keys(here), ...Object.keys(there)])];
  return Object.fromEntries(
    names
      .map((name) => [name, mergeValue(was[name], here[name], there[name])] as const)
      .filter(([, value]) => value !== undefined),
  ) as Document;
}
