import fastifyPlugin from 'fastify-plugin';
import type Joi from 'joi';
import { Problem } from '../problem';

/** Where a request was wrong, and how. */
interface RequestFault {
  readonly at: string;
  readonly message: string;
}

function faultsOf(error: Joi.ValidationError, part: string): readonly RequestFault[] {
  return error.details.map(({ path, message }) => ({ at: [part, ...path].join('.'), message }));
}

/**
 * Joi for params, query, body and answers. A body is taken as it was sent; params and query are text
 * and may be converted. An answer that breaks the contract is a fault of ours, and only logged.
 */
export const joiValidationPlugin = fastifyPlugin(
  async (app) => {
    app.setValidatorCompiler<Joi.Schema>(({ schema, httpPart = 'body' }) => (data) => {
      const { value, error } = schema.validate(data, { abortEarly: false, convert: true });
      if (!error) return { value };
      const faults = faultsOf(error, httpPart);
      return { error: new Problem('invalid-request', faults, faults.map(({ message }) => message).join('. ')) };
    });
    app.setSerializerCompiler<Joi.Schema>(({ schema, url, method }) => (data) => {
      const { error } = schema.validate(data, { abortEarly: false, convert: false });
      if (error) app.log.error({ url, method, faults: faultsOf(error, 'answer') }, 'answer breaks the contract');
      return JSON.stringify(data);
    });
  },
  { name: 'joi-validation' },
);
