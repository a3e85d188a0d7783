import { nanoid } from '@reduxjs/toolkit';

/** What the buttons on notices do, by name: functions do not belong in the store. */
const actions = new Map<string, () => void>();
const MOST_KEPT = 20;

/** Keeps something to do later, and returns its name. */
export function keepAction(run: () => void): string {
  const name = nanoid();
  actions.set(name, run);
  const [oldest] = actions.keys();
  if (actions.size > MOST_KEPT && oldest) actions.delete(oldest);
  return name;
}

/** Does what was kept under a name, once. */
export function runAction(name: string): void {
  const run = actions.get(name);
  actions.delete(name);
  run?.();
}
