import { useEffect, useSyncExternalStore } from 'react';

let pages = 0;
const listeners = new Set<() => void>();

function count(by: number): void {
  pages += by;
  for (const listener of listeners) listener();
}

const subscribe = (listener: () => void) => {
  listeners.add(listener);
  return () => void listeners.delete(listener);
};

/**
 * Asks for the whole screen, while something is typed on a phone or a tool stands beside a page: what stands around
 * the page gives way.
 */
export function useAskToBeAlone(alone: boolean): void {
  useEffect(() => {
    if (!alone) return undefined;
    count(1);
    return () => count(-1);
  }, [alone]);
}

/** Whether the page that is open has asked for the whole screen. */
export const useIsPageAlone = (): boolean => useSyncExternalStore(subscribe, () => pages > 0);
