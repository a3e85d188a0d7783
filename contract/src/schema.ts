import Joi from 'joi';

/**
 * Schemas that know what they describe: the type of a body is read off its schema ({@link Of}), so that the two cannot
 * part ways. Fields are required unless they are {@link optional}.
 */

declare const described: unique symbol;
export type Schema<T> = Joi.Schema & { readonly [described]?: T };
/** What a schema describes. */
export type Of<S> = S extends { readonly [described]?: infer T } ? Exclude<T, undefined> : never;

export interface Optional<T> {
  readonly schema: Schema<T>;
}
type Field = Schema<unknown> | Optional<unknown>;
type Fields = Readonly<Record<string, Field>>;
type OptionalKeys<F> = { [K in keyof F]: F[K] extends Optional<unknown> ? K : never }[keyof F];
type Shown<T> = { readonly [K in keyof T]: T[K] };
/** An object with these fields. */
export type ObjectOf<F> = Shown<
  { readonly [K in Exclude<keyof F, OptionalKeys<F>>]: Of<F[K]> } & {
    readonly [K in OptionalKeys<F>]?: F[K] extends Optional<infer T> ? T : never;
  }
>;

export const optional = <T>(schema: Schema<T>): Optional<T> => ({ schema });
const isOptional = (field: Field): field is Optional<unknown> => !Joi.isSchema(field);

/** The keys of an object schema, for those who go on with Joi's own words. */
const keysOf = (fields: Fields): Record<string, Joi.Schema> =>
  Object.fromEntries(
    Object.entries(fields).map(([name, field]) => [name, isOptional(field) ? field.schema : field.required()]),
  );

export const object = <F extends Fields>(fields: F): Joi.ObjectSchema & Schema<ObjectOf<F>> =>
  Joi.object(keysOf(fields));

/** The same field under several names. */
export const each = <Name extends string, F extends Field>(
  names: readonly Name[],
  field: F,
): Readonly<Record<Name, F>> => Object.fromEntries(names.map((name) => [name, field])) as Record<Name, F>;

export const nullable = <T>(schema: Schema<T>): Schema<T | null> => schema.allow(null);
export const oneOf = <T extends string | number | boolean | null>(values: readonly T[]): Schema<T> =>
  Joi.any().valid(...values);
export const flag = (): Schema<boolean> => Joi.boolean();

/** A number in a range, ends included. */
export const number = (least: number, most: number): Joi.NumberSchema & Schema<number> =>
  Joi.number().min(least).max(most);
export const integer = (least: number, most = MOST_INTEGER): Joi.NumberSchema & Schema<number> =>
  Joi.number().integer().min(least).max(most);
/** Any number that a computation has come to. */
export const figure = (): Schema<number> => Joi.number();
/** What a column of whole numbers holds. Source: PostgreSQL manual, 8.1. */
const MOST_INTEGER = 2_147_483_647;

/** Text has a length, is Unicode as it should be, and holds no NUL: PostgreSQL takes neither half a pair nor that. */
export const ILL_FORMED = /[\p{Surrogate}\0]/u;
const MESSAGES = {
  'text.illFormed': '{{#label}} holds characters that are none',
  'list.unique': '{{#label}} is there twice',
  'string.pattern.name': '{{#label}} is no {{#name}}',
  'own.trouble': '{{#label}}: {{#trouble}}',
  'moment.range': '{{#label}} lies outside of the years 2000 to 2099',
};
/**
 * A schema that says what is wrong in these words. They are said once, of what crosses HTTP as a whole: messages of each
 * text would be put together anew for each value, half of what it costs to look at one.
 */
export const inWords = <S extends Joi.Schema>(schema: S): S => schema.messages(MESSAGES) as S;
const wellFormed: Joi.CustomValidator<string> = (value, helpers) =>
  ILL_FORMED.test(value) ? helpers.error('text.illFormed') : value;
const string = (most: number): Joi.StringSchema => Joi.string().max(most).custom(wellFormed);

/** A line that says something: trimmed, and not empty. */
export const text = (most: number): Joi.StringSchema & Schema<string> => string(most).trim().min(1);
/** What somebody has written, as it is, also nothing. */
export const written = (most: number): Joi.StringSchema & Schema<string> => string(most).allow('');

interface ListRules<T> {
  readonly most: number;
  readonly least?: number;
  /** What no two rows may share. */
  readonly unique?: (row: T) => string;
}

/** A list of bounded length; whether rows repeat is looked at once, not each against each. */
export function list<T>(
  row: Schema<T>,
  { most, least = 0, unique }: ListRules<T>,
): Joi.ArraySchema & Schema<readonly T[]> {
  const rows = Joi.array().items(row).min(least).max(most);
  if (!unique) return rows;
  const check: Joi.CustomValidator<readonly T[]> = (value, helpers) => {
    if (value.length > most) return value;
    const seen = new Set<string>();
    for (const [index, each] of value.entries()) {
      const key = unique(each);
      if (seen.has(key)) return helpers.error('list.unique', { label: `row ${index + 1}` });
      seen.add(key);
    }
    return value;
  };
  return rows.custom(check);
}

/** Values by key. */
export const record = <T>(key: Joi.StringSchema, value: Schema<T>, most = 500): Schema<Readonly<Record<string, T>>> =>
  Joi.object().pattern(key, value.required()).max(most);

type Both<A, B> = [A] extends [B] ? ([B] extends [A] ? true : false) : false;
/**
 * Says that a schema describes a type of core's, and does not compile where it has other fields. Words that core takes
 * as any text may be fewer here.
 */
export const describes =
  <Core>() =>
  <S extends Schema<unknown>>(
    schema: [Of<S>] extends [Core] ? (Both<keyof Of<S>, keyof Core> extends true ? S : never) : never,
  ): S & Schema<Core> =>
    schema as S & Schema<Core>;
