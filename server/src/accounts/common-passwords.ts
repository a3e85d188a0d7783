import { dictionary } from '@zxcvbn-ts/language-common';
import { Problem } from '../problem';

/** Passwords that are tried first. Source: the list of the commonest ones that ships with @zxcvbn-ts/language-common. */
const COMMON: ReadonlySet<string> = new Set((dictionary['passwords-common'] as readonly string[]).map(String));

/** What is put behind a common word to make it long enough, or before it. */
const PADDING = /^[\d\W_]+|[\d\W_]+$/g;

/**
 * Whether a password is one that is tried first: a common one, also with figures around it or written twice, one
 * letter over and over, or what everybody knows of the person.
 *
 * @param own e-mail, name and kitchen of whoever wants it
 */
export function isCommonPassword(password: string, own: readonly string[]): boolean {
  const plain = password.toLowerCase().trim();
  const core = plain.replace(PADDING, '');
  const half = plain.slice(0, plain.length / 2);
  const isTwice = plain.length % 2 === 0 && plain === half + half;
  const known = own.flatMap((text) => [text.toLowerCase(), ...text.toLowerCase().split(/[@\s.]+/)]);
  return (
    [plain, core, ...(isTwice ? [half] : [])].some((each) => each.length > 0 && COMMON.has(each)) ||
    new Set(plain).size < 4 ||
    known.some((each) => each.length > 3 && (each === plain || each === core))
  );
}

/**
 * Throws `invalid-request` for a password that is tried first.
 *
 * @param at where it stands in the request
 */
export function refuseCommonPassword(password: string, own: readonly string[], at: string): void {
  if (isCommonPassword(password, own))
    throw new Problem(
      'invalid-request',
      [{ at, message: 'is one of the commonest' }],
      'This password is one of those that are tried first. Four words that have nothing to do with each other are a good one.',
    );
}
