import type { AuditLine, KitchenDetails, Role } from '@wellhydra/contract';
import { momentWords } from '../../../domain/words/moment-words';
import type { Entry } from '../../../state/sync/queue';

export const ROLE_WORDS: Readonly<Record<Role, string>> = {
  owner: 'owns the kitchen',
  maker: 'makes drinks here',
  drinker: 'drinks what is made here',
};

/** As one chooses it. */
export const ROLE_NAMES: Readonly<Record<Role, string>> = { owner: 'Owner', maker: 'Maker', drinker: 'Drinker' };

/**
 * What a member does here, and how they are reached.
 *
 * @param waits what is done about members and cannot be sent yet: until it is, everybody is what they were
 */
export function memberWords(
  { id, role, email }: KitchenDetails['members'][number],
  waits: readonly Pick<Entry, 'kind' | 'body'>[],
): string {
  const kinds = waits.filter(({ body }) => (body as { readonly id?: string }).id === id).map(({ kind }) => kind);
  if (kinds.includes('member-removed')) return `is taken out as soon as that is sent · ${email}`;
  return `${ROLE_WORDS[role]}${kinds.includes('role-changed') ? ' as soon as that is sent' : ''} · ${email}`;
}

type Deed = Pick<AuditLine, 'by' | 'about'> & { readonly whom: string };

/** What was done, by whom, as a sentence. */
const DEEDS: Readonly<Record<AuditLine['kind'], (deed: Deed) => string>> = {
  joined: ({ by, about }) => (about === 'drinker' ? `${by} joined to drink` : `${by} joined`),
  'role-changed': ({ by, whom, about }) => `${by}: ${whom} ${ROLE_WORDS[about as Role] ?? about} from now on`,
  removed: ({ by, whom }) => `${by} took ${whom} out of the kitchen`,
  left: ({ by }) => `${by} left`,
  'invitation-replaced': ({ by }) => `${by} replaced the invitation`,
  'password-changed': ({ by, about }) => `${by} took a new password${about ? ` ${about}` : ''}`,
  'signed-out-elsewhere': ({ by }) => `${by} signed out everywhere else`,
  'account-deleted': ({ by }) => `${by} deleted their account`,
  'archive-saved': ({ by }) => `${by} saved the kitchen as a file`,
  'archive-brought-in': ({ by, about }) =>
    about === 'replace' ? `${by} put a kitchen from a file in place of this one` : `${by} added a kitchen from a file`,
  'archive-taken-back': ({ by }) => `${by} took the file back that was brought in`,
  'people-locked': ({ by, about }) => `${by} put the people under ${about ? 'another' : 'a'} passphrase`,
  'people-unlocked': ({ by }) => `${by} took the passphrase off the people`,
  'people-forgotten': ({ by }) => `${by} forgot the people whose passphrase nobody knew`,
};

export interface DeedView {
  readonly id: string;
  readonly words: string;
  readonly when: string;
}

export const deedView = ({ id, at, kind, by, whom, about }: AuditLine, now: Date): DeedView => ({
  id,
  words: DEEDS[kind]({ by, whom: whom ?? by, about }),
  when: momentWords(new Date(at), now),
});

/** What a browser runs on, by how it calls itself. */
const DEVICES: readonly (readonly [RegExp, string])[] = [
  [/iphone|mobile/i, 'A phone'],
  [/ipad|tablet|android/i, 'A tablet'],
  [/windows|mac os|linux|cros/i, 'A computer'],
];
export const deviceWords = (device: string): string =>
  DEVICES.find(([pattern]) => pattern.test(device))?.[1] ?? 'Some device';
