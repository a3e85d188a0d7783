/** The row of a step on the page. */
export const rowElement = (id: string | undefined): HTMLElement | null =>
  globalThis.document.getElementById(`row-${id}`);
