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

const byKey = (rows: readonly Fields[]) => new Map(rows.map((row) => [keyOf(row)!, row]));

/** Documents of one shape become one, by the names of their fields. */
function byName<Document extends object>(one: (...values: unknown[]) => unknown, ...documents: Document[]): Document {
  const all = documents as readonly object[] as readonly Fields[];
  const names = [...new Set(all.flatMap(Object.keys))];
  return Object.fromEntries(
    names
      .map((name) => [name, one(...all.map((each) => each[name]))] as const)
      .filter(([, value]) => value !== undefined),
  ) as Document;
}

/** Row by row: what each side has added, changed or removed; mine where both changed the same row. */
function mergeRows(base: readonly Fields[], mine: readonly Fields[], theirs: readonly Fields[]): readonly Fields[] {
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
  if (isFields(base) && isFields(mine) && isFields(theirs)) return byName(mergeValue, base, mine, theirs);
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
export const mergeFields = <Document extends object>(base: Document, mine: Document, theirs: Document): Document =>
  byName(mergeValue, base, mine, theirs);

/** Something of mine that was sent, and what was known to be stored when it was. */
export interface SentDocument<Document> {
  readonly base: Document;
  readonly content: Document;
}

function rowsBefore(...all: readonly (readonly Fields[])[]): readonly Fields[] {
  const rows = all.map(byKey);
  return [...new Set([...all].reverse().flatMap((each) => each.map((row) => keyOf(row)!)))].flatMap((key) => {
    const row = valueBefore(...rows.map((each) => each.get(key)));
    return row ? [row as Fields] : [];
  });
}

function valueBefore(base?: unknown, known?: unknown, sent?: unknown, theirs?: unknown): unknown {
  if (dequal(sent, known)) return base;
  if (dequal(theirs, sent)) return theirs;
  const all = [base, known, sent, theirs];
  if (all.every(isRows)) return rowsBefore(...(all as (readonly Fields[])[]));
  if (all.every(isFields)) return byName(valueBefore, ...(all as Fields[]));
  return base;
}

/**
 * What two edits began with, where some of mine was sent and not answered yet: what theirs has of it was stored before
 * theirs was, and is no change of theirs. Merged with what was known before it, one would be told of one's own words,
 * and what was taken back since would come again.
 *
 * @param base what is known to be stored
 * @param sent what was sent of mine, the oldest first
 * @param theirs what is stored now
 */
export const baseOf = <Document extends object>(
  base: Document,
  sent: readonly SentDocument<Document>[],
  theirs: Document,
): Document =>
  sent.reduce((before, { base: known, content }) => byName(valueBefore, before, known, content, theirs), base);
