import { TROUBLE_WORDS } from '../../../state/sync/trouble';
import type { Draft } from '../../../domain/drinks/drafts';

/** Something is typed that is not stored yet. */
export const SAVING = 'Saving';

/** How things stand between this screen and the server, in a few words. */
export function saveState({ unsent, stuck, revision }: Pick<Draft, 'unsent' | 'stuck' | 'revision'>): string {
  if (!unsent) return `Version ${revision} · saved`;
  if (stuck === null) return SAVING;
  if (stuck === 'refused') return 'Not saved: the server refused it';
  const { says, until } = TROUBLE_WORDS[stuck];
  return `${says} Kept on this device, sent ${until}`;
}
