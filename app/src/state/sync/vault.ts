import { openDB, unwrap, type IDBPDatabase } from 'idb';
import { takeLeft } from './leaving';
import { SHELVES, type Owner, type Row, type Shelf } from './row';

/**
 * What must outlive a reload, a dead network and somebody else on the device: rows in IndexedDB, each with its owner
 * (an account in a kitchen). A row is only ever removed by name, by its owner's own tab, once it is stored elsewhere.
 */

export type { Owner, Row, Shelf } from './row';
export type Rows = Readonly<Record<Shelf, readonly Row[]>>;
const emptyRows = (): Record<Shelf, Row[]> =>
  Object.fromEntries(SHELVES.map((shelf) => [shelf, [] as Row[]])) as Record<Shelf, Row[]>;
export const NO_ROWS: Rows = emptyRows();

/** What a tab has written, for the others. */
export interface Written {
  readonly owner: Owner;
  readonly shelf: Shelf;
  readonly ids: readonly string[];
  /** What became of those that need not be kept any more, where it is known. */
  readonly left: readonly Row[];
}

/** What is written on a shelf. */
export interface Writing {
  readonly put: readonly Row[];
  readonly gone: readonly string[];
  readonly left?: readonly Row[];
  /** What is to be there in place of what is: another tab may have written meanwhile. */
  readonly onTopOf?: ((id: string, row: Row | undefined, there: Row | undefined) => Row | undefined) | undefined;
}

const NAME = 'wellhydra';
const STORE = 'rows';
const channel = typeof BroadcastChannel === 'undefined' ? undefined : new BroadcastChannel('wellhydra.rows');

let opened: IDBPDatabase | undefined;
let opening: Promise<IDBPDatabase> | undefined;

function database(): Promise<IDBPDatabase> {
  opening ??= openDB(NAME, 1, {
    upgrade: (fresh) => void fresh.createObjectStore(STORE),
    // Another version of the application wants it: let go, and open it anew when it is needed.
    blocking: () => {
      opened?.close();
      opened = undefined;
      opening = undefined;
    },
  }).then(
    (db) => (opened = db),
    (error: unknown) => {
      opening = undefined;
      throw error;
    },
  );
  return opening;
}

type Key = readonly [Owner, Shelf, string];

function write(db: IDBPDatabase, owner: Owner, shelf: Shelf, { put, gone, onTopOf }: Writing): Promise<void> {
  const transaction = db.transaction(STORE, 'readwrite', { durability: 'relaxed' });
  const store = unwrap(transaction.store);
  function set(id: string, row: Row | undefined): void {
    const key = [owner, shelf, id] satisfies Key;
    const write = (then: Row | undefined) => (then ? store.put(then, key) : store.delete(key));
    if (!onTopOf) return void write(row);
    const asked = store.get(key) as IDBRequest<Row | undefined>;
    asked.onsuccess = () => void write(onTopOf(id, row, asked.result));
  }
  for (const row of put) set(row.id, row);
  for (const id of gone) set(id, undefined);
  // A page that is being left has no time for another turn.
  if (!onTopOf) transaction.commit();
  return transaction.done;
}

/**
 * Writes rows and removes others, at once where the database is open already: a page that is being left still writes.
 *
 * @returns rejects where nothing can be written: a full disk, or a browser that keeps nothing
 */
export function keepRows(owner: Owner, shelf: Shelf, rows: Writing): Promise<void> {
  const { put, gone, left = [] } = rows;
  const written: Written = { owner, shelf, ids: [...put.map(({ id }) => id), ...gone], left };
  if (written.ids.length === 0) return Promise.resolve();
  // What is thrown is rejected: no step is undone because it cannot be written down.
  const writing = new Promise<void>((resolve) =>
    resolve(opened ? write(opened, owner, shelf, rows) : database().then((db) => write(db, owner, shelf, rows))),
  );
  return writing.then(() => channel?.postMessage(written));
}

/** Everything that is kept for an owner. */
export async function rowsOf(owner: Owner): Promise<Rows> {
  const db = await database();
  const range = IDBKeyRange.bound([owner], [owner, []]);
  const [keys, rows] = await Promise.all([db.getAllKeys(STORE, range), db.getAll(STORE, range)]);
  const found = emptyRows();
  keys.forEach((key, index) => {
    const [, shelf] = key as unknown as Key;
    found[shelf]?.push(rows[index] as Row);
  });
  for (const { shelf, row } of takeLeft(owner)) {
    found[shelf] = [...(found[shelf] ?? []).filter(({ id }) => id !== row.id), row];
    await keepRows(owner, shelf, { put: [row], gone: [] }).catch(() => undefined);
  }
  return found;
}

/** One row of an owner, as it is now. */
export async function rowOf(owner: Owner, shelf: Shelf, id: string): Promise<Row | undefined> {
  return (await database()).get(STORE, [owner, shelf, id] satisfies Key as never) as Promise<Row | undefined>;
}

/** Calls back when another tab of this device has written. */
export function onWrittenElsewhere(heard: (written: Written) => void): () => void {
  const listen = ({ data }: MessageEvent<Written>) => heard(data);
  channel?.addEventListener('message', listen);
  return () => channel?.removeEventListener('message', listen);
}
