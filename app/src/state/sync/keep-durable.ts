import type { UnknownAction } from '@reduxjs/toolkit';
import { writeLeft, type LeftRow } from './leaving';
import { rowsWrittenElsewhere, storageFailed, storageWorks, type OwnerState } from './owner';
import { keepRows, onWrittenElsewhere, rowOf, type Row, type Shelf } from './vault';

/** What of a state is kept on which shelf. */
export type Kept<State> = Readonly<Partial<Record<Shelf, (state: State) => readonly Row[]>>>;

interface StoreOf<State> {
  readonly getState: () => State;
  readonly dispatch: (action: UnknownAction) => unknown;
  readonly subscribe: (listener: () => void) => unknown;
}

/**
 * Keeps what a store holds on the device, row by row, and takes over what other tabs write.
 *
 * @param kept rows of each shelf; a row that is the same object as before has not changed
 */
export function keepDurable<State extends { readonly owner: OwnerState }>(
  store: StoreOf<State>,
  kept: Kept<State>,
): void {
  const shelves = Object.entries(kept) as readonly (readonly [Shelf, (state: State) => readonly Row[]])[];
  let before = new Map<Shelf, ReadonlyMap<string, Row>>();
  let owner: string | null = null;
  /** While what another tab has written is taken over, it is not written again. */
  let taking = false;
  /** Rows that are not known to be written yet. */
  const pending = new Map<string, LeftRow>();
  let leaving = false;

  const rowsNow = () =>
    new Map(shelves.map(([shelf, of]) => [shelf, new Map(of(store.getState()).map((row) => [row.id, row]))] as const));

  store.subscribe(() => {
    const after = rowsNow();
    const now = store.getState().owner.owner;
    // Whoever comes or goes changes nothing of what is kept.
    if (now === owner && now !== null && !taking)
      for (const [shelf] of shelves) {
        const [was, is] = [before.get(shelf)!, after.get(shelf)!];
        const put = [...is.values()].filter((row) => was.get(row.id) !== row);
        const gone = [...was.keys()].filter((id) => !is.has(id));
        for (const row of put) pending.set(`${shelf} ${row.id}`, { shelf, row });
        for (const id of gone) pending.delete(`${shelf} ${id}`);
        if (put.length + gone.length > 0)
          keepRows(now, shelf, { put, gone }).then(
            () => {
              for (const row of put)
                if (pending.get(`${shelf} ${row.id}`)?.row === row) pending.delete(`${shelf} ${row.id}`);
              if (store.getState().owner.storageFull) store.dispatch(storageWorks());
            },
            () => store.dispatch(storageFailed()),
          );
      }
    before = after;
    if (now !== owner) pending.clear();
    owner = now;
    if (leaving) writeDown();
  });

  const writeDown = (): void => {
    if (owner !== null && pending.size > 0) writeLeft(owner, [...pending.values()]);
  };
  globalThis.addEventListener?.('pagehide', () => {
    leaving = true;
    writeDown();
  });
  globalThis.addEventListener?.('pageshow', () => void (leaving = false));

  onWrittenElsewhere((written) => {
    void (async () => {
      if (written.owner !== store.getState().owner.owner) return;
      const rows = await Promise.all(written.ids.map((id) => rowOf(written.owner, written.shelf, id)));
      if (written.owner !== store.getState().owner.owner) return;
      taking = true;
      store.dispatch(
        rowsWrittenElsewhere({
          shelf: written.shelf,
          rows: rows.flatMap((row) => row ?? []),
          gone: written.ids.filter((_id, index) => rows[index] === undefined),
        }),
      );
      taking = false;
    })();
  });
}
