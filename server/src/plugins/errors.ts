import fastifyPlugin from 'fastify-plugin';
import type { FastifyError } from 'fastify';
import { ConnectionAcquireTimeoutError, ConnectionError, DatabaseError, ForeignKeyConstraintError } from 'sequelize';
import { Problem } from '../problem';

/** SQLSTATE classes that mean the server is going away or cannot be reached. Source: PostgreSQL manual, appendix A. */
const UNAVAILABLE_STATES = /^(?:08|57P|53)/;

function isDatabaseDown(error: unknown): boolean {
  if (error instanceof ConnectionError || error instanceof ConnectionAcquireTimeoutError) return true;
  if (!(error instanceof DatabaseError)) return false;
  const { code } = error.parent as Error & { code?: string };
  return code !== undefined
    ? UNAVAILABLE_STATES.test(code) || code.startsWith('E')
    : /terminated|closed/i.test(error.message);
}

function problemOf(error: FastifyError): Problem {
  if (error instanceof Problem) return error;
  if (isDatabaseDown(error)) return new Problem('database-unavailable');
  if (error instanceof ForeignKeyConstraintError) return new Problem('not-found');
  if (error.statusCode === 413) return new Problem('too-large');
  if (error.statusCode === 429) return new Problem('too-many-requests');
  if (error.statusCode !== undefined && error.statusCode < 500)
    return new Problem('invalid-request', undefined, error.message);
  return new Problem('unexpected');
}

/** The one place where a failure becomes an answer. */
export const errorsPlugin = fastifyPlugin(
  async (app) => {
    app.setErrorHandler<FastifyError>((error, request, reply) => {
      const problem = problemOf(error);
      if (problem.status >= 500) request.log.error({ err: error }, problem.code);
      if (problem.code === 'database-unavailable') reply.header('retry-after', '2');
      return reply.code(problem.status).type('application/json').serializer(JSON.stringify).send(problem.body);
    });
  },
  { name: 'errors' },
);
