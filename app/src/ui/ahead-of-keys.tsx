import { useEffect, useReducer } from 'react';

const EVENTS = ['keydown', 'beforeinput'] as const;

/**
 * Draws nothing, and lets the page catch up before each key. A part that has just been drawn hears the store and the
 * keys only a moment later; on a slow device that moment is long, and what was typed in it would be taken back.
 */
export function AheadOfKeys() {
  // Whatever else waits is done before this is drawn anew.
  const [, catchUp] = useReducer((times: number) => times + 1, 0);
  useEffect(() => {
    let box: EventTarget | null = null;
    const pressed = ({ target }: Event) => {
      // A box that was typed into before hears everything already.
      if (target === box) return;
      box = (target as Element).matches?.('input, textarea') ? target : null;
      catchUp();
    };
    for (const event of EVENTS) window.addEventListener(event, pressed, { capture: true });
    return () => {
      for (const event of EVENTS) window.removeEventListener(event, pressed, { capture: true });
    };
  }, []);
  return null;
}
