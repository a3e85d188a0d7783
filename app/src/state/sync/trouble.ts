import type { Failure } from '../api';

/** Why something that is to be sent is still here. It waits in each of these, and is never thrown away. */
export type Trouble =
  /** Nothing answered at all. */
  | 'no-connection'
  /** The server answered that it failed. */
  | 'server-failed'
  /** Nobody is signed in here any more. */
  | 'signed-out'
  /** Somebody else is signed in here: it waits for its owner. */
  | 'other-session';

/** What becomes of something that could not be sent. */
export type Outcome =
  | {
      readonly kind: 'wait';
      readonly trouble: Trouble;
      /** It may be due to what is sent, and then it would be so for ever. */
      readonly perhapsItsOwn: boolean;
    }
  /** Saved by somebody else since: merged with theirs, and sent again. */
  | { readonly kind: 'merge' }
  /** It can never be stored as it is: set aside with its reason, so that the rest goes on. */
  | { readonly kind: 'refused'; readonly message: string };

const WAITS: Readonly<Partial<Record<Failure['code'], Trouble>>> = {
  offline: 'no-connection',
  'database-unavailable': 'server-failed',
  'too-many-requests': 'server-failed',
  unexpected: 'server-failed',
  'takes-too-long': 'server-failed',
  'not-signed-in': 'signed-out',
  'other-session': 'other-session',
};

/** A busy server fails on anything; something that it cannot do it fails on every time. */
const PERHAPS_ITS_OWN: ReadonlySet<Failure['code']> = new Set(['unexpected', 'takes-too-long'] as const);

/** The one classification of failures, for everything that is sent. */
export function outcomeOf({ code, message }: Failure): Outcome {
  const trouble = WAITS[code];
  if (trouble) return { kind: 'wait', trouble, perhapsItsOwn: PERHAPS_ITS_OWN.has(code) };
  return code === 'edited-elsewhere' ? { kind: 'merge' } : { kind: 'refused', message };
}

/** What is said of it, before what is kept and for how long. */
export const TROUBLE_WORDS: Readonly<Record<Trouble, { readonly says: string; readonly until: string }>> = {
  'no-connection': { says: 'No connection.', until: 'when it is back' },
  'server-failed': { says: 'The server has trouble.', until: 'when it is well again' },
  'signed-out': { says: 'You are signed out here.', until: 'once you are in' },
  'other-session': { says: 'Somebody else is signed in on this device.', until: 'once you are in again' },
};

/** What is said of a document that could not be stored. */
export function keptWords(stuck: Trouble | 'refused', message: string): string {
  if (stuck === 'refused') return `Kept on this device: ${message}`;
  const { says, until } = TROUBLE_WORDS[stuck];
  return `Kept on this device: ${says} Sent ${until}`;
}
