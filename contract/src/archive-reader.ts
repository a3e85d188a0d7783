import { ARCHIVE_KINDS, ARCHIVE_LINE, ARCHIVE_ROWS, type ArchiveKind, type ArchiveRow } from './kitchen-archive';
import { inWords } from './schema';
import { shapeFault } from './shape';

/** Why an archive is refused: at which line, what is wrong there, and what to do. */
export class ArchiveFault extends Error {
  constructor(
    readonly line: number,
    what: string,
  ) {
    super(`Line ${line}: ${what}`);
  }
}

const SCHEMAS = Object.fromEntries(
  ARCHIVE_KINDS.map((kind) => [kind, inWords(ARCHIVE_ROWS[kind])]),
) as unknown as typeof ARCHIVE_ROWS;
const isKind = (is: unknown): is is ArchiveKind => typeof is === 'string' && Object.hasOwn(SCHEMAS, is);
const placeOf = (kind: ArchiveKind): number => ARCHIVE_KINDS.indexOf(kind);
const HAND_FIELDS = ['savedBy', 'madeBy', 'doneBy', 'reportedBy', 'pouredBy', 'notedBy', 'addedBy'] as const;

/**
 * Reads an archive line by line: each row by itself, and whether the rows together are a whole archive.
 *
 * Throws {@link ArchiveFault} at the first line that is not as it should be; what was read before it counts for nothing.
 */
export class ArchiveReader {
  private line = 0;
  private rows = 0;
  private last: ArchiveKind | null = null;
  private hands = 0;

  /** The row of the next line; null of the last one, which closes the file. */
  read(text: string): ArchiveRow | null {
    this.line += 1;
    const row = this.rowOf(text);
    this.checkPlace(row);
    if (row.is === 'end') {
      if (row.rows !== this.rows) this.fail(`the file has ${this.rows} rows before its end and says ${row.rows}.`);
      return null;
    }
    this.rows += 1;
    return row;
  }

  /** To be called when there is no line any more. */
  finish(): void {
    if (this.last === 'end') return;
    const what = this.line === 0 ? 'the file is empty.' : 'the file ends here without its last row: it is not whole.';
    throw new ArchiveFault(Math.max(1, this.line), `${what} Save the archive again where it came from.`);
  }

  private fail(what: string): never {
    throw new ArchiveFault(this.line, what);
  }

  private rowOf(text: string): ArchiveRow {
    if (text.length > ARCHIVE_LINE) this.fail(`it is longer than ${ARCHIVE_LINE / 1024 / 1024} MB.`);
    let value: unknown;
    try {
      value = JSON.parse(text);
    } catch {
      this.fail(this.line === 1 ? 'this is no archive of a kitchen.' : 'it is not JSON, or is cut off.');
    }
    const shape = shapeFault(value);
    if (shape) this.fail(`"${shape.at}" ${shape.message}.`);
    const is = (value as { is?: unknown } | null)?.is;
    if (this.line === 1 && is !== 'kitchen-archive') this.fail('this is no archive of a kitchen.');
    if (!isKind(is)) this.fail(`"is" has to be one of ${ARCHIVE_KINDS.join(', ')}.`);
    // Nothing is mended on the way: what comes out again has to be what came in.
    const { error } = SCHEMAS[is].validate(value, { convert: false });
    if (error) this.fail(`${error.message.slice(0, 300)}.`);
    return value as ArchiveRow;
  }

  private checkPlace(row: ArchiveRow): void {
    const { last } = this;
    if (last === 'end') this.fail('something stands behind the end.');
    if (row.is === 'hand') {
      if (row.hand !== this.hands + 1) this.fail(`hands are numbered one after the other; this is ${this.hands + 1}.`);
      this.hands += 1;
      return;
    }
    const once = row.is === last && (row.is === 'kitchen-archive' || row.is === 'kitchen');
    if (last && (once || placeOf(row.is) < placeOf(last))) this.fail(`"${row.is}" cannot stand behind "${last}".`);
    if (last === 'kitchen-archive' && row.is !== 'kitchen') this.fail('"kitchen" has to stand before all others.');
    for (const field of HAND_FIELDS) {
      const hand = row[field];
      if (typeof hand === 'number' && hand > this.hands)
        this.fail(`"${field}" is hand ${hand}, who is not named before.`);
    }
    this.last = row.is;
  }
}
