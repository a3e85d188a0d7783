import { createHash, randomBytes } from 'node:crypto';
import { QueryTypes, type Sequelize, type Transaction } from 'sequelize';
import type { Models } from '../database/models';

/** A session ends this long after signing in. */
export const SESSION_DAYS = 60;
const TOKEN_BYTES = 32;

/** Who is signed in, and into which kitchen. */
export interface SignedIn {
  readonly accountId: string;
  readonly accountName: string;
  readonly email: string;
  readonly kitchenId: string;
  readonly kitchenName: string;
  readonly demo: boolean;
}

/** Only a hash of the token is stored: a leaked table opens nothing. */
const hashOf = (token: string): string => createHash('sha256').update(token).digest('base64url');

/** Starts a session and returns its token. */
export async function startSession(
  models: Models,
  kitchenId: string,
  accountId: string,
  transaction?: Transaction,
): Promise<string> {
  const token = randomBytes(TOKEN_BYTES).toString('base64url');
  const expiresAt = new Date(Date.now() + SESSION_DAYS * 86_400_000);
  await models.sessions.create(
    { tokenHash: hashOf(token), kitchenId, accountId, expiresAt },
    { transaction: transaction ?? null },
  );
  return token;
}

/** Ends a session; nothing happens when there is none. */
export async function endSession(models: Models, token: string): Promise<void> {
  await models.sessions.destroy({ where: { tokenHash: hashOf(token) } });
}

/** The session with a token, unless it has ended. */
export async function findSession(sequelize: Sequelize, token: string): Promise<SignedIn | undefined> {
  const [found] = await sequelize.query<SignedIn>(
    `SELECT a.id AS "accountId", a.name AS "accountName", a.email,
            k.id AS "kitchenId", k.name AS "kitchenName", (k.demo_day IS NOT NULL OR k.expires_at IS NOT NULL) AS demo
     FROM sessions s JOIN accounts a ON a.id = s.account_id JOIN kitchens k ON k.id = s.kitchen_id
     WHERE s.token_hash = :hash AND s.expires_at > now()`,
    { replacements: { hash: hashOf(token) }, type: QueryTypes.SELECT },
  );
  return found;
}

/** Removes sessions that have ended. */
export async function forgetEndedSessions(sequelize: Sequelize): Promise<void> {
  await sequelize.query('DELETE FROM sessions WHERE expires_at <= now()');
}
