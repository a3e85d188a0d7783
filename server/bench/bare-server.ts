import { readFileSync } from 'node:fs';
import Fastify from 'fastify';
import pg from 'pg';
import { about, type Statement } from './recorded-sql';

/** What the peer answers: the statements that the application was seen to send, for each route. */
export interface BareRoutes {
  readonly databaseUrl: string;
  readonly connections: number;
  readonly routes: Readonly<Record<string, readonly Statement[]>>;
}

/**
 * A bare Fastify server that does the same SQL through `pg`, with no schema, no checks and no services: what the
 * application's routes are measured against.
 */
const { databaseUrl, connections, routes } = JSON.parse(readFileSync(process.argv[2]!, 'utf8')) as BareRoutes;
const pool = new pg.Pool({ connectionString: databaseUrl, max: connections });
const app = Fastify();

for (const [route, statements] of Object.entries(routes))
  app.post<{ Body: Readonly<Record<string, string>> }>(`/${route}`, async (request) => {
    const client = await pool.connect();
    try {
      let rows: unknown[] = [];
      for (const statement of statements) {
        const { text, values } = about(statement, request.body);
        ({ rows } = await client.query(text, values as unknown[] | undefined));
      }
      return rows;
    } finally {
      client.release();
    }
  });

await app.listen({ host: '127.0.0.1', port: 0 });
process.send?.({ port: (app.server.address() as { port: number }).port });
