import { DataTypes, type Model, type ModelAttributeColumnOptions, type ModelStatic, type Sequelize } from 'sequelize';

/**
 * Tables that are said once: the columns of a definition are both what Sequelize is told and the types of a row and of
 * a new row.
 */

declare const holds: unique symbol;
/** A column: what it holds, and whether a new row can leave it out. */
export interface Column<Value, Given extends boolean = true> {
  readonly options: ModelAttributeColumnOptions;
  readonly given: Given;
  readonly [holds]?: Value;
}
type Columns = Readonly<Record<string, Column<unknown, boolean>>>;
type ValueOf<C> = C extends Column<infer Value, boolean> ? Value : never;
type LeftOut<C extends Columns> = { [K in keyof C]: C[K] extends Column<unknown, false> ? K : never }[keyof C];

/** A row as it is read. */
export type RowOf<C extends Columns> = { -readonly [K in keyof C]: ValueOf<C[K]> };
/** A row as it is made. */
export type NewRowOf<C extends Columns> = { [K in Exclude<keyof C, LeftOut<C>>]: ValueOf<C[K]> } & {
  [K in LeftOut<C>]?: ValueOf<C[K]>;
};

const column = <Value>(options: ModelAttributeColumnOptions): Column<Value> => ({ options, given: true });
export const uuid = () => column<string>({ type: DataTypes.UUID });
export const text = <Value extends string = string>() => column<Value>({ type: DataTypes.TEXT });
export const integer = () => column<number>({ type: DataTypes.INTEGER });
export const flag = () => column<boolean>({ type: DataTypes.BOOLEAN });
export const double = () => column<number>({ type: DataTypes.DOUBLE });
export const moment = () => column<Date>({ type: DataTypes.DATE });
export const day = () => column<string>({ type: DataTypes.DATEONLY });
export const bytes = () => column<Buffer>({ type: DataTypes.BLOB });
export const json = <Value>() => column<Value>({ type: DataTypes.JSONB });

/** Part of the primary key. */
export const key = <C extends Column<unknown>>({ options, ...rest }: C): C =>
  ({ ...rest, options: { ...options, primaryKey: true } }) as C;
/** Null where nothing is said. */
export const nullable = <Value>({ options }: Column<Value>): Column<Value | null, false> => ({
  options: { ...options, allowNull: true },
  given: false,
});
export const withDefault = <Value>({ options }: Column<Value>, value: Value): Column<Value, false> => ({
  options: { ...options, defaultValue: value },
  given: false,
});

/** A table of the database as a model. */
export function defineTable<C extends Columns>(
  sequelize: Sequelize,
  tableName: string,
  columns: C,
): ModelStatic<Model<RowOf<C>, NewRowOf<C>> & RowOf<C>> {
  const attributes = Object.fromEntries(Object.entries(columns).map(([name, { options }]) => [name, options]));
  return sequelize.define(tableName, attributes as never, { tableName }) as never;
}
