import './patience';
import '../src/domain/senders';
import { openDB } from 'idb';
import { createStore, type Store } from '../src/domain/store';
import { ownerEntered, ownerLeft } from '../src/state/sync/owner';
import { rowsOf, type Owner } from '../src/state/sync/vault';

/** Two people on one device, each with a kitchen. */
export const INES: Owner = 'ines/skerry';
export const WILF: Owner = 'wilf/harbour';

/** Tabs that are open. */
const tabs: Store[] = [];
export function tab(): Store {
  const store = createStore();
  tabs.push(store);
  return store;
}

/** Somebody comes in on a tab, with what the device has kept for them. */
export async function comesIn(store: Store, owner: Owner): Promise<void> {
  store.dispatch(ownerEntered({ owner, rows: await rowsOf(owner) }));
}
/** A tab that somebody is in; a second one of the same owner is a reload, or another tab. */
export async function tabOf(owner: Owner): Promise<Store> {
  const store = tab();
  await comesIn(store, owner);
  return store;
}
export const goes = (store: Store): void => void store.dispatch(ownerLeft());

/** What is written takes a moment. */
export const written = (ms = 40): Promise<void> => new Promise((resolve) => setTimeout(resolve, ms));

/** What becomes true when a busy machine has come to it: looked at until it holds, at most so long. */
export async function eventually(holds: () => void, limit_ms = 8000): Promise<void> {
  for (const until = Date.now() + limit_ms; ; await written(25)) {
    try {
      return holds();
    } catch (error) {
      if (Date.now() > until) throw error;
    }
  }
}

/** Closes all tabs and throws away what the device has kept, between tests. */
export async function emptyDevice(): Promise<void> {
  for (const store of tabs.splice(0)) goes(store);
  await written();
  const db = await openDB('wellhydra', 1, { upgrade: (fresh) => void fresh.createObjectStore('rows') });
  await db.clear('rows');
  db.close();
}
