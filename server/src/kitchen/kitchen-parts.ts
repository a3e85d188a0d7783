import type { Model, ModelStatic, Sequelize, Transaction } from 'sequelize';
import type { Models } from '../database/models';

/** Everything that a kitchen holds, table by table, in the order in which one needs the other. */
export const KITCHEN_PARTS = [
  'drinks',
  'drinkRevisions',
  'brews',
  'lots',
  'lotChanges',
  'brewEvents',
  'bottles',
  'pours',
  'bottleChanges',
  'tastings',
  'photos',
] as const satisfies readonly (keyof Models)[];
export type KitchenPart = (typeof KITCHEN_PARTS)[number];

/** What a kitchen has one of, in its own row, and the revisions of those that people edit. */
export const KITCHEN_DOCUMENTS = [
  'settings',
  'plan',
  'shopping',
  'people',
  'habitsSince',
  'brewsMade',
  'unplugged',
  'tareG',
] as const;
export const KITCHEN_REVISIONS = ['settingsRevision', 'planRevision', 'peopleRevision', 'shoppingRevision'] as const;

/** Some fields of a row. */
export const fieldsOf = <Row, Name extends keyof Row>(row: Row, names: readonly Name[]): Pick<Row, Name> =>
  Object.fromEntries(names.map((name) => [name, row[name]])) as Pick<Row, Name>;

/** Revisions after those that a kitchen has: whoever still edits an older document is told so. */
export const laterRevisions = (kitchen: Readonly<Record<(typeof KITCHEN_REVISIONS)[number], number>>) =>
  Object.fromEntries(KITCHEN_REVISIONS.map((name) => [name, kitchen[name] + 1])) as Record<
    (typeof KITCHEN_REVISIONS)[number],
    number
  >;

interface Tables {
  readonly sequelize: Sequelize;
  readonly models: Models;
}

/** A table of a kitchen without the types of its rows, for what is done to all of them alike. */
export const tableOf = (models: Models, part: KitchenPart | 'members'): ModelStatic<Model> => models[part] as never;

/** The columns of a table besides the kitchen, as PostgreSQL calls them. */
export const columnsOf = (table: ModelStatic<Model>): readonly string[] =>
  Object.values(table.getAttributes())
    .map(({ field }) => field as string)
    .filter((column) => column !== 'kitchen_id');

/** Copies all rows of one table from one kitchen to another, inside the database. */
async function copyPart(
  { sequelize, models }: Tables,
  part: KitchenPart | 'members',
  { from, to }: { readonly from: string; readonly to: string },
  transaction: Transaction,
): Promise<void> {
  const table = tableOf(models, part);
  const columns = columnsOf(table).join(', ');
  await sequelize.query(
    `INSERT INTO ${table.tableName} (kitchen_id, ${columns})
     SELECT :to, ${columns} FROM ${table.tableName} WHERE kitchen_id = :from`,
    { replacements: { from, to }, transaction },
  );
}

/**
 * Copies all that a kitchen holds into another that holds nothing, inside the database. What each row points to is looked
 * for by one plan for the rest of the transaction: by itself PostgreSQL makes one anew for every row where that table is split.
 */
export async function copyParts(
  tables: Tables,
  parts: readonly (KitchenPart | 'members')[],
  way: { readonly from: string; readonly to: string },
  transaction: Transaction,
): Promise<void> {
  await tables.sequelize.query('SET LOCAL plan_cache_mode = force_generic_plan', { transaction });
  for (const part of parts) await copyPart(tables, part, way, transaction);
}

/** Removes everything that a kitchen holds, and leaves the kitchen and its members. */
export async function clearKitchen({ models }: Tables, kitchenId: string, transaction: Transaction): Promise<void> {
  for (const part of [...KITCHEN_PARTS].reverse())
    await tableOf(models, part).destroy({ where: { kitchenId }, transaction });
}
