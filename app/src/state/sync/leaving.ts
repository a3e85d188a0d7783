import type { Owner, Row, Shelf } from './row';

/**
 * A page that is being left may have no time for the database: what is still on its way there is written down at once
 * beside it, and taken over by the next page. It is good for a moment only, so that it never comes before anything newer.
 */

const GOOD_FOR_ms = 30_000;
const nameOf = (owner: Owner): string => `wellhydra.leaving:${owner}`;

/** A row and where it belongs. */
export interface LeftRow {
  readonly shelf: Shelf;
  readonly row: Row;
}

/** Writes down what a page leaves; where nothing can be written the database is all there is. */
export function writeLeft(owner: Owner, rows: readonly LeftRow[], now_ms: number = Date.now()): void {
  try {
    localStorage.setItem(nameOf(owner), JSON.stringify({ at: now_ms, rows }));
  } catch {
    // Full, or not allowed: nothing more can be done by a page that goes.
  }
}

/** What the page before has left for an owner, once. */
export function takeLeft(owner: Owner, now_ms: number = Date.now()): readonly LeftRow[] {
  try {
    const text = localStorage.getItem(nameOf(owner));
    if (text === null) return [];
    localStorage.removeItem(nameOf(owner));
    const { at, rows } = JSON.parse(text) as { readonly at: number; readonly rows: readonly LeftRow[] };
    return now_ms - at <= GOOD_FOR_ms ? rows : [];
  } catch {
    return [];
  }
}
