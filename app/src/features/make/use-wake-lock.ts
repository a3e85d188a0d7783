import { useEffect } from 'react';

/** Keeps the screen awake while something is made; where a browser cannot, it sleeps as usual. */
export function useWakeLock(): void {
  useEffect(() => {
    let lock: WakeLockSentinel | undefined;
    let gone = false;
    const take = async () => {
      if (document.visibilityState !== 'visible' || !('wakeLock' in navigator)) return;
      try {
        const taken = await navigator.wakeLock.request('screen');
        if (gone) await taken.release();
        else lock = taken;
      } catch {
        // Low battery, or not allowed here.
      }
    };
    const shown = () => void take();
    void take();
    // A lock ends when the page is hidden.
    document.addEventListener('visibilitychange', shown);
    return () => {
      gone = true;
      document.removeEventListener('visibilitychange', shown);
      void lock?.release();
    };
  }, []);
}
