import { randomUUID } from 'node:crypto';
import type { AuditKind, AuditLine, AuditPage, PageQuery } from '@wellhydra/contract';
import { QueryTypes, type Sequelize, type Transaction } from 'sequelize';
import type { SignedIn } from '../accounts/session-store';
import type { Models } from '../database/models';
import { limitOf, pageOf, readCursor } from '../database/page';

interface DeedDetails {
  /** The account it was done to. */
  readonly doneTo?: string;
  /** What it came to. */
  readonly about?: string;
}

/** Writes down that something was done to members, an account or the kitchen as a whole. */
export async function noteDeed(
  models: Models,
  { kitchenId, accountId }: Pick<SignedIn, 'kitchenId' | 'accountId'>,
  kind: AuditKind,
  details: DeedDetails = {},
  transaction: Transaction | null = null,
): Promise<void> {
  await models.auditLines.create(
    { kitchenId, id: randomUUID(), happenedAt: new Date(), kind, doneBy: accountId, ...details },
    { transaction },
  );
}

/**
 * What was done in a kitchen, the newest first.
 *
 * @param by only what this account did, where it is given
 */
export async function listDeeds(
  sequelize: Sequelize,
  kitchenId: string,
  asked: PageQuery,
  by: string | null = null,
): Promise<AuditPage> {
  const [before, beforeId] = readCursor(asked.cursor, ['moment', 'id']) ?? [];
  const rows = await sequelize.query<Omit<AuditLine, 'at'> & { readonly at: Date }>(
    `SELECT l.id, l.happened_at AS at, l.kind, a.name AS by, w.name AS whom, l.about
     FROM audit_lines l JOIN accounts a ON a.id = l.done_by LEFT JOIN accounts w ON w.id = l.done_to
     WHERE l.kitchen_id = :kitchenId ${by ? 'AND l.done_by = :by' : ''}
     ${before ? 'AND (l.happened_at, l.id) < (:before, :beforeId)' : ''}
     ORDER BY l.happened_at DESC, l.id DESC LIMIT :limit`,
    { replacements: { kitchenId, by, before, beforeId, limit: limitOf(asked) + 1 }, type: QueryTypes.SELECT },
  );
  const { rows: lines, next } = pageOf(rows, asked, ({ at, id }) => [at.toISOString(), id]);
  return { lines: lines.map((line) => ({ ...line, at: line.at.toISOString() })), next };
}
