import fastifyPlugin from 'fastify-plugin';
import type { FastifyError, FastifyReply, FastifyRequest } from 'fastify';
import { ERROR_BODY_BYTES, type ErrorBody } from '@wellhydra/contract';
import {
  ConnectionAcquireTimeoutError,
  ConnectionError,
  DatabaseError,
  ForeignKeyConstraintError,
  UniqueConstraintError,
} from 'sequelize';
import { Problem } from '../problem';

/** SQLSTATE classes that mean the server is going away or cannot be reached. Source: PostgreSQL manual, appendix A. */
const UNAVAILABLE_STATES = /^(?:08|57P|53)/;

/** A statement that writes, where the database takes nothing in: in recovery, or held back by whoever runs it. */
const READ_ONLY_STATE = '25006';

function isDatabaseDown(error: unknown): boolean {
  if (error instanceof ConnectionError || error instanceof ConnectionAcquireTimeoutError) return true;
  if (!(error instanceof DatabaseError)) return false;
  const { code } = error.parent as Error & { code?: string };
  return code !== undefined
    ? code === READ_ONLY_STATE || UNAVAILABLE_STATES.test(code) || code.startsWith('E')
    : /terminated|closed/i.test(error.message);
}

function problemOf(error: FastifyError): Problem {
  if (error instanceof Problem) return error;
  if (isDatabaseDown(error)) return new Problem('database-unavailable');
  if (error instanceof ForeignKeyConstraintError) return new Problem('not-found');
  if (error instanceof UniqueConstraintError) return new Problem('already-there');
  if (error.statusCode === 413) return new Problem('too-large');
  if (error.statusCode === 429) return new Problem('too-many-requests');
  if (error.statusCode !== undefined && error.statusCode < 500)
    return new Problem('invalid-request', undefined, error.message);
  return new Problem('unexpected');
}

const sizeOf = (body: ErrorBody): number => Buffer.byteLength(JSON.stringify(body));
const SHORT_MESSAGE = 600;

/** An error that is no larger than errors are: whoever sends much gets little back. */
function bounded(body: ErrorBody): ErrorBody {
  if (sizeOf(body) <= ERROR_BODY_BYTES) return body;
  const { code, message, details } = body;
  const short = message.length > SHORT_MESSAGE ? `${[...message].slice(0, SHORT_MESSAGE).join('')} …` : message;
  const [first] = Array.isArray(details) ? details : [];
  const withFirst = { code, message: short, ...(first ? { details: [first] } : {}) };
  return sizeOf(withFirst) <= ERROR_BODY_BYTES ? withFirst : { code, message: short };
}

/** What is said of an address that no route can be looked for by: its length, or how it is written. */
export function refuseAddress(_error: FastifyError, _request: FastifyRequest, reply: FastifyReply): void {
  const { status, body } = new Problem('invalid-request', undefined, 'The address is too long, or cannot be read.');
  void reply.code(status).type('application/json').send(JSON.stringify(body));
}

/** The one place where a failure becomes an answer. */
export const errorsPlugin = fastifyPlugin(
  async (app) => {
    app.setErrorHandler<FastifyError>((error, request, reply) => {
      const problem = problemOf(error);
      if (problem.status >= 500) request.log.error({ err: error }, problem.code);
      if (problem.code === 'database-unavailable') reply.header('retry-after', '2');
      return reply.code(problem.status).type('application/json').serializer(JSON.stringify).send(bounded(problem.body));
    });
  },
  { name: 'errors' },
);
