import Joi from 'joi';
import { integer, list, nullable, object, optional, text, type Of, type Schema } from './schema';

/** An id made by whoever creates the thing, so that sending it twice does no harm: UUID version 4, small letters. */
export const id = (): Joi.StringSchema & Schema<string> =>
  Joi.string().pattern(/^[0-9a-f]{8}-[0-9a-f]{4}-4[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/, {
    name: 'id (UUID version 4, small letters)',
  });

/** Nothing in a kitchen happens before or after these. */
export const MOMENTS = { first: '2000-01-01T00:00:00.000Z', last: '2100-01-01T00:00:00.000Z' } as const;
const ISO = /^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}(?::\d{2}(?:\.\d{1,9})?)?(?:Z|[+-]\d{2}:\d{2})$/;

/** A moment with its zone, ISO 8601. */
export const timestamp = (): Joi.StringSchema & Schema<string> =>
  Joi.string()
    .pattern(ISO, { name: 'moment such as 2026-11-03T07:30:00Z' })
    .custom((value: string, helpers) => {
      const moment = Date.parse(value);
      const isIn = moment >= Date.parse(MOMENTS.first) && moment <= Date.parse(MOMENTS.last);
      return isIn ? value : helpers.error('moment.range');
    });

/** The id of a step, slot or variant: made by the application, and part of a document. */
export const partId = (): Joi.StringSchema & Schema<string> => text(64);
/** A name that the server has stored. */
export const name = (): Joi.StringSchema & Schema<string> => text(200);
export const revision = (): Schema<number> => integer(1);
/** Revision that an edit started from; 0 for the first. */
export const expectedRevision = (): Schema<number> => integer(0);

export const idParams = object({ id: id() });
export type IdParams = Of<typeof idParams>;

/** How much of a list comes at once. */
export const PAGE = { most: 500, usual: 100 } as const;

/** Where a page begins, as the page before it has said. */
const cursor = (): Schema<string> => text(200);
/** What every list can be asked. */
export const pageFields = {
  cursor: optional(cursor()),
  limit: optional(Joi.number().integer().min(1).max(PAGE.most).default(PAGE.usual) as Schema<number>),
};
export const pageQuery = object(pageFields);
export type PageQuery = Of<typeof pageQuery>;

/** A page of a list: its rows, and where the next one begins; null for the last. */
export const page = <Name extends string, T>(rows: Name, row: Schema<T>) =>
  object({ [rows]: list(row, { most: PAGE.most }), next: nullable(cursor()) } as Readonly<
    Record<Name, Schema<readonly T[]>>
  > & { readonly next: Schema<string | null> });
