import { PAGE, type PageQuery } from '@wellhydra/contract';
import { Problem } from '../problem';

/** Kinds of a value that rows are ordered by. */
const KINDS = {
  moment: (value: unknown) => typeof value === 'string' && !Number.isNaN(Date.parse(value)),
  text: (value: unknown) => typeof value === 'string',
  id: (value: unknown) => typeof value === 'string' && /^[0-9a-f-]{36}$/.test(value),
  figure: (value: unknown) => Number.isFinite(value),
  number: (value: unknown) => Number.isSafeInteger(value) && Math.abs(value as number) < 2 ** 31,
} as const;
type Kind = keyof typeof KINDS;

const encode = (keys: readonly unknown[]): string => Buffer.from(JSON.stringify(keys)).toString('base64url');

/**
 * What the row before a page was ordered by.
 *
 * @param cursor as the page before has said; undefined for the first page
 * @param kinds what rows are ordered by, in that order
 * @throws Problem `invalid-request` for a cursor that no page has said
 */
export function readCursor(
  cursor: string | undefined,
  kinds: readonly Kind[],
): readonly (string | number)[] | undefined {
  if (cursor === undefined) return undefined;
  try {
    const keys: unknown = JSON.parse(Buffer.from(cursor, 'base64url').toString('utf8'));
    const fits =
      Array.isArray(keys) && keys.length === kinds.length && kinds.every((kind, index) => KINDS[kind](keys[index]));
    if (fits) return keys as readonly (string | number)[];
  } catch {
    // Told below.
  }
  throw new Problem('invalid-request', [{ at: 'querystring.cursor', message: 'is none that a page has said' }]);
}

export const limitOf = ({ limit }: PageQuery): number => limit ?? PAGE.usual;

/**
 * A page out of one row more than it holds, which says whether there is another.
 *
 * @param rows as many as {@link limitOf} and one more, where there are so many
 * @param keysOf what a row is ordered by
 */
export function pageOf<Row>(rows: readonly Row[], asked: PageQuery, keysOf: (row: Row) => readonly unknown[]) {
  const limit = limitOf(asked);
  const shown = rows.slice(0, limit);
  const last = shown.at(-1);
  return { rows: shown, next: rows.length > limit && last ? encode(keysOf(last)) : null };
}
