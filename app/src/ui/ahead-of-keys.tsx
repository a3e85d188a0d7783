import { useEffect, useReducer } from 'react';

/**
 * Draws nothing, and lets the page catch up before each key. A part that has just been drawn hears the store and the
 * keys only a moment later; on a slow device that moment is long, and what was typed in it would be taken back.
 */
export function AheadOfKeys() {
  // Whatever else waits is done before this is drawn anew.
  const [, catchUp] = useReducer((times: number) => times + 1, 0);
  useEffect(() => {
    const events = ['keydown', 'beforeinput'] as const;
    for (const event of events) window.addEventListener(event, catchUp, { capture: true });
    return () => {
      for (const event of events) window.removeEventListener(event, catchUp, { capture: true });
    };
  }, []);
  return null;
}
