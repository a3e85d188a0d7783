import { QueryTypes, type Sequelize, type Transaction } from 'sequelize';
import type { OpenSessions, Role } from '@wellhydra/contract';
import type { Models } from '../database/models';
import { keyForSession, keyOfSession } from '../people/people-seal';
import { hashOfToken, newToken } from './secret-token';

/** A session ends this long after signing in. */
export const SESSION_DAYS = 60;

/** Who is signed in, and into which kitchen. */
export interface SignedIn {
  readonly accountId: string;
  readonly accountName: string;
  readonly email: string;
  readonly kitchenId: string;
  readonly kitchenName: string;
  readonly demo: boolean;
  readonly role: Role;
  /** Which of the people of the kitchen a drinker is; null where nobody has said, and of everybody else. */
  readonly personId: string | null;
  /** What opens the people of the kitchen, where they are under a passphrase that this session has said; never told. */
  readonly peopleKey: Buffer | null;
}

/** A session as it comes in: whose it is, and that it was not seen for a while. */
interface FoundSession extends Omit<SignedIn, 'peopleKey'> {
  readonly unseen: boolean;
  readonly keptKey: Buffer | null;
}

const LONGEST_DEVICE = 200;
interface SessionStart {
  /** As the browser calls itself. */
  readonly device?: string | undefined;
  readonly transaction?: Transaction;
}

/** Starts a session and returns its token. */
export async function startSession(
  models: Models,
  kitchenId: string,
  accountId: string,
  { device = '', transaction }: SessionStart = {},
): Promise<string> {
  const token = newToken();
  const expiresAt = new Date(Date.now() + SESSION_DAYS * 86_400_000);
  await models.sessions.create(
    { tokenHash: hashOfToken(token), kitchenId, accountId, expiresAt, device: device.slice(0, LONGEST_DEVICE) },
    { transaction: transaction ?? null },
  );
  return token;
}

/** Ends a session; nothing happens when there is none. */
export async function endSession(models: Models, token: string): Promise<void> {
  await models.sessions.destroy({ where: { tokenHash: hashOfToken(token) } });
}

/** The session with a token, unless it has ended. That it was seen is noted once an hour. */
export async function findSession(sequelize: Sequelize, token: string): Promise<SignedIn | undefined> {
  const replacements = { hash: hashOfToken(token) };
  const [found] = await sequelize.query<FoundSession>(
    `SELECT a.id AS "accountId", a.name AS "accountName", a.email, m.role, m.person_id AS "personId",
            k.id AS "kitchenId", k.name AS "kitchenName", (k.demo_day IS NOT NULL OR k.expires_at IS NOT NULL) AS demo,
            s.seen_at < now() - interval '1 hour' AS unseen, s.people_key AS "keptKey"
     FROM sessions s JOIN accounts a ON a.id = s.account_id JOIN kitchens k ON k.id = s.kitchen_id
     JOIN members m ON m.kitchen_id = s.kitchen_id AND m.account_id = s.account_id
     WHERE s.token_hash = :hash AND s.expires_at > now()`,
    { replacements, type: QueryTypes.SELECT },
  );
  if (!found) return undefined;
  const { unseen, keptKey, ...who } = found;
  if (unseen)
    // Where the database takes nothing in just now, whoever is in can look all the same.
    await sequelize
      .query('UPDATE sessions SET seen_at = now() WHERE token_hash = :hash', { replacements })
      .catch(() => undefined);
  return { ...who, peopleKey: keptKey && keyOfSession(keptKey, token) };
}

/** Keeps with a session what opens the people of its kitchen, sealed by its token; null shuts them. */
export async function keepPeopleKey(
  sequelize: Sequelize,
  token: string,
  key: Buffer | null,
  transaction: Transaction | null = null,
): Promise<void> {
  await sequelize.query('UPDATE sessions SET people_key = :key WHERE token_hash = :hash', {
    replacements: { hash: hashOfToken(token), key: key && keyForSession(key, token) },
    transaction,
  });
}

/** Where an account is signed in to a kitchen, the one seen last first. */
export async function listSessions(
  sequelize: Sequelize,
  { accountId, kitchenId }: SignedIn,
  token: string,
): Promise<OpenSessions['sessions']> {
  const rows = await sequelize.query<{ id: string; device: string; since: Date; seenAt: Date; here: boolean }>(
    `SELECT id, device, created_at AS since, seen_at AS "seenAt", token_hash = :hash AS here
     FROM sessions WHERE account_id = :accountId AND kitchen_id = :kitchenId AND expires_at > now()
     ORDER BY here DESC, seen_at DESC LIMIT 500`,
    { replacements: { accountId, kitchenId, hash: hashOfToken(token) }, type: QueryTypes.SELECT },
  );
  return rows.map(({ since, seenAt, ...row }) => ({
    ...row,
    since: since.toISOString(),
    seenAt: seenAt.toISOString(),
  }));
}

/** Ends the sessions of an account in a kitchen: one by its id, or all but the one with a token. Returns how many. */
export async function endOtherSessions(
  sequelize: Sequelize,
  { accountId, kitchenId }: Pick<SignedIn, 'accountId' | 'kitchenId'>,
  which: { readonly id: string } | { readonly but: string },
): Promise<number> {
  const one = 'id' in which;
  const [ended] = await sequelize.query(
    `DELETE FROM sessions WHERE account_id = :accountId AND kitchen_id = :kitchenId
     AND ${one ? 'id = :which' : 'token_hash <> :which'} RETURNING id`,
    { replacements: { accountId, kitchenId, which: one ? which.id : hashOfToken(which.but) } },
  );
  return ended.length;
}

/** Removes sessions that have ended. */
export async function forgetEndedSessions(sequelize: Sequelize): Promise<void> {
  await sequelize.query('DELETE FROM sessions WHERE expires_at <= now()');
}
