import Joi from 'joi';

/** An object schema that names exactly the fields of a type, so that the two cannot part ways. */
export function objectOf<T extends object>(fields: { readonly [Field in keyof T]-?: Joi.Schema }): Joi.ObjectSchema<T> {
  return Joi.object<T>(fields);
}

/** An id made by whoever creates the thing, so that sending it twice does no harm. */
export const id = Joi.string().guid({ version: ['uuidv4'] });
export const timestamp = Joi.string().isoDate();
export const text = (most: number) => Joi.string().trim().min(1).max(most);

export interface IdParams {
  readonly id: string;
}
export const idParams = objectOf<IdParams>({ id: id.required() });
