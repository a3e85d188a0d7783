import { randomBytes } from 'node:crypto';

/** A code that can be read aloud: no 0/O, no 1/I. */
function newCode(): string {
  const letters = 'ABCDEFGHJKLMNPQRSTUVWXYZ23456789';
  return Array.from(randomBytes(10), (byte) => letters[byte % letters.length]).join('');
}

/** The codes that let makers and drinkers into a kitchen. */
export const newInvitations = () => ({ invitation: newCode(), drinkerInvitation: newCode() });
