import { useCallback, useLayoutEffect, useRef } from 'react';

/** Whoever is about to press needs this long to see that the page has changed under the thumb, ms. */
export const UNSEEN_ms = 700;

/**
 * Tells a page that was turned here from one that another phone put on the screen: `turned` is called with whatever is
 * done here, and `seen` says whether the page has stood long enough for a press to be meant for it.
 */
export function useSeen(page: string | undefined) {
  const shown = useRef(page);
  const here = useRef(false);
  const changedAt = useRef(-Infinity);
  useLayoutEffect(() => {
    if (page !== shown.current && !here.current) changedAt.current = performance.now();
    shown.current = page;
    here.current = false;
  });
  const turned = useCallback(() => void (here.current = true), []);
  // Whoever types on a page has seen it.
  const touched = useCallback(() => void (changedAt.current = -Infinity), []);
  const seen = useCallback(() => performance.now() - changedAt.current >= UNSEEN_ms, []);
  return { turned, touched, seen };
}
