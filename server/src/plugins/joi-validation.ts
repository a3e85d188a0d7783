import { inWords, shapeFault } from '@wellhydra/contract';
import fastifyPlugin from 'fastify-plugin';
import type Joi from 'joi';
import { Problem } from '../problem';

/** Where a request was wrong, and how. */
interface RequestFault {
  readonly at: string;
  readonly message: string;
}

/** So many faults are told at once, and so much of each: whoever mends the first ones asks again. */
const MOST_FAULTS = 8;
const MOST_LETTERS = 160;
const short = (text: string): string => (text.length > MOST_LETTERS ? `${text.slice(0, MOST_LETTERS)} …` : text);

function faultsOf(error: Joi.ValidationError, part: string): readonly RequestFault[] {
  return error.details.slice(0, MOST_FAULTS).map(({ path, message }) => ({
    at: short([part, ...path].join('.')),
    message: short(message),
  }));
}

const refused = (faults: readonly RequestFault[]): Problem =>
  new Problem('invalid-request', faults, faults.map(({ message }) => message).join('. '));

/**
 * Joi for params, query, body and answers. The size of a body is looked at before its fields: rules that cost see
 * nothing larger than they are made for. Params and query are text and may be converted.
 *
 * @param strictAnswers whether answers are held against the contract, as in all tests: half of what a list costs
 */
export const joiValidationPlugin = fastifyPlugin<{ strictAnswers: boolean }>(
  async (app, { strictAnswers }) => {
    app.setValidatorCompiler<Joi.Schema>(({ schema: told, httpPart = 'body' }) => {
      const schema = inWords(told);
      return (data) => {
        const tooMuch = httpPart === 'body' ? shapeFault(data) : undefined;
        if (tooMuch) return { error: refused([{ ...tooMuch, message: `"${short(tooMuch.at)}" ${tooMuch.message}` }]) };
        const { value, error } = schema.validate(data, { abortEarly: false, convert: true });
        return error ? { error: refused(faultsOf(error, httpPart)) } : { value };
      };
    });
    app.setSerializerCompiler<Joi.Schema>(({ schema: told, url, method }) => {
      if (!strictAnswers) return JSON.stringify;
      const schema = inWords(told);
      return (data) => {
        const { error } = schema.validate(data, { abortEarly: false, convert: false });
        if (error)
          throw new Error(
            `${method} ${url}: the answer breaks the contract: ${JSON.stringify(faultsOf(error, 'answer'))}`,
          );
        return JSON.stringify(data);
      };
    });
  },
  { name: 'joi-validation' },
);
