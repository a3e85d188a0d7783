import { isSame } from '@wellhydra/core/merge';
import type { UnknownAction } from '@reduxjs/toolkit';
import { writeLeft, type LeftRow } from './leaving';
import { rowsWrittenElsewhere, storageFailed, storageWorks, type OwnerState } from './owner';
import { SHELVES, type Row, type Shelf } from './row';
import { keepRows, onWrittenElsewhere, rowOf, type Writing, type Written } from './vault';

/** What of a state is kept on a shelf. */
export interface Keeping<State> {
  /** A row that is the same object as before has not changed. */
  readonly rows: (state: State) => readonly Row[];
  /** What became of a row that need not be kept any more, for tabs that still have it. */
  readonly left?: (state: State, id: string) => Row | undefined;
  /**
   * One row as two tabs have it, where both may write it.
   *
   * @param known what the device had of it when this tab last looked
   */
  readonly merged?: (mine: never, other: never, known: never) => Row;
}
export type Kept<State> = Readonly<Partial<Record<Shelf, Keeping<State>>>>;

interface StoreOf<State> {
  readonly getState: () => State;
  readonly dispatch: (action: UnknownAction) => unknown;
  readonly subscribe: (listener: () => void) => unknown;
}

type RowsById = ReadonlyMap<string, Row>;
const NO_ROWS: RowsById = new Map();

/** What one tab has to tell another of a row; the rest is how sending goes in each. */
interface Told extends Row {
  readonly revision?: unknown;
  readonly mine?: unknown;
}

/**
 * Keeps what a store holds on the device, row by row, and takes over what other tabs write. A row that two tabs may write
 * is written on top of what is there, so that neither takes away what was typed in the other.
 */
export function keepDurable<State extends { readonly owner: OwnerState }>(
  store: StoreOf<State>,
  kept: Kept<State>,
): void {
  const shelves = SHELVES.filter((shelf) => kept[shelf]);
  let before = new Map<Shelf, RowsById>();
  let owner: string | null = null;
  /** While what another tab has written is taken over, only what it does not have is written. */
  let taking = false;
  /** Rows that are not known to be written yet. */
  const pending = new Map<string, LeftRow>();
  const keyOf = (shelf: Shelf, id: string): string => `${shelf} ${id}`;
  /** What the device has of each row that this tab has something of, as far as it has looked. */
  const known = new Map<string, Row | undefined>();
  let leaving = false;

  const rowsNow = () =>
    new Map(
      shelves.map(
        (shelf) => [shelf, new Map(kept[shelf]!.rows(store.getState()).map((row) => [row.id, row]))] as const,
      ),
    );

  /** Whether this tab has something of a row: words that it does not have it does not know either. */
  const holds = (shelf: Shelf, id: string): boolean =>
    before.get(shelf)?.has(id) === true || kept[shelf]?.left?.(store.getState(), id) !== undefined;

  function saysMore(shelf: Shelf, { id, revision, mine }: Told): boolean {
    const was: Told | undefined = known.get(keyOf(shelf, id));
    return kept[shelf]!.merged !== undefined && !(was?.revision === revision && isSame(was?.mine, mine));
  }

  function take(shelf: Shelf, rows: readonly Row[], gone: readonly string[], were: readonly Row[]): void {
    taking = true;
    try {
      store.dispatch(rowsWrittenElsewhere({ shelf, rows, gone, known: were }));
    } finally {
      taking = false;
    }
  }

  function keep(from: string, shelf: Shelf, put: readonly Row[], gone: readonly string[]): void {
    const { left, merged } = kept[shelf]!;
    const became = gone.flatMap((id) => left?.(store.getState(), id) ?? []);
    /** What is to be on the device of a row: as it is here by now, with what another tab has written meanwhile. */
    const onTopOf: Writing['onTopOf'] = (id, row, there) => {
      const isOurs = owner === from;
      const was = known.get(keyOf(shelf, id));
      const mine = (isOurs && before.get(shelf)?.get(id)) || row;
      const theirs = isSame(there, was) ? undefined : there;
      const both = theirs && mine ? merged!(mine as never, theirs as never, was as never) : (theirs ?? mine);
      if (isOurs) {
        if (!theirs || holds(shelf, id)) known.set(keyOf(shelf, id), both ?? became.find((each) => each.id === id));
        if (theirs) queueMicrotask(() => owner === from && take(shelf, [both!], [], [mine ?? was!].filter(Boolean)));
      }
      return both;
    };
    for (const row of put) pending.set(keyOf(shelf, row.id), { shelf, row });
    for (const id of gone) pending.delete(keyOf(shelf, id));
    keepRows(from, shelf, { put, gone, left: became, onTopOf: merged && onTopOf }).then(
      () => {
        for (const row of put) if (pending.get(keyOf(shelf, row.id))?.row === row) pending.delete(keyOf(shelf, row.id));
        if (store.getState().owner.storageFull) store.dispatch(storageWorks());
      },
      () => {
        for (const { id } of put) known.delete(keyOf(shelf, id));
        store.dispatch(storageFailed());
      },
    );
  }

  store.subscribe(() => {
    const [was, is] = [before, rowsNow()];
    const now = store.getState().owner.owner;
    before = is;
    // Whoever comes or goes changes nothing of what is kept.
    if (now !== owner) {
      pending.clear();
      known.clear();
      for (const [shelf, rows] of is) for (const [id, row] of rows) known.set(keyOf(shelf, id), row);
    } else if (now !== null)
      for (const shelf of shelves) {
        const [rowsBefore, rows] = [was.get(shelf) ?? NO_ROWS, is.get(shelf) ?? NO_ROWS];
        const changed = [...rows.values()].filter((row) => rowsBefore.get(row.id) !== row);
        const put = taking ? changed.filter((row) => saysMore(shelf, row)) : changed;
        const gone = taking ? [] : [...rowsBefore.keys()].filter((id) => !rows.has(id));
        if (put.length + gone.length > 0) keep(now, shelf, put, gone);
      }
    owner = now;
    if (leaving) writeDown();
  });

  const writeDown = (): void => {
    if (owner === null || pending.size === 0) return;
    writeLeft(owner, [...pending.values()]);
    // There may be no time to look at what is there.
    for (const { shelf, row } of pending.values())
      if (kept[shelf]?.merged) void keepRows(owner, shelf, { put: [row], gone: [] }).catch(() => undefined);
  };
  globalThis.addEventListener?.('pagehide', () => {
    leaving = true;
    writeDown();
  });
  globalThis.addEventListener?.('pageshow', () => void (leaving = false));

  async function hear({ owner: whose, shelf, ids, left }: Written): Promise<void> {
    if (whose !== owner) return;
    const had = before.get(shelf);
    const there = await Promise.all(ids.map((id) => rowOf(whose, shelf, id)));
    if (whose !== owner) return;
    const gone = ids.filter((_id, at) => there[at] === undefined);
    const rows = [...there.flatMap((row) => row ?? []), ...left.filter(({ id }) => gone.includes(id))];
    if (!kept[shelf]?.merged) {
      // What was taken away here while it was read does not come back.
      const taken = ({ id }: Row) => had?.has(id) && !before.get(shelf)?.has(id);
      return take(
        shelf,
        rows.filter((row) => !taken(row)),
        gone,
        [],
      );
    }
    // What is as this tab has left it is no news.
    const news = rows.filter((row) => !isSame(row, known.get(keyOf(shelf, row.id))));
    const were = news.flatMap(({ id }) => known.get(keyOf(shelf, id)) ?? []);
    for (const row of rows) if (holds(shelf, row.id)) known.set(keyOf(shelf, row.id), row);
    // What is gone is told of by what became of it.
    if (news.length > 0) take(shelf, news, [], were);
  }
  // One after the other, in the order in which they were written.
  let hearing = Promise.resolve();
  onWrittenElsewhere((written) => void (hearing = hearing.then(() => hear(written)).catch(() => undefined)));
}
