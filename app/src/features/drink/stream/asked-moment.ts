import { createContext, useContext, useSyncExternalStore } from 'react';
import type { MomentView } from './moment-view';

/**
 * The place on the stream that is asked about, for where there is no room beside it to say what is in the pot there:
 * the dark panel says it in place of the figures, and no step is covered.
 */
export class AskedMoment {
  private asked: MomentView | null = null;
  private readonly listeners = new Set<() => void>();

  readonly ask = (moment: MomentView | null): void => {
    if (moment === this.asked) return;
    this.asked = moment;
    for (const listener of this.listeners) listener();
  };

  readonly subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  readonly now = (): MomentView | null => this.asked;
}

/** Nothing where a stream stands by itself, which then says it over itself. */
export const AskedMomentContext = createContext<AskedMoment | null>(null);

const NEVER = () => () => undefined;
const NOTHING = () => null;

/** What is asked about, if anything is. */
export function useAskedMoment(): MomentView | null {
  const asked = useContext(AskedMomentContext);
  return useSyncExternalStore(asked?.subscribe ?? NEVER, asked?.now ?? NOTHING);
}
