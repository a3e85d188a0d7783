import type { ArchiveOutcome } from '@wellhydra/contract';
import { QueryTypes, type Transaction } from 'sequelize';
import { columnsOf, tableOf } from '../kitchen/kitchen-parts';
import { ARCHIVE_PARTS, type ArchivePart } from './archive-parts';
import type { ArchiveContext } from './write-archive';

interface Kitchens {
  readonly before: string;
  readonly after: string;
}
type Change = ArchiveOutcome['changes'][number];

const NAMES_TOLD = 50;

/** What of a table became what, by its keys; whose account noted it is no difference. */
async function comparePart(
  { sequelize, models }: ArchiveContext,
  { is, part, hand }: ArchivePart,
  { before, after }: Kitchens,
  transaction: Transaction,
): Promise<Change> {
  const table = tableOf(models, part);
  const attributes = table.getAttributes();
  const keys = table.primaryKeyAttributes
    .map((name) => attributes[name]!.field as string)
    .filter((column) => column !== 'kitchen_id');
  const by = hand ? attributes[hand]!.field : null;
  // A photo is one by its id: its bytes are not held against each other.
  const told = columnsOf(table).filter((column) => column !== by && column !== 'picture' && column !== 'thumbnail');
  const row = (of: string) => `(${told.map((column) => `${of}.${column}`).join(', ')})`;
  const [counts] = await sequelize.query<Omit<Change, 'is'>>(
    `SELECT count(*) FILTER (WHERE o.kitchen_id IS NULL)::int AS added,
            count(*) FILTER (WHERE n.kitchen_id IS NULL)::int AS removed,
            count(*) FILTER (WHERE n.kitchen_id IS NOT NULL AND o.kitchen_id IS NOT NULL
              AND ${row('n')} IS DISTINCT FROM ${row('o')})::int AS changed,
            count(*) FILTER (WHERE ${row('n')} IS NOT DISTINCT FROM ${row('o')})::int AS same
     FROM (SELECT * FROM ${table.tableName} WHERE kitchen_id = :after) n
     FULL JOIN (SELECT * FROM ${table.tableName} WHERE kitchen_id = :before) o
       ON ${keys.map((column) => `n.${column} = o.${column}`).join(' AND ')}`,
    { replacements: { before, after }, type: QueryTypes.SELECT, transaction },
  );
  return { is: is as Change['is'], ...counts! };
}

/** What became of a kitchen's drinks, by name. */
async function compareDrinks(
  { sequelize }: ArchiveContext,
  { before, after }: Kitchens,
  transaction: Transaction,
): Promise<ArchiveOutcome['drinks']> {
  const live = (kitchen: string) =>
    `(SELECT id, document FROM drinks WHERE kitchen_id = :${kitchen} AND deleted_at IS NULL)`;
  const rows = await sequelize.query<{ name: string; became: keyof ArchiveOutcome['drinks'] }>(
    `SELECT * FROM (
       SELECT coalesce(n.document, o.document) ->> 'name' AS name,
              CASE WHEN o.id IS NULL THEN 'added' WHEN n.id IS NULL THEN 'removed' ELSE 'changed' END AS became
       FROM ${live('after')} n FULL JOIN ${live('before')} o ON o.id = n.id
       WHERE n.document IS DISTINCT FROM o.document) d ORDER BY lower(name)`,
    { replacements: { before, after }, type: QueryTypes.SELECT, transaction },
  );
  const told = (became: keyof ArchiveOutcome['drinks']) =>
    rows
      .filter((each) => each.became === became)
      .slice(0, NAMES_TOLD)
      .map(({ name }) => name);
  return { added: told('added'), changed: told('changed'), removed: told('removed') };
}

/** What two states of a kitchen differ in. */
export async function compareKitchens(
  context: ArchiveContext,
  kitchens: Kitchens,
  transaction: Transaction,
): Promise<ArchiveOutcome> {
  const changes: Change[] = [];
  for (const part of ARCHIVE_PARTS) changes.push(await comparePart(context, part, kitchens, transaction));
  const [documents] = await context.sequelize.query<Record<ArchiveOutcome['documents'][number], boolean>>(
    `SELECT n.settings IS DISTINCT FROM o.settings AS settings, n.plan IS DISTINCT FROM o.plan AS plan,
            n.people IS DISTINCT FROM o.people AS people, n.shopping IS DISTINCT FROM o.shopping AS shopping
     FROM kitchens n, kitchens o WHERE n.id = :after AND o.id = :before`,
    { replacements: { ...kitchens }, type: QueryTypes.SELECT, transaction },
  );
  return {
    changes,
    drinks: await compareDrinks(context, kitchens, transaction),
    documents: (['settings', 'plan', 'people', 'shopping'] as const).filter((each) => documents![each]),
  };
}
