import { ARCHIVE_VERSION, type ArchiveKind } from '@wellhydra/contract';
import { QueryTypes, type Sequelize, type Transaction } from 'sequelize';
import type { Models } from '../database/models';
import { KITCHEN_DOCUMENTS, fieldsOf, tableOf } from '../kitchen/kitchen-parts';
import { Problem } from '../problem';
import { ARCHIVE_PARTS, BYTES, inFile, type ArchivePart } from './archive-parts';

export interface ArchiveContext {
  readonly sequelize: Sequelize;
  readonly models: Models;
}
type Row = Readonly<Record<string, unknown>>;

/** Whoever is named in an archive, numbered as they first appear: no id and no e-mail of anybody goes into it. */
class Hands {
  private readonly numbers = new Map<string, number>();
  constructor(
    private readonly models: Models,
    private readonly transaction: Transaction,
  ) {}

  /** The number of an account, with the row that names it where it is the first time. */
  async numberOf(accountId: string): Promise<{ readonly hand: number; readonly row: Row | null }> {
    const known = this.numbers.get(accountId);
    if (known !== undefined) return { hand: known, row: null };
    const account = await this.models.accounts.findByPk(accountId, {
      attributes: ['name'],
      transaction: this.transaction,
      rejectOnEmpty: true,
    });
    const hand = this.numbers.size + 1;
    this.numbers.set(accountId, hand);
    return { hand, row: { is: 'hand', hand, name: account.name } };
  }
}

/** A row of a table as it stands in the file: fields in the order of the table, each under its name there. */
function fileRow(is: ArchiveKind, row: Row, part: ArchivePart, hand: number | null): Row {
  const fields = Object.entries(row).flatMap(([field, value]) => {
    if (field === part.hand) return [[field, hand]];
    return [[inFile(field), BYTES.has(field) ? (value as Buffer).toString('base64') : value]];
  });
  return { is, ...Object.fromEntries(fields) };
}

/** The rows of one table through a cursor, so that a large kitchen is never in memory as a whole. */
async function* rowsOf(
  { sequelize, models }: ArchiveContext,
  part: ArchivePart,
  kitchenId: string,
  transaction: Transaction,
): AsyncGenerator<Row> {
  const table = tableOf(models, part.part);
  const cursor = `archive_${table.tableName}`;
  const columns = Object.entries(table.getAttributes())
    .filter(([name]) => name !== 'kitchenId')
    .map(([name, { field }]) => `${field} AS "${name}"`);
  await sequelize.query(
    `DECLARE ${cursor} NO SCROLL CURSOR FOR
     SELECT ${columns.join(', ')} FROM ${table.tableName} WHERE kitchen_id = :kitchenId ORDER BY ${part.order}`,
    { replacements: { kitchenId }, transaction },
  );
  for (;;) {
    const rows = await sequelize.query<Row>(`FETCH ${part.page} FROM ${cursor}`, {
      type: QueryTypes.SELECT,
      transaction,
    });
    yield* rows;
    if (rows.length < part.page) return;
  }
}

/**
 * A kitchen as the lines of its archive, as it is at one moment. The same kitchen gives the same lines, to the byte.
 *
 * @throws Problem `not-found` where there is no such kitchen
 */
export async function* archiveLines(
  context: ArchiveContext,
  kitchenId: string,
  transaction: Transaction,
): AsyncGenerator<string> {
  const { models } = context;
  const kitchen = await models.kitchens.findByPk(kitchenId, { raw: true, transaction });
  if (!kitchen) throw new Problem('not-found');
  const hands = new Hands(models, transaction);
  let rows = 0;
  const line = (row: Row): string => {
    rows += 1;
    return `${JSON.stringify(row)}\n`;
  };
  yield line({ is: 'kitchen-archive', version: ARCHIVE_VERSION, name: kitchen.name });
  const documents = Object.entries(fieldsOf(kitchen, KITCHEN_DOCUMENTS)).map(([name, value]) => [inFile(name), value]);
  yield line({ is: 'kitchen', ...Object.fromEntries(documents) });
  for (const part of ARCHIVE_PARTS)
    for await (const row of rowsOf(context, part, kitchenId, transaction)) {
      const by = part.hand ? await hands.numberOf(row[part.hand] as string) : null;
      if (by?.row) yield line(by.row);
      yield line(fileRow(part.is, row, part, by?.hand ?? null));
    }
  yield `${JSON.stringify({ is: 'end', rows })}\n`;
}
