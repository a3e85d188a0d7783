import type { Draft } from './drafts';

/** Something is typed that is not stored yet. */
export const SAVING = 'Saving';

/** How things stand between this screen and the server, in a few words. */
export function saveState({ unsent, stuck, revision }: Pick<Draft, 'unsent' | 'stuck' | 'revision'>): string {
  if (stuck === 'refused' && unsent) return 'Not saved: the server refused it';
  if (stuck === 'offline' && unsent) return 'No connection. Kept on this device, sent when it is back';
  if (unsent) return SAVING;
  return `Version ${revision} · saved`;
}
