import { useEffect } from 'react';
import { focusIsLost } from '../../ui/focus';
import { noticeInput } from '../../ui/last-input';

/** So long a page that comes in parts may take until it stands, and so often it is looked at, ms. */
const STANDS_ms = 2400;
const LOOK_EVERY_ms = 80;

/** After going to another page the keys are in it, unless it has given them to something itself. */
export function useKeysOnPage(path: string): void {
  useEffect(noticeInput, []);
  useEffect(() => {
    const began = performance.now();
    const timer = setInterval(() => {
      const main = document.querySelector<HTMLElement>('[role=main]');
      if (main && focusIsLost()) {
        main.tabIndex = -1;
        main.focus({ preventScroll: true });
      }
      if (performance.now() - began > STANDS_ms) clearInterval(timer);
    }, LOOK_EVERY_ms);
    return () => clearInterval(timer);
  }, [path]);
}
