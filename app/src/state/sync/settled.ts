import type { Aside, Queue } from './queue';

interface StoreOfQueue {
  readonly getState: () => { readonly queue: Queue };
  readonly subscribe: (listener: () => void) => () => void;
}

/** What became of an entry as far as can be said now: it is stored, it waits, or it was set aside with a reason. */
export type Settled =
  { readonly kind: 'sent' } | { readonly kind: 'waits' } | { readonly kind: 'aside'; readonly aside: Aside };

function settledNow({ entries, aside, trouble }: Queue, id: string): Settled | undefined {
  const refused = aside.find((each) => each.id === id);
  if (refused) return { kind: 'aside', aside: refused };
  if (!entries.some((entry) => entry.id === id)) return { kind: 'sent' };
  return trouble ? { kind: 'waits' } : undefined;
}

/** For whoever stands in front of it: resolves once it is known what becomes of an entry. */
export function settled(store: StoreOfQueue, id: string): Promise<Settled> {
  return new Promise((resolve) => {
    const now = settledNow(store.getState().queue, id);
    if (now) return resolve(now);
    const stop = store.subscribe(() => {
      const then = settledNow(store.getState().queue, id);
      if (!then) return;
      stop();
      resolve(then);
    });
  });
}
