/** Whether what had the keys is gone, so that they would begin at the top of the page. */
export function focusIsLost(): boolean {
  const { activeElement, body } = globalThis.document;
  return activeElement === null || activeElement === body || !activeElement.isConnected;
}

/** Once the page has followed, and what gives the keys back has done so. */
export const afterwards = (run: () => void) => requestAnimationFrame(() => requestAnimationFrame(run));

/** For a place whose buttons leave the keys where they are, and whose words are not selected by a pull. */
export const KEEPS_FOCUS = { onMouseDown: (event: { preventDefault: () => void }) => event.preventDefault() } as object;
