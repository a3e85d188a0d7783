/** Whether what had the keys is gone, so that they would begin at the top of the page. */
export function focusIsLost(): boolean {
  const { activeElement, body } = globalThis.document;
  return activeElement === null || activeElement === body || !activeElement.isConnected;
}
