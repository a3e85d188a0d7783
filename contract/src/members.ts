import { newPassword } from './accounts';
import { id, name, page, timestamp } from './common';
import { PASSWORD_LENGTH } from './field-limits';
import { ROLES } from './roles';
import { flag, list, nullable, object, oneOf, optional, text, written, type Of } from './schema';

/** What was done to members, accounts and the kitchen as a whole. */
export const AUDIT_KINDS = [
  'joined',
  'role-changed',
  'removed',
  'left',
  'invitation-replaced',
  'password-changed',
  'signed-out-elsewhere',
  'account-deleted',
  'archive-saved',
  'archive-brought-in',
  'archive-taken-back',
  'people-locked',
  'people-unlocked',
  'people-forgotten',
] as const;
export type AuditKind = (typeof AUDIT_KINDS)[number];

const auditLine = object({
  id: id(),
  at: timestamp(),
  kind: oneOf(AUDIT_KINDS),
  /** Whose account did it, by name; "Somebody who left" where they took it with them. */
  by: name(),
  /** Whom it was done to; null where that is nobody else. */
  whom: nullable(name()),
  /** What it came to: a role, a way; empty where the kind says enough. */
  about: written(200),
});
export type AuditLine = Of<typeof auditLine>;
/** What was done, the newest first. */
export const auditPage = page('lines', auditLine);
export type AuditPage = Of<typeof auditPage>;

/** `personId`: which of the people of the kitchen a drinker is; nobody yet where it is not said. */
export const changeRole = object({ role: oneOf(ROLES), personId: optional(nullable(id())) });
export type ChangeRole = Of<typeof changeRole>;

/** Somebody who leaves has a kitchen of their own from then on. */
export const leaveKitchen = object({ kitchenName: text(80).label('Kitchen') });
export type LeaveKitchen = Of<typeof leaveKitchen>;

const known = () => written(PASSWORD_LENGTH.most).min(1).label('Password');
export const changePassword = object({ password: known(), newPassword: newPassword() });
export type ChangePassword = Of<typeof changePassword>;
/** `keepName`: what was done stays under their name; else it was done by somebody who left. */
export const deleteAccount = object({ password: known(), keepName: flag() });
export type DeleteAccount = Of<typeof deleteAccount>;

/** Where one is signed in. */
const openSession = object({
  id: id(),
  /** As the browser calls itself. */
  device: written(200),
  since: timestamp(),
  seenAt: timestamp(),
  here: flag(),
});
export const openSessions = object({ sessions: list(openSession, { most: 500 }) });
export type OpenSessions = Of<typeof openSessions>;

/** What is known of an account, for whoever has it. */
export const ownData = object({
  account: object({ id: id(), name: name(), email: text(254), since: timestamp() }),
  kitchen: object({ id: id(), name: name(), role: oneOf(ROLES), joinedAt: timestamp() }),
  sessions: list(openSession, { most: 500 }),
  audit: list(auditLine, { most: 500 }),
});
export type OwnData = Of<typeof ownData>;
