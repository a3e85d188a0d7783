import type { Draft } from './drafts';

/** How things stand between this screen and the server, in a few words. */
export function saveState({ unsent, stuck, revision }: Pick<Draft, 'unsent' | 'stuck' | 'revision'>): string {
  if (stuck === 'refused' && unsent) return 'Not saved: the server refused it';
  if (stuck === 'offline' && unsent) return 'No connection. Kept on this device, sent when it is back';
  if (unsent) return 'Saving';
  return `Version ${revision} · saved`;
}
