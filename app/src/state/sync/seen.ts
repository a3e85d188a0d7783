import { openDB, type DBSchema, type IDBPDatabase } from 'idb';
import type { Owner } from './row';

/**
 * What the server last answered, so that a page opens without it: in a database of its own, which can be lost at any
 * time. What is typed or done here is kept in the vault, and never here.
 */

/** An answer as it came. */
export interface Seen {
  readonly owner: Owner;
  /** What was asked. */
  readonly asked: string;
  /** When it was answered, ms. */
  readonly at: number;
  readonly data: unknown;
}

interface SeenSchema extends DBSchema {
  answers: { key: [Owner, string]; value: Seen; indexes: { 'by-age': [Owner, number] } };
}

const NAME = 'wellhydra-seen';
const STORE = 'answers';
/** So many answers are kept for somebody; the oldest go first. */
const MOST = 400;

let opening: Promise<IDBPDatabase<SeenSchema>> | undefined;
function database(): Promise<IDBPDatabase<SeenSchema>> {
  opening ??= openDB<SeenSchema>(NAME, 1, {
    upgrade: (fresh) =>
      void fresh.createObjectStore(STORE, { keyPath: ['owner', 'asked'] }).createIndex('by-age', ['owner', 'at']),
  }).catch((error: unknown) => {
    opening = undefined;
    throw error;
  });
  return opening;
}

/** Answers that are written already, as text: what a poll brings once more is not written once more. */
const written = new Map<string, string>();

/** Keeps an answer; where nothing can be kept, nothing is. */
export async function keepSeen(owner: Owner, asked: string, data: unknown): Promise<void> {
  const key = `${owner} ${asked}`;
  const text = JSON.stringify(data);
  if (written.get(key) === text) return;
  try {
    const db = await database();
    await db.put(STORE, { owner, asked, at: Date.now(), data });
    written.set(key, text);
    await forgetOldest(db, owner);
  } catch {
    // A full disk, or a browser that keeps nothing: it is asked for again.
  }
}

async function forgetOldest(db: IDBPDatabase<SeenSchema>, owner: Owner): Promise<void> {
  const range = IDBKeyRange.bound([owner], [owner, []]);
  const over = (await db.countFromIndex(STORE, 'by-age', range)) - MOST;
  if (over <= 0) return;
  for (const key of await db.getAllKeysFromIndex(STORE, 'by-age', range, over)) {
    written.delete(key.join(' '));
    await db.delete(STORE, key);
  }
}

/** What was last answered; undefined where it never was. */
export async function seenBefore(owner: Owner, asked: string): Promise<Seen | undefined> {
  try {
    return await (await database()).get(STORE, [owner, asked]);
  } catch {
    return undefined;
  }
}

/** Forgets what was seen, of everybody: nobody is in any more. */
export async function forgetSeen(): Promise<void> {
  written.clear();
  try {
    await (await database()).clear(STORE);
  } catch {
    // Nothing was kept, then.
  }
}
