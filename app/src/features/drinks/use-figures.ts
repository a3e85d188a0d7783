import type { DrinkDocument } from '@wellhydra/core/drink';
import type { KitchenSettings } from '@wellhydra/core/kitchen';
import { useEffect, useMemo, useState } from 'react';
import type { FiguresOf } from './drinks-view';

type FiguresIn = (settings: KitchenSettings | null, documents: readonly DrinkDocument[]) => FiguresOf;

/** Kept once it is here, so that coming back to the list does not wait for it again. */
let loaded: FiguresIn | null = null;

/** The reckoning behind the list, or null until it has been fetched: the list stands without it. */
export function useFigures(settings: KitchenSettings | null, documents: readonly DrinkDocument[]): FiguresOf | null {
  const [figuresIn, setFiguresIn] = useState(() => loaded);
  useEffect(() => {
    if (loaded) return;
    void import('../shell/second-load').then(
      (module) => {
        loaded = module.figuresIn;
        setFiguresIn(() => module.figuresIn);
      },
      // Without a network the names are there, and the figures come with the next visit.
      () => undefined,
    );
  }, []);
  return useMemo(() => figuresIn?.(settings, documents) ?? null, [figuresIn, settings, documents]);
}
