import { randomUUID } from 'node:crypto';
import type { AuditKind, AuditLine, AuditPage, PageQuery } from '@wellhydra/contract';
import { QueryTypes, type Sequelize, type Transaction } from 'sequelize';
import type { SignedIn } from '../accounts/session-store';
import type { Models } from '../database/models';
import { limitOf, pageOf, readCursor } from '../database/page';

/** Writes down that something was done to members, an account or the kitchen as a whole. */
export async function noteDeed(
  models: Models,
  { kitchenId, accountName }: Pick<SignedIn, 'kitchenId' | 'accountName'>,
  kind: AuditKind,
  about = '',
  transaction: Transaction | null = null,
): Promise<void> {
  await models.auditLines.create(
    { kitchenId, id: randomUUID(), happenedAt: new Date(), kind, doneBy: accountName, about },
    { transaction },
  );
}

/** What was done in a kitchen, the newest first. */
export async function listDeeds(sequelize: Sequelize, kitchenId: string, asked: PageQuery): Promise<AuditPage> {
  const [before, beforeId] = readCursor(asked.cursor, ['moment', 'id']) ?? [];
  const rows = await sequelize.query<Omit<AuditLine, 'at'> & { readonly at: Date }>(
    `SELECT id, happened_at AS at, kind, done_by AS by, about FROM audit_lines WHERE kitchen_id = :kitchenId
     ${before ? 'AND (happened_at, id) < (:before, :beforeId)' : ''}
     ORDER BY happened_at DESC, id DESC LIMIT :limit`,
    { replacements: { kitchenId, before, beforeId, limit: limitOf(asked) + 1 }, type: QueryTypes.SELECT },
  );
  const { rows: lines, next } = pageOf(rows, asked, ({ at, id }) => [at.toISOString(), id]);
  return { lines: lines.map((line) => ({ ...line, at: line.at.toISOString() })), next };
}
