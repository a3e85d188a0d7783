import { createCipheriv, createDecipheriv, hkdfSync, randomBytes } from 'node:crypto';
import { hashRaw } from '@node-rs/argon2';
import type { SealedPeople } from '@wellhydra/contract';
import type { Household } from '@wellhydra/core/household';
import { Problem } from '../problem';

/**
 * People under a passphrase. They are sealed with a key of their own (AES-256-GCM). That key is kept twice, and never as it
 * is: with the people, sealed by the passphrase (Argon2id, RFC 9106); and with each session that opened them, sealed by the
 * session's token (HKDF, RFC 5869), of which only a hash is stored. Whoever has the database has neither.
 */

const CIPHER = 'aes-256-gcm';
const KEY_bytes = 32;
const NONCE_bytes = 12;
const TAG_bytes = 16;
const SALT_bytes = 16;
/** Argon2id as OWASP asks for it at the least, twice over: a passphrase is opened once for a session. */
const SLOW = { memoryCost: 38_912, timeCost: 2, parallelism: 1, outputLen: KEY_bytes } as const;

function seal(key: Buffer, what: Buffer): Buffer {
  const nonce = randomBytes(NONCE_bytes);
  const cipher = createCipheriv(CIPHER, key, nonce, { authTagLength: TAG_bytes });
  return Buffer.concat([nonce, cipher.update(what), cipher.final(), cipher.getAuthTag()]);
}

/** Null where the key is another, or what was sealed has been changed. */
function unseal(key: Buffer, sealed: Buffer): Buffer | null {
  if (sealed.length < NONCE_bytes + TAG_bytes) return null;
  const cipher = createDecipheriv(CIPHER, key, sealed.subarray(0, NONCE_bytes), { authTagLength: TAG_bytes });
  cipher.setAuthTag(sealed.subarray(-TAG_bytes));
  try {
    return Buffer.concat([cipher.update(sealed.subarray(NONCE_bytes, -TAG_bytes)), cipher.final()]);
  } catch {
    return null;
  }
}

const ofPassphrase = (passphrase: string, salt: Buffer): Promise<Buffer> =>
  // The same letters, however a keyboard puts their signs together.
  hashRaw(passphrase.normalize('NFKC'), { ...SLOW, salt });
const ofToken = (token: string): Buffer =>
  Buffer.from(hkdfSync('sha256', token, Buffer.alloc(0), 'wellhydra people of a session', KEY_bytes));

/** People as they stand in the database. */
export type StoredPeople = Household | SealedPeople | null;

export const isSealed = (people: StoredPeople): people is SealedPeople => people !== null && 'sealed' in people;

/** A key that opens nothing yet. */
export const newPeopleKey = (): Buffer => randomBytes(KEY_bytes);

/** Seals the people with their key, under a passphrase. */
export async function sealUnder(passphrase: string, key: Buffer, people: Household | null): Promise<SealedPeople> {
  const salt = randomBytes(SALT_bytes);
  const under = seal(await ofPassphrase(passphrase, salt), key);
  return { sealed: { salt: salt.toString('base64'), key: under.toString('base64'), people: sealedText(key, people) } };
}

const sealedText = (key: Buffer, people: Household | null): string =>
  seal(key, Buffer.from(JSON.stringify(people))).toString('base64');

/** What is sealed; nothing where the key is another. */
export function openedPeople({ sealed }: SealedPeople, key: Buffer): { readonly people: Household | null } | null {
  const opened = unseal(key, Buffer.from(sealed.people, 'base64'));
  return opened && { people: JSON.parse(opened.toString()) as Household | null };
}

/** The key of the people by their passphrase; null where that is another. */
export const keyUnder = async (passphrase: string, { sealed }: SealedPeople): Promise<Buffer | null> =>
  unseal(await ofPassphrase(passphrase, Buffer.from(sealed.salt, 'base64')), Buffer.from(sealed.key, 'base64'));

/** A key as a session keeps it, and back; null where it was kept by another. */
export const keyForSession = (key: Buffer, token: string): Buffer => seal(ofToken(token), key);
export const keyOfSession = (kept: Buffer, token: string): Buffer | null => unseal(ofToken(token), kept);

/** The people as they are stored, by the key of a session. @throws Problem `people-locked` where it does not open them */
export function peopleBy(people: StoredPeople, key: Buffer | null): Household | null {
  if (!isSealed(people)) return people;
  const opened = key && openedPeople(people, key);
  if (!opened) throw new Problem('people-locked');
  return opened.people;
}

/** People in the form in which those before them are stored. @throws Problem `people-locked` where the key does not open these */
export function likeStored(before: StoredPeople, key: Buffer | null, people: Household): Household | SealedPeople {
  peopleBy(before, key);
  return isSealed(before) ? { sealed: { ...before.sealed, people: sealedText(key!, people) } } : people;
}
