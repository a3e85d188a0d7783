let keys = false;

const byKeys = () => (keys = true);
const byPointer = () => (keys = false);

/** Begins to notice what things are done with; gives back what ends it. */
export function noticeInput(): () => void {
  window.addEventListener('keydown', byKeys, { capture: true });
  window.addEventListener('pointerdown', byPointer, { capture: true });
  return () => {
    window.removeEventListener('keydown', byKeys, { capture: true });
    window.removeEventListener('pointerdown', byPointer, { capture: true });
  };
}

/** Whether the last thing that was done was done by a key: then a box may be given the keys without a keyboard coming up. */
export const wasByKeys = (): boolean => keys;
