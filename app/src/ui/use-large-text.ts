import { useSyncExternalStore } from 'react';

/** From letters of this size on, what stood in one line has two, px of the browser's own. */
const LARGE_px = 22;

const isLarge = (): boolean =>
  typeof document !== 'undefined' && parseFloat(getComputedStyle(document.documentElement).fontSize) >= LARGE_px;

const listeners = new Set<() => void>();
let large: boolean | undefined;

/** One place that is as high as a letter is told of every change of it. */
function watch(): void {
  if (large !== undefined) return;
  large = isLarge();
  if (typeof ResizeObserver === 'undefined') return;
  const ruler = document.createElement('div');
  ruler.style.cssText = 'position:absolute;visibility:hidden;width:1px;height:1rem';
  ruler.setAttribute('aria-hidden', 'true');
  document.body.append(ruler);
  new ResizeObserver(() => {
    large = isLarge();
    for (const listener of listeners) listener();
  }).observe(ruler);
}

const subscribe = (listener: () => void) => {
  watch();
  listeners.add(listener);
  return () => void listeners.delete(listener);
};

/** Whether whoever looks has asked for letters so large that a line holds half of what it did. */
export const useHasLargeText = (): boolean => useSyncExternalStore(subscribe, () => large ?? isLarge());
