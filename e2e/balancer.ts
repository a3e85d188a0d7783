import { once } from 'node:events';
import { createServer, request as ask, type IncomingMessage, type ServerResponse } from 'node:http';
import type { AddressInfo } from 'node:net';

/** A small balancer: each request goes to the next server, and to the one after it where that one cannot be reached. */
export interface Balancer {
  readonly url: string;
  /** How many answers each server has given, in the order in which they were named. */
  readonly answered: () => readonly number[];
  readonly close: () => Promise<void>;
}

export async function balance(urls: readonly string[]): Promise<Balancer> {
  const answered = urls.map(() => 0);
  let turn = 0;

  function pass(from: IncomingMessage, to: ServerResponse, body: Buffer, tries: number): void {
    const at = turn++ % urls.length;
    const { hostname, port } = new URL(urls[at]!);
    const { method, url, headers } = from;
    const onward = ask({ hostname, port, method, path: url, headers });
    onward.on('response', (answer) => {
      answered[at]! += 1;
      to.writeHead(answer.statusCode ?? 502, answer.headers);
      answer.pipe(to);
      // Cut off in the middle: the one who asked is cut off, too.
      answer.on('error', () => to.destroy());
    });
    onward.on('error', (error: NodeJS.ErrnoException) => {
      if (to.headersSent) return to.destroy();
      // Nothing of it was heard: the next one is asked. What was cut off may have been done, and is not asked again.
      if (error.code === 'ECONNREFUSED' && tries > 1) return pass(from, to, body, tries - 1);
      to.writeHead(502).end();
    });
    to.on('close', () => onward.destroy());
    onward.end(body);
  }

  const server = createServer((from, to) => {
    const parts: Buffer[] = [];
    from.on('data', (part: Buffer) => parts.push(part));
    from.on('end', () => pass(from, to, Buffer.concat(parts), urls.length));
  }).listen(0, 'localhost');
  await once(server, 'listening');
  return {
    url: `http://localhost:${(server.address() as AddressInfo).port}`,
    answered: () => [...answered],
    close: async () => {
      server.close();
      server.closeAllConnections();
      await once(server, 'close').catch(() => undefined);
    },
  };
}
