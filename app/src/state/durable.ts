/** Small choices that outlive a reload, in the browser's own storage. A storage that is closed keeps nothing and says nothing. */

export function readDurable<Value>(key: string): Value | undefined {
  try {
    const text = localStorage.getItem(key);
    return text === null ? undefined : (JSON.parse(text) as Value);
  } catch {
    return undefined;
  }
}

export function writeDurable(key: string, value: unknown): void {
  try {
    if (value === undefined) localStorage.removeItem(key);
    else localStorage.setItem(key, JSON.stringify(value));
  } catch {
    // Full or closed: it is chosen again.
  }
}
