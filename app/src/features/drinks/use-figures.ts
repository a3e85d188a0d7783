import { useEffect, useState } from 'react';
import type { FiguresOf } from './drinks-view';

/** Kept once it is here, so that coming back to the list does not wait for it again. */
let loaded: FiguresOf | null = null;

/** The reckoning behind the list, or null until it has been fetched: the list stands without it. */
export function useFigures(): FiguresOf | null {
  const [figuresOf, setFiguresOf] = useState(() => loaded);
  useEffect(() => {
    if (loaded) return;
    void import('../shell/second-load').then(
      (module) => {
        loaded = module.figuresOf;
        setFiguresOf(() => module.figuresOf);
      },
      // Without a network the names are there, and the figures come with the next visit.
      () => undefined,
    );
  }, []);
  return figuresOf;
}
